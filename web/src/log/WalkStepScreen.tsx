import cx from 'clsx';
import { Link, useParams, useSearchParams } from 'react-router';
import { api, type GramsStep } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { LogRooms } from './LogRooms';
import css from './WalkStepScreen.module.css';
import { STEPS } from './walkSteps';

/** One step of the walk: the kinds of fish it is the sum of; of one kind, its fish. */
export function WalkStepScreen() {
  const { step = '' } = useParams();
  const [search] = useSearchParams();
  const query = Object.fromEntries(
    (['from', 'until', 'species'] as const).flatMap((key) => (search.get(key) ? [[key, search.get(key)]] : [])),
  );
  const { data, error } = api.useQuery(
    'get',
    '/log/walk/{step}',
    { params: { path: { step }, query } },
    { retry: false, staleTime: 0 },
  );
  if (error) {
    return <Missing stage="log" error={error} />;
  }
  if (!data) {
    return <p className={cx(look.sheet, look.soft)}>{t('log.calculating')}</p>;
  }
  const period = `from=${data.from}&until=${data.until}`;
  const of = STEPS[data.step];
  return (
    <section className={cx(look.sheet, look.wide)}>
      <LogRooms />
      <div className={look.headline}>
        <div>
          <p>
            <Link to={`/log/walk?${period}`}>{t('walk.where-the-grams-went')}</Link>
            {data.species && (
              <>
                {' · '}
                <Link to={`/log/walk/${data.step}?${period}`}>{of.name}</Link>
              </>
            )}
          </p>
          <h1>{data.name ? t('walk.step-of', { step: of.name, name: data.name }) : of.name}</h1>
          <p className={look.soft}>
            {of.what} {data.period}.
          </p>
        </div>
        <p className={look.figures}>
          <span>
            <b className={css.large}>{data.mass.text}</b> {data.paid}
          </span>
        </p>
      </div>
      {data.kinds.length > 0 && <Kinds of={data} period={period} />}
      {data.species && <FishOf of={data} />}
    </section>
  );
}

function Kinds({ of, period }: { of: GramsStep; period: string }) {
  const most = Math.max(1, ...of.kinds.map((one) => one.bought.mg));
  return (
    <ul>
      {of.kinds.map((one) => (
        <PartRow
          key={one.species}
          to={`/log/walk/${of.step}?${period}&species=${one.species}`}
          name={one.name}
          more={t('walk.fish-of', { count: one.fish, mass: one.bought.text })}
          whole={one.bought.mg}
          most={most}
          step={of.step}
          of={one}
        />
      ))}
    </ul>
  );
}

function FishOf({ of }: { of: GramsStep }) {
  const most = Math.max(1, ...of.fish.map((one) => one.whole.mg));
  return (
    <ul>
      {of.fish.map((one) => (
        <PartRow
          key={one.fish}
          to={`/log/${one.fish}`}
          name={t('log.no', { title: one.name, number: one.number })}
          more={one.suspect ? `${one.cut_on}, ${t('log.suspect')}` : one.cut_on}
          whole={one.whole.mg}
          most={most}
          step={of.step}
          of={one}
        />
      ))}
    </ul>
  );
}

/** What went at this step of a kind or a fish: how much, which share of it, what was paid for it. */
function PartRow(props: {
  to: string;
  name: string;
  more: string;
  whole: number;
  most: number;
  step: GramsStep['step'];
  of: { mass: { mg: number; text: string }; share: string | null; paid: string | null };
}) {
  const { to, name, more, whole, most, step, of } = props;
  return (
    <li>
      <Link className={css.part} to={to}>
        <span>
          <b className={look.block}>{name}</b>
          <span className={look.soft}>{more}</span>
        </span>
        <Portion whole={whole} part={of.mass.mg} most={most} step={step} />
        <b>{of.mass.text}</b>
        <span>{of.share}</span>
        <span>{of.paid}</span>
      </Link>
    </li>
  );
}

/** A keel as long as the fish is heavy, with what went at this step at its end. */
function Portion(props: { whole: number; part: number; most: number; step: GramsStep['step'] }) {
  const { whole, part, most, step } = props;
  return (
    <span className={css.partBar} aria-hidden="true">
      <i className={css.partWhole} style={{ width: `${(100 * whole) / most}%` }}>
        <i
          className={`fam-${STEPS[step].family}`}
          style={{ width: `${(100 * Math.max(0, part)) / Math.max(1, whole)}%` }}
        />
      </i>
    </span>
  );
}
