import cx from 'clsx';
import { Link, useParams } from 'react-router';
import { api, type LearningCurve } from '../api/client';
import { figure, t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import css from './CutterScreen.module.css';
import { figuresOf } from './CuttersScreen';
import { LogRooms } from './LogRooms';
import { points } from './points';

/** One hand: what it does, and how it learned, fish by fish. */
export function CutterScreen() {
  const { person = '' } = useParams();
  const { data, error } = api.useQuery(
    'get',
    '/log/cutters/{person}',
    { params: { path: { person } } },
    { retry: false, staleTime: 0 },
  );
  if (error) {
    return <Missing stage="log" error={error} />;
  }
  if (!data) {
    return <p className={cx(look.sheet, look.soft)}>{t('log.calculating')}</p>;
  }
  return (
    <section className={cx(look.sheet, look.wide)}>
      <LogRooms />
      <div>
        <p>
          <Link to="/log/cutters">{t('cutters.cutters')}</Link>
        </p>
        <h1>{data.name}</h1>
        <p>{figuresOf(data)}</p>
      </div>
      <div className={css.handCurves}>
        <div>
          <h2>{t('cutter.yield')}</h2>
          {data.learning ? (
            <>
              <Curve of={data.learning} />
              <p>{yieldSays(data.learning)}</p>
            </>
          ) : (
            <p className={look.soft}>{t('cutter.from-fish', { count: data.fewest })}</p>
          )}
        </div>
        <div>
          <h2>{t('cutter.pace')}</h2>
          {data.pace ? (
            <>
              <Curve of={data.pace} />
              <p>{paceSays(data.pace)}</p>
            </>
          ) : (
            <p className={look.soft}>{t('cutter.from-timed', { count: data.fewest })}</p>
          )}
        </div>
      </div>
      <p>
        <Link to={`/log?cutter=${data.person}&sort=below`}>{t('cutter.fish')}</Link>
      </p>
    </section>
  );
}

function yieldSays(of: LearningCurve): string {
  const pct = figure(Math.abs(of.gained.pct), 1);
  const [low, high] = [points(of.gained.low), points(of.gained.high)];
  if (of.gained.low > 0) {
    return t('cutter.learned', { pct, low, high, count: of.fish });
  }
  return of.gained.high < 0
    ? t('cutter.unlearned', { pct, low, high, count: of.fish })
    : t('cutter.no-curve', { low, high, count: of.fish });
}

function paceSays(of: LearningCurve): string {
  const [first, now] = [figure(of.first.pct, 1), figure(of.now.pct, 1)];
  return of.gained.high < 0
    ? t('cutter.faster', { first, now, count: of.fish })
    : t('cutter.no-faster', { now, count: of.fish });
}

/** Every fish a dot in its order, the curve through them. */
function Curve({ of }: { of: LearningCurve }) {
  const all = [...of.points, ...of.curve];
  const [low, high] = [Math.min(...all), Math.max(...all)];
  const x = (i: number) => (100 * (i + 0.5)) / of.points.length;
  const y = (value: number) => 38 - (36 * (value - low)) / Math.max(0.01, high - low);
  return (
    <svg className={css.handCurve} viewBox="0 0 100 40" preserveAspectRatio="none" aria-hidden="true">
      {low < 0 && high > 0 && <path className={css.curveZero} d={`M0 ${y(0)}H100`} />}
      {of.points.map((value, i) => (
        <path key={`${x(i)}`} className={css.curveFish} d={`M${x(i)} ${y(value)}v.01`} />
      ))}
      <path
        className={css.curveLine}
        d={of.curve.map((value, i) => `${i === 0 ? 'M' : 'L'}${x(i)} ${y(value)}`).join('')}
      />
    </svg>
  );
}
