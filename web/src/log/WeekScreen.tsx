import { Button } from '@mantine/core';
import cx from 'clsx';
import { Link, useSearchParams } from 'react-router';
import { api, asProblem, type Week } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { LogRooms } from './LogRooms';
import { points } from './points';
import css from './WeekScreen.module.css';
import { STEPS } from './walkSteps';
import { ZeroStroke } from './ZeroStroke';

/** A page of paper: what the week bought, gave, served and threw away, the sentences that matter, what to try. */
export function WeekScreen() {
  const [search] = useSearchParams();
  const day = search.get('day') ?? '';
  const { data, error } = api.useQuery(
    'get',
    '/log/week',
    { params: { query: day ? { day } : {} } },
    { retry: false, staleTime: 0 },
  );
  return (
    <section className={cx(look.sheet, look.wide)}>
      <LogRooms />
      <div className={look.headline}>
        <div>
          <h1>{data ? t('week.the-week', { period: data.period }) : t('week.week')}</h1>
          <p className={look.soft}>{data ? headOf(data) : t('log.calculating')}</p>
        </div>
        {data && (
          <p className={css.weekActions}>
            <Button
              component={Link}
              variant="default"
              to={`/log/week?day=${data.before}`}
              aria-label={t('period.before')}
            >
              ←
            </Button>
            <Button
              component={Link}
              variant="default"
              to={`/log/week?day=${data.after}`}
              aria-label={t('period.after')}
            >
              →
            </Button>
            <Button component="a" variant="default" href={`/api/log/week.pdf?day=${data.from}`} target="_blank">
              {data.kept ? t('week.as-printed') : t('week.print')}
            </Button>
          </p>
        )}
      </div>
      {error && <p role="alert">{asProblem(error).detail}</p>}
      {data && data.walk.fish === 0 && data.bought.fish === 0 && (
        <div className={look.empty}>
          <h2>{t('week.nothing')}</h2>
          <p>{t('week.nothing-why')}</p>
        </div>
      )}
      {data && (data.walk.fish > 0 || data.bought.fish > 0) && <Page week={data} />}
    </section>
  );
}

function headOf(week: Week) {
  const { fish, mass, paid } = week.bought;
  return [
    t('week.bought', { count: fish, mass: mass.text, paid }),
    week.edible ? t('week.edible', { amount: week.edible.amount, per: week.edible.per }) : '',
    week.discarded.mass.mg > 0
      ? t('week.discarded', { mass: week.discarded.mass.text, worth: week.discarded.worth })
      : t('week.nothing-discarded'),
  ]
    .filter((said) => said !== '')
    .join(' ');
}

function Page({ week }: { week: Week }) {
  return (
    <>
      <ol className={css.weekSays}>
        {week.sentences.map((one) => (
          <li key={one.what}>
            <Link to={toOf(one, week)}>{one.what}</Link>
            <span>{t('week.try', { try: one.try })}</span>
          </li>
        ))}
        {week.sentences.length === 0 && <li>{t('week.nothing-to-say')}</li>}
      </ol>
      <WeekKeel week={week} />
      <div className={css.weekPictures}>
        <Yields week={week} />
        <Portions week={week} />
      </div>
    </>
  );
}

/** Where a sentence comes from. */
function toOf(one: Week['sentences'][number], week: Week): string {
  const period = `from=${week.from}&until=${week.until}`;
  switch (one.matter) {
    case 'step':
      return `/log/walk/${one.about}?${period}`;
    case 'thrown-away':
      return `/log/walk/discarded?${period}`;
    case 'short':
      return '/log/suppliers';
    case 'drift':
      return '/log/drift';
    case 'best':
      return '/log/effects';
  }
}

/** The week's kilos as one keel: every stretch opens its step. */
function WeekKeel({ week }: { week: Week }) {
  const { walk } = week;
  const steps = [...walk.steps].reverse().filter((step) => step.mass.mg > 0);
  if (walk.fish === 0) {
    return <p className={look.soft}>{t('week.nothing-cut')}</p>;
  }
  return (
    <div>
      <h2>
        {t('week.cut', { count: walk.fish, mass: walk.bought.text })}{' '}
        <span className={look.soft}>{week.on_plates && t('week.on-plates', { share: week.on_plates })}</span>
      </h2>
      <div className={css.weekKeel}>
        {steps.map((step) => (
          <i
            key={step.step}
            className={`fam-${STEPS[step.step].family}`}
            style={{ width: `${(100 * step.mass.mg) / walk.bought.mg}%` }}
          />
        ))}
      </div>
      <ul className={css.weekSteps}>
        {steps.map((step) => (
          <li key={step.step}>
            <Link to={`/log/walk/${step.step}?from=${week.from}&until=${week.until}`}>
              <i className={cx(look.swatch, `fam-${STEPS[step.step].family}`)} /> {STEPS[step.step].name}{' '}
              <b>{step.mass.text}</b> <span className={look.soft}>{step.paid}</span>
            </Link>
          </li>
        ))}
      </ul>
    </div>
  );
}

function Yields({ week }: { week: Week }) {
  const most = Math.max(1, ...week.yields.flatMap((one) => [one.mean, one.low ?? 0, one.high ?? 0].map(Math.abs)));
  if (week.yields.length === 0) {
    return null;
  }
  return (
    <div>
      <h2>{t('week.against-expected')}</h2>
      <ul>
        {week.yields.map((one) => (
          <li className={css.weekYield} key={one.name}>
            <span>{one.name}</span>
            <ZeroStroke low={one.low ?? one.mean} mean={one.mean} high={one.high ?? one.mean} most={most} />
            <b>{t('log.points', { points: points(one.mean) })}</b>
            <span className={look.soft}>{t('effects.fish', { count: one.fish })}</span>
          </li>
        ))}
      </ul>
    </div>
  );
}

function Portions({ week }: { week: Week }) {
  const most = Math.max(1, ...week.portions.map((one) => one.served + one.unserved + one.thrown));
  return (
    <div>
      <h2>{t('week.portions')}</h2>
      {week.portions.length === 0 && <p className={look.soft}>{t('week.no-portions')}</p>}
      <ul>
        {week.portions.map((one) => (
          <li className={css.weekYield} key={one.name}>
            <span>{one.name}</span>
            <span className={css.weekBar} aria-hidden="true">
              <i className="fam-portion" style={{ width: `${(100 * one.served) / most}%` }} />
              <i className="fam-usable" style={{ width: `${(100 * one.unserved) / most}%` }} />
              <i className="fam-discard" style={{ width: `${(100 * one.thrown) / most}%` }} />
            </span>
            <b>{t('week.served', { count: one.served })}</b>
            <span className={look.soft}>
              {one.unserved + one.thrown > 0 ? t('week.not', { unserved: one.unserved, thrown: one.thrown }) : ''}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
