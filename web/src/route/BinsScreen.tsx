import cx from 'clsx';
import { Link } from 'react-router';
import { api, asProblem, type Bins } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import css from './BinsScreen.module.css';
import { RouteRooms } from './RouteRooms';

type Bin = Bins['bins'][number];

/** Every bin as a trough, filled tub by tub, the one that ends first in front; and what the morning asks for. */
export function BinsScreen() {
  const { data, error } = api.useQuery('get', '/route/bins', {}, { staleTime: 0 });
  const most = Math.max(1, ...(data?.bins ?? []).map((bin) => Math.max(bin.mass.mg, bin.marks?.mg ?? 0)));
  const calm = data && data.morning.length === 0 && data.ended.length === 0;
  return (
    <section className={cx(look.sheet, look.wide)}>
      <RouteRooms />
      {error && (
        <p className={look.fault} role="alert">
          {asProblem(error).detail}
        </p>
      )}
      <header className={look.headline}>
        <div>
          <h1>{t('bins.bins')}</h1>
          <p className={css.soft}>{t('bins.what-was-routed-tub-by-tub')}</p>
        </div>
      </header>
      {calm && <p className={look.said}>{t('bins.nothing-ends-today')}</p>}
      {data && !calm && (
        <ul className={css.morning} aria-label={t('bins.this-morning')}>
          {data.morning.map((line) => (
            <li key={`${line.bin}${line.past}`} className={cx(line.past && css.past)}>
              <Link to={`/route/bins/${line.bin}`}>
                <i className={cx(look.swatch, `fam-${line.family}`)} />
                <b>
                  {line.name}, {line.mass.text}
                </b>
                <span>{line.past ? t('bins.past-its-date') : t('bins.ends-today')}</span>
                <span className={css.advice}>{line.advice}</span>
              </Link>
            </li>
          ))}
          {data.ended.map((one) => (
            <li key={one.batch} className={cx(one.past && css.past)}>
              <Link to={`/route/batches/${one.batch}`}>
                <i className={look.swatch} />
                <b>{t('bins.batch', { number: one.number, one: one.name })}</b>
                <span>{one.past ? t('bins.past-its-date') : t('bins.ends-today')}</span>
                <span className={css.advice}>{one.advice}</span>
              </Link>
            </li>
          ))}
        </ul>
      )}
      <ul className="troughs" aria-label={t('bins.bins')}>
        {data?.bins.map((bin) => (
          <li key={bin.bin}>
            <Link to={`/route/bins/${bin.bin}`} className={css.troughRow}>
              <span>
                <b>{bin.name}</b>
                <span className={css.soft}>
                  {bin.mass.mg === 0
                    ? t('bins.empty')
                    : bin.ends === null
                      ? t('bins.nothing-that-may-be-eaten')
                      : t('bins.first-ends', { ends: bin.ends })}
                </span>
              </span>
              <Trough bin={bin} most={most} />
              <span className={css.troughTold}>
                <b>{bin.mass.mg === 0 ? '–' : bin.mass.text}</b>
                <span className={css.soft}>{bin.worth ?? ''}</span>
              </span>
            </Link>
          </li>
        ))}
      </ul>
      <p className={cx(css.soft, css.troughKey)}>
        <i className={cx(css.tubKey, css.past)} /> {t('bins.past-its-date')} <i className={cx(css.tubKey, css.today)} />{' '}
        {t('bins.ends-today')} <i className={cx(css.tubKey, css.frozen)} /> {t('bins.frozen')}{' '}
        <i className={cx(css.tubKey, css.enough)} /> {t('bins.enough-for-a-batch')}
      </p>
    </section>
  );
}

/** A bar as long as the bin is heavy, on one scale for all of them, cut where one tub ends and the next begins. */
function Trough({ bin, most }: { bin: Bin; most: number }) {
  const share = (mg: number) => `${(100 * mg) / most}%`;
  return (
    <span className={css.troughSpace}>
      <span className={css.trough} aria-hidden="true" style={{ width: share(Math.max(bin.mass.mg, 1)) }}>
        {bin.tubs.map((tub) => (
          <i
            key={tub.id}
            style={{ flexGrow: tub.mg }}
            className={cx(
              css.tub,
              `fam-${bin.family}${tub.days <= 0 ? ' past' : tub.days === 1 ? ' today' : ''}${tub.frozen ? ' frozen' : ''}`,
            )}
          />
        ))}
      </span>
      {bin.marks && <i className={css.enoughMark} aria-hidden="true" style={{ left: share(bin.marks.mg) }} />}
      {bin.enough && <span className={cx(css.soft, css.troughSaid)}>{bin.enough}</span>}
    </span>
  );
}
