import cx from 'clsx';
import { Link } from 'react-router';
import { api, asProblem, type CutterFigures } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import css from './CuttersScreen.module.css';
import { LogRooms } from './LogRooms';
import { points } from './points';
import { ZeroStroke } from './ZeroStroke';

/** Everybody who cuts, by name: a cutter finds only himself here. */
export function CuttersScreen() {
  const { data, error } = api.useQuery('get', '/log/cutters', {}, { retry: false, staleTime: 0 });
  const most = Math.max(
    0.5,
    ...(data?.cutters ?? []).flatMap((one) => (one.yield ? [Math.abs(one.yield.low), Math.abs(one.yield.high)] : [])),
  );
  return (
    <section className={cx(look.sheet, look.wide)}>
      <LogRooms />
      <div>
        <h1>{t('cutters.cutters')}</h1>
        <p className={look.soft}>{data ? t('cutters.intro') : t('log.calculating')}</p>
      </div>
      {error && <p role="alert">{asProblem(error).detail}</p>}
      {data?.cutters.length === 0 && (
        <div className={look.empty}>
          <h2>{t('cutters.none')}</h2>
          <p>{t('cutters.none-why')}</p>
        </div>
      )}
      <ul>
        {data?.cutters.map((one) => (
          <li key={one.person}>
            <Link className={css.cutterRow} to={`/log/cutters/${one.person}`}>
              <span>
                <b className={look.block}>{one.name}</b>
                <span className={look.soft}>{t('cutters.last-fish', { count: one.fish })}</span>
              </span>
              {one.yield ? (
                <span>
                  <ZeroStroke low={one.yield.low} mean={one.yield.pct} high={one.yield.high} most={most} />
                  {t('cutters.yield', {
                    points: points(one.yield.pct),
                    low: points(one.yield.low),
                    high: points(one.yield.high),
                  })}
                </span>
              ) : (
                <span className={look.soft}>{t('cutters.not-told')}</span>
              )}
              <span>{figuresOf(one)}</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Scatter, minutes, bones, marks, in one line. */
export function figuresOf(one: Omit<CutterFigures, 'yield'>): string {
  return [
    one.scatter ? t('cutters.scatter', { mass: one.scatter, count: one.pieces }) : '',
    one.minutes_per_kg === null ? '' : t('cutters.minutes', { minutes: one.minutes_per_kg }),
    t('cutters.bones', { count: one.bones_later, fish: one.fish }),
    one.marks.sides > 0
      ? t('cutters.marks', {
          sides: one.marks.sides,
          hack: one.marks.hack,
          torn: one.marks.torn,
          broken: one.marks.broken,
        })
      : t('cutters.no-marks'),
  ]
    .filter((said) => said !== '')
    .join(' ');
}
