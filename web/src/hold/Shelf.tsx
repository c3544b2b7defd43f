import { Link } from 'react-router';
import { api } from '../api/client';
import { t } from '../lang';
import css from './Shelf.module.css';

/** The trays that stand in a place, each as a small bar as full as it still is. */
export function Shelf({ place }: { place: string }) {
  const { data } = api.useQuery('get', '/hold/kept', {}, { refetchInterval: 30_000 });
  const trays = (data?.dishes ?? []).flatMap((dish) =>
    dish.trays.filter((tray) => tray.place === place).map((tray) => ({ ...tray, name: dish.name })),
  );
  if (trays.length === 0) {
    return null;
  }
  return (
    <ul className={css.placeShelf} aria-label={t('places.trays-in', { place })}>
      {trays.map((tray) => (
        <li key={tray.lot}>
          <Link to="/hold/kept">
            <span>{t('places.tray-of', { tray: tray.tray, name: tray.name, left: tray.left })}</span>
            <i>
              <i style={{ width: `${(100 * tray.left) / tray.of}%` }} />
            </i>
          </Link>
        </li>
      ))}
    </ul>
  );
}
