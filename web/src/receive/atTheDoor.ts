import type { Line } from '../api/client';

/** The line one comes back from. */
export function lineOf(state: unknown): string | null {
  return state !== null && typeof state === 'object' && 'line' in state && typeof state.line === 'string'
    ? state.line
    : null;
}

/** What a line still lacks, in one sentence. */
export function stillToCome(line: Line): string {
  return line.count === null
    ? `No ${line.species.name} was weighed in.`
    : `${line.species.name}: ${line.count - line.received_count} of ${line.count} fish are still to come.`;
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
    const of = line.count === null ? '' : nth <= line.count ? ` of ${line.count}` : ', one more than invoiced';
    return `Put ${line.species.name} ${nth}${of} on the scale, without ice.`;
  }
  const unseen = lines.find((l) => l.fish.some((fish) => fish.verdict === null));
  return unseen
    ? `Inspect the ${unseen.species.name}: not inspected yet.`
    : 'All invoiced fish are in and inspected. Close the delivery.';
}

/** A fish that was weighed in, as the pan lists its readings. */
export function weighedIn(fish: Line['fish'][number], line: Line) {
  return {
    id: fish.id,
    piece: fish.id,
    name: `${line.species.name} no. ${fish.number}${fish.count > 1 ? `, ${fish.count} fish` : ''}${fish.tag ? `, ${fish.tag}` : ''}`,
    mass: fish.mass,
    by: fish.by ?? '',
    at: fish.at,
    source: 'pan' as const,
    taken_back: null,
  };
}
