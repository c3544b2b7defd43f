import type { PrepDay, PrepTask, PrepWould } from '../api/client';
import { t } from '../lang';
import { hourOf } from './prepTime';

/** The family whose texture a task wears: what it works towards. */
export const FAMILY: Record<PrepTask['doing'], string> = {
  receive: 'plain',
  thaw: 'plain',
  'break-down': 'fam-usable',
  'make-up': 'plain',
  stand: 'fam-portion',
  portion: 'fam-portion',
  pack: 'fam-portion',
  stock: 'fam-stock',
  simmer: 'fam-stock',
};

/** "Break down 5 hake, No. 131 to 135". */
export function taskName(one: PrepTask): string {
  switch (one.doing) {
    case 'receive':
      return t('prep.name-receive', { count: one.count, fish: one.fish, lot: one.lot });
    case 'thaw':
      return t('prep.name-thaw', { fish: one.fish });
    case 'break-down':
      return t('prep.name-break-down', { count: one.count, fish: one.fish, lot: one.lot });
    case 'make-up':
      return t('prep.name-make-up', { treatment: one.treatment, dish: one.dish });
    case 'stand':
      return t('prep.name-stand', { treatment: one.treatment, dish: one.dish });
    case 'portion':
      return t('prep.name-portion', { count: one.portions, dish: one.dish });
    case 'pack':
      return t('prep.name-pack', { count: one.portions, dish: one.dish });
    case 'stock':
      return t('prep.name-stock');
    case 'simmer':
      return t('prep.name-simmer');
  }
}

/** What matters most about the day, and what would help. */
export function daySays(day: PrepDay): string[] {
  const says = day.missing.map((one) =>
    t('prep.missing', { count: one.portions, of: one.of, dish: one.dish, service: one.service }),
  );
  if (day.tasks.length === 0) {
    return says.length > 0 ? says : [t('prep.nothing')];
  }
  if (day.tasks.every((one) => one.start === null) && day.cutters.every((one) => one.off)) {
    return [...says, t('prep.nobody')];
  }
  const [worst, ...others] = day.not_ready;
  if (!worst) {
    const end = day.finish === null ? '' : hourOf(day.finish);
    return [
      ...says,
      day.gap_pct === null ? t('prep.ready', { at: end }) : t('prep.ready-about', { at: end, pct: day.gap_pct }),
    ];
  }
  const late =
    worst.late === null
      ? t('prep.left-out', { dish: worst.dish, service: worst.service })
      : t('prep.late', { count: Math.ceil(worst.late), dish: worst.dish, service: worst.service });
  return [
    ...says,
    late,
    ...(others.length > 0 ? [t('prep.others-late', { count: others.length })] : []),
    cureSays(day.cure),
  ];
}

function cureSays(cure: PrepDay['cure']): string {
  switch (cure?.kind) {
    case 'earlier':
      return t('prep.cure-earlier', { who: cure.who, at: hourOf(cure.from ?? 0) });
    case 'longer':
      return t('prep.cure-longer', { who: cure.who, at: hourOf(cure.to ?? 0) });
    case 'more-hands':
      return t('prep.cure-more-hands', { at: hourOf(cure.from ?? 0), count: cure.minutes });
    case 'fillets':
      return t('prep.cure-fillets', { dish: cure.dish, count: cure.minutes });
    default:
      return t('prep.no-cure');
  }
}

/** What a task that hangs under a finger changes for the rest. */
export function wouldSay(would: PrepWould['would']): string {
  const at = hourOf(would.finish_at);
  if (would.left_out > 0) {
    return t('prep.would-leave-out', { count: would.left_out });
  }
  if (would.late >= 1) {
    return t('prep.would-late', { count: Math.round(would.late) });
  }
  if (would.finish >= 1) {
    return t('prep.would-later', { count: Math.round(would.finish), at });
  }
  return would.finish <= -1
    ? t('prep.would-earlier', { count: Math.round(-would.finish), at })
    : t('prep.would-nothing', { at });
}
