import { Button } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { Link, useParams } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, type Treating, type Weight } from '../api/client';
import { figure, t } from '../lang';
import { DishTimer, left } from '../ui/DishTimer';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { Pan } from '../ui/Pan';
import { PrintLabel } from '../ui/PrintLabel';
import { useNow } from '../ui/useNow';
import { usePut } from '../ui/usePut';
import { Jug } from './Jug';
import { SaltCurve } from './SaltCurve';
import css from './TreatingScreen.module.css';
import { how, ingredient, notFor } from './treatmentWords';

/** One treatment at the board: the scale asks for one thing at a time, the dish fills, the fish is weighed again. */
export function TreatingScreen() {
  const { treating = '' } = useParams();
  const { data, error } = api.useQuery(
    'get',
    '/hold/treatings/{treating}',
    { params: { path: { treating } } },
    { refetchInterval: 15_000 },
  );
  if (error) {
    return <Missing stage="hold" error={error} />;
  }
  return data ? (
    <Board key={treating} one={data} />
  ) : (
    <p className={cx(look.sheet, look.soft)}>{t('treatments.loading')}</p>
  );
}

const MARK: Record<string, string> = {
  turn: t('treating.turned'),
  rinse: t('treating.rinsed'),
  dry: t('treating.dried'),
};

function Board({ one }: { one: Treating }) {
  const queries = useQueryClient();
  const path = { treating: one.id };
  const key = api.queryOptions('get', '/hold/treatings/{treating}', { params: { path } }).queryKey;
  const settled = {
    onSuccess: (data: Treating) => queries.setQueryData(key, data),
    onError: () => queries.invalidateQueries({ queryKey: key }),
  };
  const mark = usePut(`treatings/${one.id}`, '/hold/treatings/{treating}/marks/{mark}', settled);
  const start = usePut(`treatings/${one.id}`, '/hold/treatings/{treating}/started', settled);
  const end = usePut(`treatings/${one.id}`, '/hold/treatings/{treating}/ended', settled);
  const weigh = usePut(`treatings/${one.id}`, '/hold/treatings/{treating}/weighed', settled);
  const now = useNow(one.clock?.now);
  const clock = one.clock && { ...one.clock, now: one.clock.ended ?? now };
  const next = one.state === 'made-up' ? one.steps.find((step) => step.weighed === null) : undefined;
  const did = (what: string) => one.marks.some((done) => done.what === what);
  const asksRinse = one.state === 'ended' && one.treatment.rinse && !did('rinse');
  const asksDry = one.state === 'ended' && one.treatment.dry && !did('dry');
  const take = (weight: Weight) =>
    next
      ? mark.mutate({ params: { path: { ...path, mark: ulid() } }, body: { what: next.name, weight } })
      : weigh.mutate({ params: { path }, body: { weight, version: one.version } });
  const press = (what: string) => mark.mutate({ params: { path: { ...path, mark: ulid() } }, body: { what } });
  const problem = mark.error ?? start.error ?? end.error ?? weigh.error;
  const body = { version: one.version };
  return (
    <div className={look.bench}>
      <section className={look.board}>
        <header className={look.headline}>
          <div>
            <h1>
              {one.treatment.name} <span className={css.treatingNo}>{one.number}</span>
            </h1>
            <p className={look.soft}>
              {one.things.join('; ')}. {how(one.treatment)}, {one.by}.{' '}
              <Link to="/hold/treatments">{t('treatments.all')}</Link>
            </p>
          </div>
          <p className={look.yield}>
            <b>{one.after?.text ?? one.before.text}</b>
            <span className={look.soft}>
              {one.change
                ? t('treating.change', { change: one.change.text, expected: one.expected })
                : t('treating.before')}
            </span>
          </p>
        </header>
        <p className={look.caution}>
          {notFor(one.treatment)} {one.treatment.caution} {one.check}
        </p>
        {clock && (
          <div className={css.treatingClock}>
            <p className={css.treatingLeft} data-testid="left">
              {one.state === 'running' ? left(clock) : t('treating.ended')}
            </p>
            <DishTimer clock={clock} label={one.treatment.name} />
          </div>
        )}
        <SaltCurve
          plan={one.plan}
          target={one.treatment.target_pct}
          window={{ from: one.treatment.minutes_from, usual: one.treatment.minutes, to: one.treatment.minutes_to }}
          now={clock ? (clock.now - clock.from) / 60 : null}
        />
        {one.reached && (
          <p>
            {one.reached.salt_pct !== null
              ? t('treating.salt-now', { pct: figure(one.reached.salt_pct, 2) })
              : t('treating.share-reached', { share: Math.round(100 * (one.reached.share ?? 0)) })}
          </p>
        )}
        {one.change && <p className={cx(one.change.code !== 'usual' && look.ended)}>{one.change.say}</p>}
        {one.steps.length > 0 && (
          <ul className={css.treatingSteps} aria-label={t('treating.made-up')}>
            {one.steps.map((step) => (
              <li key={step.name} className={cx(step.weighed && css.treatingIn)}>
                <b>{ingredient(step.name)}</b> {step.mass.text}{' '}
                <span className={look.soft}>
                  {step.weighed === null
                    ? ''
                    : step.within
                      ? t('treating.weighed-in', { mass: step.weighed.text })
                      : t('treating.weighed-off', { mass: step.weighed.text })}
                </span>
              </li>
            ))}
          </ul>
        )}
        <ul className={look.soft}>
          {one.marks
            .filter((done) => MARK[done.what])
            .map((done) => (
              <li key={`${done.what}${done.at}`}>
                {MARK[done.what]} {done.at}, {done.by}
              </li>
            ))}
        </ul>
      </section>
      <Pan
        todo={todo(one, next ? ingredient(next.name) : null, asksRinse, asksDry)}
        recordAs={next ? ingredient(next.name) : one.state === 'ended' ? t('treating.after') : null}
        takeWord={t('treatments.record')}
        onTake={take}
        busy={mark.isPending || weigh.isPending}
        fault={problem ? asProblem(problem).detail : undefined}
        readings={[]}
      >
        {next && <Jug goal={next.mass} />}
        {one.state === 'made-up' && (
          <Button disabled={start.isPending} onClick={() => start.mutate({ params: { path }, body })}>
            {t('treating.start')}
          </Button>
        )}
        {one.state === 'running' && (
          <>
            {one.treatment.turn_every !== null && (
              <Button variant="default" onClick={() => press('turn')}>
                {t('treating.turned-now')}
              </Button>
            )}
            <Button disabled={end.isPending} onClick={() => end.mutate({ params: { path }, body })}>
              {t('treating.end')}
            </Button>
          </>
        )}
        {asksRinse && (
          <Button variant="default" onClick={() => press('rinse')}>
            {t('treating.rinsed-now')}
          </Button>
        )}
        <PrintLabel kind="treating" id={one.id} name={one.treatment.name} />
        {asksDry && (
          <Button variant="default" onClick={() => press('dry')}>
            {t('treating.dried-now')}
          </Button>
        )}
      </Pan>
    </div>
  );
}

function todo(one: Treating, next: string | null, asksRinse: boolean, asksDry: boolean): string {
  if (next) {
    return t('treating.weigh-in', { name: next });
  }
  switch (one.state) {
    case 'made-up':
      return t('treating.put-in');
    case 'running':
      return t('treating.in');
    case 'ended':
      return asksRinse ? t('treating.rinse-it') : asksDry ? t('treating.dry-it') : t('treating.weigh-again');
    case 'weighed':
      return t('treating.done');
  }
}
