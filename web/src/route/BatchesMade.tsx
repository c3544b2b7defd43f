import cx from 'clsx';
import { Link } from 'react-router';
import { api, asProblem } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import css from './BatchesMade.module.css';
import { RouteRooms } from './RouteRooms';

/** What can be made of what lies in the bins, and what was made of it. */
export function BatchesMade() {
  const { data, error } = api.useQuery('get', '/route/batches', {}, { staleTime: 0 });
  const there = data?.batches.filter((one) => one.gone === null) ?? [];
  const gone = data?.batches.filter((one) => one.gone !== null) ?? [];
  return (
    <section className={cx(look.sheet, look.wide)}>
      <RouteRooms />
      <div>
        <h1>{t('batchesMade.batches')}</h1>
        <p className={css.soft}>{t('batchesMade.stock-soup-mince-and-the-rest')}</p>
      </div>
      {error && (
        <p className={look.fault} role="alert">
          {asProblem(error).detail}
        </p>
      )}
      <div className={css.madeColumns}>
        <div>
          <h2>{t('batchesMade.what-could-be-made-now')}</h2>
          <ul className={css.makeable}>
            {data?.recipes
              .toSorted((a, b) => Number(b.enough) - Number(a.enough) || b.have.mg - a.have.mg)
              .map((recipe) => (
                <li key={recipe.recipe}>
                  <i className={cx(look.swatch, `fam-${recipe.family}`)} />
                  <span>
                    <b>{recipe.name}</b>
                    <span className={css.soft}>
                      {recipe.have.mg > 0
                        ? t('batchesMade.in', { have: recipe.have.text, toLowerCase: recipe.from.toLowerCase() })
                        : t('batchesMade.is-empty', { from: recipe.from })}
                    </span>
                  </span>
                  {recipe.have.mg > 0 && (
                    <Link
                      className={recipe.enough ? css.go : cx('quiet', css.toMaking)}
                      to={`/route/make/${recipe.recipe}`}
                    >
                      {recipe.enough ? t('batchesMade.start-batch') : t('batchesMade.plan')}
                    </Link>
                  )}
                </li>
              ))}
          </ul>
        </div>
        <div>
          <h2>{t('batchesMade.in-the-cold-room')}</h2>
          {there.length === 0 && <p className={css.soft}>{t('batchesMade.nothing-made-is-in-the-cold')}</p>}
          <MadeList made={there} />
          {gone.length > 0 && (
            <>
              <h2>{t('batchesMade.used-up')}</h2>
              <MadeList made={gone.slice(0, 8)} />
            </>
          )}
        </div>
      </div>
    </section>
  );
}

type Made = {
  id: string;
  number: number;
  name: string;
  mass: string;
  made: string;
  by: string;
  yield: string | null;
  until: string;
  past: boolean;
  gone: string | null;
};

function MadeList({ made }: { made: Made[] }) {
  return (
    <ul className={css.madeList}>
      {made.map((one) => (
        <li key={one.id}>
          <Link to={`/route/batches/${one.id}`}>
            <b>{one.number}</b>
            <span>
              <b>{one.name}</b>
              <span className={css.soft}>{t('batchesMade.of', { made: one.made, by: one.by, mass: one.mass })}</span>
            </span>
            <span className={css.until}>
              <b>{one.yield ?? t('batchesMade.not-measured-yet')}</b>
              <span className={cx(css.soft, one.past && look.ended)}>
                {one.gone === 'discarded'
                  ? t('batchesMade.thrown-away')
                  : one.gone
                    ? t('batchesMade.used')
                    : one.past
                      ? t('batchesMade.past-its-date', { until: one.until })
                      : t('batchesMade.until', { until: one.until })}
              </span>
            </span>
          </Link>
        </li>
      ))}
    </ul>
  );
}
