import type { Drill } from '../api/client';
import type { paths } from '../api/schema';

export type Skill = Drill['skill'];

/** What is sent as an answer. */
export type Answer = paths['/practise/drills/{drill}/answer']['put']['requestBody']['content']['application/json'];

/** A place of a drawing, cm. */
export type Spot = [number, number];

/** Between the two views of a piece. */
const GAP_CM = 0.8;

/** A drill on the screen: what is shown of it, what is done with it. */
export type Playing<S extends Skill> = {
  drill: Drill;
  task: NonNullable<Drill['task'][S]>;
  result: NonNullable<Drill['result']>[S];
  /** Takes the answer as it stands now; null while it is not complete. */
  onReady: (answer: Answer | null) => void;
};

/** One of a list moved to another place; everything between moves up or down by one. */
export function movedTo<T>(list: T[], from: number, to: number): T[] {
  const rest = list.filter((_, i) => i !== from);
  const put = Math.min(rest.length, Math.max(0, to));
  const one = list[from];
  return one === undefined ? list : [...rest.slice(0, put), one, ...rest.slice(put)];
}

/** How far a drawing may be stretched so that it is at its true size, or the largest whole part of it that fits. */
export function drawnAt(cm: [number, number], pixelsPerCm: number, room: [number, number]): number {
  const parts = [0, 1].map((i) => Math.ceil(((cm[i] ?? 0) * pixelsPerCm) / (room[i] ?? 1)));
  return pixelsPerCm / Math.max(1, ...parts);
}

/** A piece as it is drawn, cm: a portion lies across, as it would be served; a longer one along. */
export function laidOut(outline: number[][], across: boolean): { box: [number, number]; above: Spot[]; side: Spot[] } {
  const length = outline.at(-1)?.[0] ?? 1;
  const widest = Math.max(...outline.map(([, wide = 0]) => wide));
  const thickest = Math.max(...outline.map(([, , mm = 0]) => mm)) / 10;
  const middle = widest / 2;
  const far = widest + GAP_CM;
  const above: Spot[] = [
    ...outline.map(([cm = 0, wide = 0]): Spot => [cm, middle - wide / 2]),
    ...outline.map(([cm = 0, wide = 0]): Spot => [cm, middle + wide / 2]).reverse(),
  ];
  const side: Spot[] = [
    [0, far + thickest],
    ...outline.map(([cm = 0, , mm = 0]): Spot => [cm, far + thickest - mm / 10]),
    [length, far + thickest],
  ];
  const turned = (spots: Spot[]) => (across ? spots.map(([a, b]): Spot => [b, a]) : spots);
  return {
    box: across ? [far + thickest, length] : [length, far + thickest],
    above: turned(above),
    side: turned(side),
  };
}
