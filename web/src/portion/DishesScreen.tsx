import cx from 'clsx';
import { Link } from 'react-router';
import { api, asProblem } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { look } from '../ui/look';
import css from './DishesScreen.module.css';
import { PortionRooms } from './PortionRooms';

/** Every dish portions are cut for. */
export function DishesScreen() {
  const { me } = useKitchen();
  const { data, error } = api.useQuery('get', '/portion/dishes');
  return (
    <section className={cx(look.sheet, look.wide)}>
      <PortionRooms />
      <header className={look.headline}>
        <div>
          <h1>{t('dishes.dishes')}</h1>
          <p className={look.soft}>{t('dishes.what-a-portion-weighs-which-fish')}</p>
        </div>
        {me.sees_prices && (
          <Link className={look.go} to="/portion/dishes/new">
            {t('dishes.new-dish')}
          </Link>
        )}
      </header>
      {error && <p className={look.fault}>{asProblem(error).detail}</p>}
      {data?.dishes.length === 0 && (
        <div className={look.empty}>
          <h2>{t('dishes.no-dish-yet')}</h2>
          <p>{t('dishes.a-dish-has-a-weight-and')}</p>
        </div>
      )}
      <div className={look.rows}>
        {data?.dishes.map((dish) => (
          <Link className={cx(look.listRow, css.dishRow)} key={dish.id} to={`/portion/dishes/${dish.id}`}>
            <span>
              <b>{dish.name}</b>
              <br />
              <span className={look.soft}>{dish.fish ?? t('dishes.of-any-fish')}</span>
            </span>
            <span>
              <b>{dish.target}</b>
              <br />
              <span className={look.soft}>
                −{dish.minus} / +{dish.plus}
              </span>
            </span>
            <span>
              {dish.stretch_said}
              <br />
              <span className={look.soft}>
                {[
                  dish.service_said,
                  dish.prepared,
                  dish.board ? t('dishes.on-the-board', { board: dish.board }) : '',
                  dish.slant_deg < 90 ? t('dishes.cut-at', { slant_deg: dish.slant_deg }) : '',
                ]
                  .filter(Boolean)
                  .join(', ')}
              </span>
            </span>
            <span className={css.n}>
              {dish.worth}
              <br />
              <span className={look.soft}>{dish.worth ? t('dishes.net-value') : ''}</span>
            </span>
          </Link>
        ))}
      </div>
    </section>
  );
}
