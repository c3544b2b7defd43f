import type { Line } from '../api/client';
import { t } from '../lang';

/** The line one comes back from. */
export function lineOf(state: unknown): string | null {
  return state !== null && typeof state === 'object' && 'line' in state && typeof state.line === 'string'
    ? state.line
    : null;
}

/** What a line still lacks, in one sentence. */
export function stillToCome(line: Line): string {
  return line.count === null
    ? t('atTheDoor.no-was-weighed-in', { species: line.species.name })
    : t('atTheDoor.of-fish-are-still-to-come', {
        species: line.species.name,
        n: line.count - line.received_count,
        n2: line.count,
      });
}

/** A line with fish still to come, by its count or its weight; `onTheWay` are weighed and not yet stored. */
export function wanting(line: Line, onTheWay = 0): boolean {
  return line.count !== null ? line.received_count + onTheWay < line.count : line.fish.length + onTheWay === 0;
}

/** What to do next at the door; `nth` is the fish of the line that comes now. */
export function nextFish(lines: Line[], line: Line | undefined, nth: number): string {
  if (!line) {
    return '';
  }
  if (lines.some((one) => wanting(one))) {
    const of =
      line.count === null
        ? ''
        : nth <= line.count
          ? ` ${t('atTheDoor.of', { n: line.count })}`
          : t('atTheDoor.one-more-than-invoiced');
    return t('atTheDoor.put-on-the-scale-without-ice', { species: line.species.name, nth, of });
  }
  const unseen = lines.find((l) => l.fish.some((fish) => fish.verdict === null));
  return unseen
    ? t('atTheDoor.inspect-the-not-inspected-yet', { species: unseen.species.name })
    : t('atTheDoor.all-invoiced-fish-are-in-and');
}

/** A fish that was weighed in, as the pan lists its readings. */
export function weighedIn(fish: Line['fish'][number], line: Line) {
  return {
    id: fish.id,
    piece: fish.id,
    name: t('atTheDoor.no', {
      species: line.species.name,
      number: fish.number,
      of: fish.count > 1 ? t('atTheDoor.fish', { n: fish.count }) : '',
      tag: fish.tag ? `, ${fish.tag}` : '',
    }),
    mass: fish.mass,
    by: fish.by ?? '',
    at: fish.at,
    source: 'pan' as const,
    taken_back: null,
  };
}
