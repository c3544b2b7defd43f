import type { HouseTreatment } from '../api/client';
import { t } from '../lang';
import { span } from '../ui/DishTimer';

export const AIMS: Record<HouseTreatment['aims'][number], string> = {
  season: t('treatments.season'),
  firm: t('treatments.firm'),
  'keep-moist': t('treatments.keep-moist'),
  'draw-water': t('treatments.draw-water'),
  colour: t('treatments.colour'),
};

const INGREDIENTS: Record<string, string> = {
  water: t('treatments.water'),
  salt: t('treatments.salt'),
  sugar: t('treatments.sugar'),
};

/** What is weighed in, by its name: the house's own aromatics are called as the house calls them. */
export function ingredient(name: string): string {
  return INGREDIENTS[name] ?? name.charAt(0).toUpperCase() + name.slice(1);
}

/** "6 %, 25 min (15 to 60 min)": how it is done, on one line. */
export function how(one: HouseTreatment): string {
  const parts = [
    one.strength_pct === null ? '' : `${one.strength_pct} %`,
    one.salt_pct === null ? '' : t('treatments.salt-pct', { pct: one.salt_pct }),
    one.sugar_pct ? t('treatments.sugar-pct', { pct: one.sugar_pct }) : '',
    t('treatments.time', {
      usual: span(one.minutes * 60),
      from: span(one.minutes_from * 60),
      to: span(one.minutes_to * 60),
    }),
  ];
  return parts.filter(Boolean).join(', ');
}

/** What it does not do, in words that cannot be misread. */
export function notFor(one: HouseTreatment): string {
  return one.not_for.includes('cooking') ? t('treatments.replaces-neither') : t('treatments.replaces-no-freezing');
}
