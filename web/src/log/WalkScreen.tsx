import cx from 'clsx';
import { Link, useSearchParams } from 'react-router';
import { api, asProblem, type GramsWalk } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { LogRooms } from './LogRooms';
import { PeriodChooser } from './PeriodChooser';
import css from './WalkScreen.module.css';
import { STEPS } from './walkSteps';

type Step = GramsWalk['steps'][number];

/** From kilos bought to kilos on plates: one keel falling step by step, each step open to its kinds and fish. */
export function WalkScreen() {
  const [search] = useSearchParams();
  const query = Object.fromEntries(
    (['from', 'until'] as const).flatMap((key) => (search.get(key) ? [[key, search.get(key)]] : [])),
  );
  const { data, error } = api.useQuery('get', '/log/walk', { params: { query } }, { retry: false, staleTime: 0 });
  return (
    <section className={cx(look.sheet, look.wide)}>
      <LogRooms />
      <div className={look.headline}>
        <div>
          <h1>{t('walk.where-the-grams-went')}</h1>
          <p className={look.soft}>{data ? headOf(data) : t('log.calculating')}</p>
        </div>
      </div>
      {error && <p role="alert">{asProblem(error).detail}</p>}
      {data && <PeriodChooser from={data.from} until={data.until} />}
      {data?.fish === 0 && (
        <div className={look.empty}>
          <h2>{t('walk.nothing-cut')}</h2>
          <p>{t('walk.nothing-cut-why')}</p>
        </div>
      )}
      {data && data.fish > 0 && <Falling walk={data} />}
      {data && data.uncut.fish > 0 && (
        <p className={look.soft}>{t('walk.uncut', { count: data.uncut.fish, mass: data.uncut.mass.text })}</p>
      )}
    </section>
  );
}

const headOf = (walk: GramsWalk) =>
  walk.paid
    ? t('walk.head-money', { period: walk.period, count: walk.fish, mass: walk.bought.text, paid: walk.paid })
    : t('walk.head', { period: walk.period, count: walk.fish, mass: walk.bought.text });

export function Falling({ walk }: { walk: GramsWalk }) {
  const query = `?from=${walk.from}&until=${walk.until}`;
  let left = walk.bought.mg;
  const rows = walk.steps.flatMap((step) => {
    left -= step.mass.mg;
    return step.mass.mg === 0 && step.step !== 'plates' ? [] : [{ ...step, from: left }];
  });
  return (
    <div className={css.fall}>
      <div className={css.fallRow}>
        <span className={css.stepName}>{t('walk.bought')}</span>
        <span className={css.fallBar}>
          <i className={css.whole} style={{ left: 0, width: '100%' }} />
        </span>
        <b>{walk.bought.text}</b>
        <span>{walk.paid}</span>
        <span className={look.soft}>{t('walk.best-here')}</span>
      </div>
      {rows.map((step) => (
        <Link key={step.step} className={css.fallRow} to={`/log/walk/${step.step}${query}`}>
          <span className={css.stepName}>{STEPS[step.step].name}</span>
          <Bar step={step} whole={walk.bought.mg} />
          <b>{step.mass.text}</b>
          <span>{step.paid}</span>
          <span className={look.soft}>{bestOf(step)}</span>
        </Link>
      ))}
    </div>
  );
}

function Bar({ step, whole }: { step: Step & { from: number }; whole: number }) {
  const pct = (mg: number) => (100 * mg) / Math.max(1, whole);
  const wide = pct(Math.abs(step.mass.mg));
  const from = step.step === 'plates' ? 0 : pct(Math.min(step.from, step.from + step.mass.mg));
  return (
    <span className={css.fallBar} role="img" aria-label={step.share ?? ''}>
      <i className={`fam-${STEPS[step.step].family}`} style={{ left: `${from}%`, width: `${wide}%` }} />
      {step.best && step.saved && wide > 3 && (
        <i className={css.bestMark} style={{ left: `${from + wide - pct(step.best.mg)}%` }} />
      )}
    </span>
  );
}

function bestOf(step: Step): string {
  if (!step.best) {
    return '';
  }
  if (!step.saved) {
    return t('walk.at-best');
  }
  return step.worth
    ? t('walk.best-worth', { mass: step.best.text, worth: step.worth })
    : t('walk.best', { mass: step.best.text });
}
