import cx from 'clsx';
import { Link } from 'react-router';
import { api, asProblem, type Plate } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { CostRooms } from './CostRooms';
import { longest, PlateBar } from './PlateBar';
import css from './PlatesScreen.module.css';

/** Every dish as a plate, the dearest first. */
export function PlatesScreen() {
  const { data, error } = api.useQuery('get', '/cost/plates', {}, { staleTime: 0 });
  const most = longest(data?.plates ?? []);
  return (
    <section className={cx(look.sheet, look.wide)}>
      <CostRooms />
      <div>
        <h1>{t('plates.plates')}</h1>
        <p className={css.soft}>
          {t('plates.plate-cost-over-the-last-weeks', { weeks: data?.weeks ?? 4 })} {data?.said}
        </p>
      </div>
      {error && (
        <p className={look.fault} role="alert">
          {asProblem(error).detail}
        </p>
      )}
      {!data && !error && <p className={css.soft}>{t('plates.calculating')}</p>}
      {data?.plates.length === 0 && (
        <div className={look.empty}>
          <h2>{t('plates.no-plate-has-a-cost-yet')}</h2>
          <p>{t('plates.a-fish-with-a-price-cut')}</p>
          <Link to="/cost">{t('plates.to-cost')}</Link>
        </div>
      )}
      <ul className="plates" aria-label={t('plates.plates')}>
        {data?.plates.map((plate) => (
          <li key={plate.dish}>
            <Link to={`/cost/plates/${plate.dish}`} className={css.plateRow}>
              <span>
                <b>{plate.name}</b>
                <span className={css.soft}>
                  {t('plates.portions-on-average', { n: plate.count, mean_mass: plate.mean_mass })}
                </span>
              </span>
              <PlateBar plate={plate} most={most} />
              <b className={css.plateCost}>{plate.cost}</b>
              <span className={cx(css.pct, plate.band === 'above' && look.ended)}>
                <b>{plate.cost_pct ?? '–'}</b>
                <span className={css.soft}>{banded(plate)}</span>
              </span>
              <span className={css.ask}>
                <b>{plate.price ?? t('plates.no-price')}</b>
                <span className={css.soft}>
                  {plate.suggested && plate.suggested !== plate.price
                    ? t('plates.suggested', { suggested: plate.suggested })
                    : ''}
                </span>
              </span>
            </Link>
          </li>
        ))}
      </ul>
      <p className={cx(css.soft, css.plateKey)}>
        <i className={cx(look.swatch, look.famPortion)} /> {t('plates.portion')}{' '}
        <i className={cx(look.swatch, look.famUsable)} /> {t('plates.sides')}{' '}
        <i className={cx(look.swatch, look.famDiscard)} /> {t('plates.sundries')} <u /> {t('plates.price-without-tax')}{' '}
        <s /> {t('plates.target-food-cost')}
      </p>
      {data && data.without.length > 0 && (
        <p className={css.soft}>
          {t('plates.no-portions-lately', { join: data.without.map((one) => one.name).join('; ') })}
        </p>
      )}
    </section>
  );
}

function banded(plate: Plate): string {
  if (plate.target_cost_pct === null) {
    return t('plates.no-target');
  }
  return plate.band === 'above'
    ? t('plates.above', { target_cost_pct: plate.target_cost_pct })
    : plate.band === 'below'
      ? t('plates.well-under', { target_cost_pct: plate.target_cost_pct })
      : t('plates.about', { target_cost_pct: plate.target_cost_pct });
}
