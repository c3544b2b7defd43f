import type { PortionBench } from '../api/client';
import { t } from '../lang';

/** A dish as it is chosen: what a portion weighs on the board and on the plate, and how many there are in the fish. */
export function DishLabel({ dish }: { dish: PortionBench['dishes'][number] }) {
  return (
    <span>
      <b>{dish.name}</b>
      <br />
      {t('portion.about', { target: dish.target.text, band: dish.band, fits: dish.fits })}
      {dish.plate && t('portion.on-the-plate', { plate: dish.plate })}
    </span>
  );
}
