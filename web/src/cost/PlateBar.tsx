import type { Plate } from '../api/client';
import { look } from '../ui/look';
import css from './PlateBar.module.css';

/** A plate as a bar from nothing to its net price: the portion, the sides, the sundries, and what is left. */
export function PlateBar({ plate, most }: { plate: Plate; most: number }) {
  const { portion, sides, small, net, target } = plate.bar;
  const share = (minor: number) => `${(100 * Math.max(0, minor)) / most}%`;
  return (
    <span className={css.plateBar} aria-hidden="true">
      <i className={look.famPortion} style={{ width: share(portion) }} />
      <i className={look.famUsable} style={{ width: share(sides) }} />
      <i className={look.famDiscard} style={{ width: share(small) }} />
      {net !== null && <u style={{ left: share(net) }} />}
      {target !== null && <s style={{ left: share(target) }} />}
    </span>
  );
}

/** The longest bar of a list. */
export const longest = (plates: Plate[]) =>
  Math.max(1, ...plates.map((plate) => Math.max(plate.bar.net ?? 0, plate.cost_minor)));
