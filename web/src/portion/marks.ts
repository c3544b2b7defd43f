import type { Plan } from '../api/client';

/** No piece is narrower than this, and the tail keeps this much, cm. */
const LEAST_CM = 0.3;
const TAIL_CM = 0.1;

/** A place is told to a tenth of a millimetre, a mark finer. */
const SAME_CM = 0.006;

/** Left and right of the fillet in its drawing, mm. */
export const MARGIN = 12;

/** Where a fillet's marks stand: after what is squared off, after each planned piece, and where somebody put one. */
export function marksOf(plan: Pick<Plan, 'pieces' | 'marks_cm'>): number[] {
  return plan.pieces
    .filter(
      (piece) =>
        piece.what === 'square' ||
        piece.what === 'planned' ||
        (piece.what === 'spare' && plan.marks_cm.some((mark) => Math.abs(mark - piece.to_cm) < SAME_CM)),
    )
    .map((piece) => piece.to_cm);
}

/** Where a mark can go: to the millimetre, between its neighbours, behind what is cut, before the tail. */
export function movedMark(
  plan: Pick<Plan, 'pieces' | 'length_cm'>,
  marks: number[],
  which: number,
  cm: number,
): number {
  const cut = plan.pieces.find((piece) => piece.what === 'done')?.to_cm ?? 0;
  const low = (marks[which - 1] ?? cut) + LEAST_CM;
  const high = (marks[which + 1] ?? plan.length_cm) - TAIL_CM;
  return Math.round(Math.min(high, Math.max(low, cm)) * 10) / 10;
}

/** Which place of the fillet lies under a finger, cm; the drawing is ten units a centimetre within its margins. */
export function placeUnder(
  clientX: number,
  box: { left: number; width: number } | undefined,
  lengthCm: number,
): number {
  const scale = box ? box.width / (lengthCm * 10 + 2 * MARGIN) : 1;
  return ((clientX - (box?.left ?? 0)) / scale - MARGIN) / 10;
}
