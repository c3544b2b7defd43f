import type { PortionBench } from '../api/client';

/** Whether a piece is, or was cut from, a side. */
export function isOf(bench: Pick<PortionBench, 'pieces'>, piece: string | undefined, side: string): boolean {
  for (let at = piece; at; at = bench.pieces.find((p) => p.piece === at)?.parent ?? undefined) {
    if (at === side) {
      return true;
    }
  }
  return false;
}
