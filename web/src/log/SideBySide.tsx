import { keepPreviousData } from '@tanstack/react-query';
import { api, asProblem } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { points } from './points';
import css from './SideBySide.module.css';
import type { Sought } from './sought';
import { ZeroStroke } from './ZeroStroke';

/** The fish that are sought, laid out by one thing: each level on the same ruler, its mean with its spread. */
export function SideBySide({ by, asked }: { by: string; asked: Sought }) {
  const { data, error } = api.useQuery(
    'get',
    '/log/by/{by}',
    { params: { path: { by }, query: asked } },
    { placeholderData: keepPreviousData, retry: false },
  );
  if (error) {
    return <p role="alert">{asProblem(error).detail}</p>;
  }
  if (!data) {
    return <p className={look.soft}>{t('log.calculating')}</p>;
  }
  if (data.levels.length === 0) {
    return <p className={look.soft}>{t('log.nothing-to-lay-out')}</p>;
  }
  const most = Math.max(1, ...data.levels.flatMap((one) => one.points.map(Math.abs)));
  return (
    <div>
      <ul className={css.multiples} aria-label={t('log.side-by-side')}>
        {data.levels.map((one) => (
          <li key={one.level}>
            <h3>{one.name}</h3>
            <ZeroStroke
              low={one.low ?? one.mean}
              mean={one.mean}
              high={one.high ?? one.mean}
              most={most}
              points={one.points}
            />
            <p>
              <b>{t('log.points', { points: points(one.mean) })}</b>{' '}
              <span className={look.soft}>
                {one.low === null || one.high === null
                  ? t('log.one-fish')
                  : t('log.between-fish', { low: points(one.low), high: points(one.high), count: one.fish })}
              </span>
            </p>
          </li>
        ))}
      </ul>
      <p className={look.soft}>
        {t('log.side-by-side-says')} {data.suspect > 0 && t('log.suspect-left-out', { count: data.suspect })}
      </p>
    </div>
  );
}
