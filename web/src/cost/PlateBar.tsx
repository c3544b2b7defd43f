import type { Plate } from '../api/client';

/** A plate as a bar from nothing to its net price: the portion, the sides, the small things, and what is left. */
export function PlateBar({ plate, most }: { plate: Plate; most: number }) {
  const amount = (printed: string | null) => Number((printed ?? '0').replace(/[^\d.]/g, ''));
  const share = (value: number) => `${(100 * Math.max(0, value)) / most}%`;
  return (
    <span className="plate-bar" aria-hidden="true">
      <i className="fam-portion" style={{ width: share(amount(plate.portion)) }} />
      <i className="fam-usable" style={{ width: share(amount(plate.sides)) }} />
      <i className="fam-discard" style={{ width: share(amount(plate.small)) }} />
      {plate.net_price && <u style={{ left: share(amount(plate.net_price)) }} />}
      {plate.net_price && plate.target_cost_pct !== null && (
        <s style={{ left: share((amount(plate.net_price) * plate.target_cost_pct) / 100) }} />
      )}
    </span>
  );
}

/** The longest bar of a list. */
export function longest(plates: Plate[]): number {
  const amount = (printed: string | null) => Number((printed ?? '0').replace(/[^\d.]/g, ''));
  return Math.max(1, ...plates.map((plate) => Math.max(amount(plate.net_price), amount(plate.cost))));
}
