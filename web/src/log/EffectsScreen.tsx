import cx from 'clsx';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { api, asProblem, type Effects } from '../api/client';
import { figure, t } from '../lang';
import { look } from '../ui/look';
import css from './EffectsScreen.module.css';
import { LogRooms } from './LogRooms';
import { points } from './points';
import { type Sought, sought } from './sought';
import { ZeroStroke } from './ZeroStroke';

type Factor = Effects['factors'][number];

const NAMES: Record<string, string> = {
  cutter: t('effects.hand'),
  supplier: t('effects.supplier'),
  method: t('effects.method'),
  season: t('effects.season'),
  fat: t('effects.fat'),
};

const nameOf = (one: { factor: string; question: string | null }) => one.question ?? NAMES[one.factor] ?? one.factor;

/** Hand, supplier, method, season told apart: what each gives beside all, how surely, and what it is worth a year. */
export function EffectsScreen() {
  const [search] = useSearchParams();
  const asked = sought(search, search.get('q') ?? '');
  const { data, error } = api.useQuery(
    'get',
    '/log/effects',
    { params: { query: asked } },
    { retry: false, staleTime: 0 },
  );
  const most = data ? mostOf(data) : 1;
  return (
    <section className={cx(look.sheet, look.wide)}>
      <LogRooms />
      <div>
        <h1>{t('effects.effects')}</h1>
        <p className={look.soft}>
          {data ? t('effects.intro', { count: data.fish, said: saidOf(data) }) : t('effects.calculating')}{' '}
          {data && data.suspect > 0 && t('log.suspect-left-out', { count: data.suspect })}
        </p>
      </div>
      {error && <p role="alert">{asProblem(error).detail}</p>}
      {data?.factors.length === 0 && (
        <div className={look.empty}>
          <h2>{t('effects.too-few')}</h2>
          <p>{t('effects.too-few-why')}</p>
          <Link to="/log">{t('logRooms.every-fish')}</Link>
        </div>
      )}
      {data?.factors.map((factor) => (
        <FactorRows key={factor.factor} factor={factor} most={most} asked={asked} />
      ))}
      {data && data.alone.length > 0 && (
        <p className={look.soft}>{t('effects.alone', { names: data.alone.map(nameOf).join(', ') })}</p>
      )}
      {data && data.factors.length > 0 && (
        <p className={look.soft}>
          {data.kilos === null ? t('effects.how-read') : t('effects.how-read-money', { kilos: data.kilos })}
        </p>
      )}
    </section>
  );
}

const saidOf = (data: Effects) =>
  data.asked.length === 0 ? '' : ` (${data.asked.map((one) => one.name).join(' · ')})`;

/** One ruler for all, as long as the farthest end that is shown. */
const mostOf = (data: Effects) =>
  Math.max(
    0.5,
    ...data.factors
      .filter((one) => !one.nothing)
      .flatMap((one) => one.levels.flatMap((level) => [Math.abs(level.low), Math.abs(level.high)])),
  );

function FactorRows({ factor, most, asked }: { factor: Factor; most: number; asked: Sought }) {
  const [pair, setPair] = useState<string[]>([]);
  const name = nameOf(factor);
  if (factor.nothing) {
    return (
      <p className={look.soft}>
        <b>{name}</b>: {t('effects.shows-none', { names: factor.levels.map((one) => one.name).join(', ') })}
      </p>
    );
  }
  const touch = (level: string) =>
    setPair((now) => (now.includes(level) ? now.filter((one) => one !== level) : [...now.slice(-1), level]));
  const money = Math.max(
    1,
    ...factor.levels.flatMap((one) => [one.money?.low_minor ?? 0, one.money?.high_minor ?? 0].map(Math.abs)),
  );
  const [a, b] = inOrder(factor, pair);
  return (
    <section className={css.effectFactor} aria-label={name}>
      <h2>{name}</h2>
      {a && b ? (
        <Pair factor={factor.factor} a={a.level} b={b.level} asked={asked} />
      ) : (
        factor.best && <p>{bestSays(factor.best)}</p>
      )}
      <ul className={css.effectLevels}>
        {factor.levels.map((level) => (
          <li key={level.level}>
            <button
              type="button"
              className={css.effectLevel}
              aria-pressed={pair.includes(level.level)}
              onClick={() => touch(level.level)}
            >
              <span className={css.effectWho}>
                <b>{level.name}</b>
                <small>{t('effects.fish', { count: level.fish })}</small>
              </span>
              <span>
                <ZeroStroke low={level.low} mean={level.pct} high={level.high} most={most} />
                <Fish count={level.fish} />
              </span>
              <span className={css.effectSaid}>
                <b>{t('log.points', { points: points(level.pct) })}</b>
                <small>{t('effects.between', { low: points(level.low), high: points(level.high) })}</small>
              </span>
              {level.money && (
                <span className={css.effectWorth}>
                  <b>{t('effects.a-year', { amount: level.money.amount })}</b>
                  <ZeroStroke
                    low={level.money.low_minor}
                    mean={level.money.minor}
                    high={level.money.high_minor}
                    most={money}
                  />
                </span>
              )}
            </button>
          </li>
        ))}
      </ul>
      <p className={look.soft}>
        {factor.levels.length > 1 && pair.length < 2 && t('effects.touch-two')}{' '}
        {factor.unlinked.length > 0 && t('effects.unlinked', { names: factor.unlinked.join(', ') })}
      </p>
    </section>
  );
}

const inOrder = (factor: Factor, pair: string[]) => factor.levels.filter((one) => pair.includes(one.level));

/** A dot for every fish, so that three are seen to be three. */
function Fish({ count }: { count: number }) {
  const shown = Math.min(count, 60);
  return (
    <svg className={css.effectDots} viewBox="0 0 120 4" aria-hidden="true">
      {Array.from({ length: shown }, (_, i) => (
        <circle key={i} cx={60 - shown + 2 * i + 1} cy="2" r="0.75" />
      ))}
    </svg>
  );
}

function Pair({ factor, a, b, asked }: { factor: string; a: string; b: string; asked: Sought }) {
  const { data, error } = api.useQuery(
    'get',
    '/log/effects/pair',
    { params: { query: { ...asked, factor, a, b } } },
    { retry: false },
  );
  if (error) {
    return <p role="alert">{asProblem(error).detail}</p>;
  }
  if (!data) {
    return <p className={look.soft}>{t('log.calculating')}</p>;
  }
  const { a: one, b: two } = data;
  const pct = figure(Math.abs(data.pct), 1);
  const [low, high, chance] = [points(data.low), points(data.high), chanceOf(data.above)];
  return (
    <p className={css.effectPair} role="status">
      {data.low > 0 || data.high < 0
        ? t('effects.pair', { a: one, b: two, pct, low, high, chance })
        : t('effects.pair-open', { a: one, b: two, pct, low, high, chance })}
    </p>
  );
}

/** "97 in 100"; never all or nothing. */
const chanceOf = (share: number) => Math.min(99, Math.max(1, Math.round(100 * share)));

function bestSays(best: NonNullable<Factor['best']>) {
  const { name, money } = best;
  const [low, high, pct] = [points(best.low), points(best.high), points(best.pct)];
  if (!money) {
    return t('effects.best', { name, pct, low, high });
  }
  const { amount, low: from, high: to } = money;
  return money.low_minor > 0
    ? t('effects.best-money', { name, pct, amount, from, to })
    : t('effects.best-open', { name, pct, amount, from, to });
}
