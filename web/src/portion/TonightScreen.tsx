import { Button, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, type Tonight } from '../api/client';
import { figure, t } from '../lang';
import { look } from '../ui/look';
import { PortionRooms } from './PortionRooms';
import css from './TonightScreen.module.css';

type Group = Tonight['groups'][number];

/** Tonight's demand over all fillets that wait: what comes of which, and what will be short. */
export function TonightScreen() {
  const queries = useQueryClient();
  const key = api.queryOptions('get', '/portion/tonight', {}).queryKey;
  const { data, error } = api.useQuery('get', '/portion/tonight', {}, { staleTime: 0 });
  const [run, setRun] = useState<string | null>(null);
  const deal = api.useMutation('post', '/portion/tonight/runs/{run}', {
    onSuccess: (dealt) => queries.setQueryData(key, dealt),
    onSettled: () => setRun(null),
  });
  const start = useRef((_: undefined) => {});
  start.current = () => {
    const id = ulid();
    setRun(id);
    deal.mutate({ params: { path: { run: id } } });
  };
  const want = api.useMutation('put', '/portion/tonight/{dish}', { onSuccess: () => start.current(undefined) });
  // What came out of a fillet since is dealt with as soon as somebody looks here again.
  const ready = data !== undefined;
  const wantedAny = data?.groups.some((group) => group.dishes.some((dish) => dish.need > 0)) ?? false;
  useEffect(() => {
    if (ready && wantedAny) {
      start.current(undefined);
    }
  }, [ready, wantedAny]);

  return (
    <section className={cx(look.sheet, look.wide, 'tonight')}>
      <PortionRooms />
      <header className={look.headline}>
        <div>
          <h1>{t('tonight.tonight')}</h1>
          <p className={look.soft}>
            {data?.day}
            {t('tonight.enter-the-portions-needed-fillets')}
          </p>
        </div>
        <Button variant="default" onClick={() => start.current(undefined)} disabled={deal.isPending}>
          {deal.isPending ? t('tonight.allocating') : t('tonight.reallocate')}
        </Button>
      </header>
      {run && <Running run={run} />}
      {(error ?? want.error ?? deal.error) && (
        <p className={look.fault} role="alert">
          {asProblem(error ?? want.error ?? deal.error).detail}
        </p>
      )}
      {data?.groups.length === 0 && (
        <div className={look.empty}>
          <h2>{t('tonight.nothing-to-allocate')}</h2>
          <p>{t('tonight.set-the-fish-of-a-dish')}</p>
          <Link to="/portion/dishes">{t('tonight.dishes')}</Link>
        </div>
      )}
      {data?.groups.filter(isOn).map((group) => (
        <Dealt
          key={group.fish}
          group={group}
          onWant={(dish, need, shared) => want.mutate({ params: { path: { dish } }, body: { need, shared } })}
        />
      ))}
      {data?.groups.some((group) => !isOn(group)) && (
        <article className={css.dealt} aria-label={t('tonight.no-fillets-on-the-bench')}>
          <header>
            <h2>{t('tonight.no-fillets-on-the-bench')}</h2>
          </header>
          <div className={css.offBench}>
            {data.groups
              .filter((group) => !isOn(group))
              .flatMap((group) =>
                group.dishes.map((dish) => (
                  <Wanted
                    key={dish.dish}
                    dish={dish}
                    onWant={(need, shared) =>
                      want.mutate({ params: { path: { dish: dish.dish } }, body: { need, shared } })
                    }
                  />
                )),
              )}
          </div>
        </article>
      )}
      {data && data.anywhere.length > 0 && (
        <p className={look.soft}>
          {t('tonight.for-any-fish-so-not-allocated', { join: data.anywhere.join(', ') })}{' '}
          <Link to="/portion/dishes">{t('tonight.set-the-fish')}</Link>
        </p>
      )}
    </section>
  );
}

/** Fillets wait, or portions are wanted. */
const isOn = (group: Group) =>
  group.fillets.length > 0 || group.together.length > 0 || group.dishes.some((dish) => dish.need > 0);

/** How far a long run is. */
function Running({ run }: { run: string }) {
  const { data } = api.useQuery(
    'get',
    '/portion/tonight/runs/{run}',
    { params: { path: { run } } },
    { refetchInterval: 300, retry: false, enabled: true },
  );
  return (
    <progress className={css.running} value={data?.done ?? 0} max={1}>
      {Math.round(100 * (data?.done ?? 0))} %
    </progress>
  );
}

function Dealt({ group, onWant }: { group: Group; onWant: (dish: string, need: number, shared: boolean) => void }) {
  const short = group.dishes.some((dish) => (dish.short ?? 0) > 0);
  return (
    <article className={css.dealt} aria-label={group.fish}>
      <header>
        <h2>{group.fish}</h2>
        {group.said && (
          <p className={cx(look.said, short && css.short)}>
            {group.said}
            {group.gap_pct !== null && (
              <span className={look.soft}>
                {' '}
                {group.gap_pct < 0.0005
                  ? t('tonight.proven-optimal')
                  : t('tonight.within-of-the-optimum', { toFixed: figure(group.gap_pct, 2) })}
              </span>
            )}
          </p>
        )}
      </header>
      <div className={css.dealtColumns}>
        <div>
          {group.dishes.map((dish) => (
            <Wanted key={dish.dish} dish={dish} onWant={(need, shared) => onWant(dish.dish, need, shared)} />
          ))}
          {group.dishes.length === 0 && <p className={look.soft}>{t('tonight.no-dish-of-this-fish-yet')}</p>}
        </div>
        <div>
          <ul>
            {group.fillets.map((fillet) => {
              const counts = fillet.counts.filter((count) => count.count > 0);
              const to = `/portion/${fillet.fish}/plan/${fillet.piece}`;
              return (
                <li key={fillet.piece} className={css.filletRow}>
                  <span>
                    <b>{t('tonight.no', { number: fillet.number, fillet: fillet.name })}</b>
                    <br />
                    <span className={look.soft}>
                      {t('tonight.to-cut', { left: fillet.left.text, available: fillet.available.text })}
                      {fillet.fixed && `, ${t('tonight.fixed')}`}
                    </span>
                  </span>
                  <span className={css.cuts}>
                    {counts.flatMap((count) =>
                      Array.from({ length: count.count }, (_, i) => (
                        <i
                          key={`${count.dish}${i}`}
                          className={cx(css.cut, `cut-${group.dishes.findIndex((d) => d.dish === count.dish)}`)}
                          style={{
                            flexGrow: group.dishes.find((d) => d.dish === count.dish)?.target.mg ?? 1,
                          }}
                        />
                      )),
                    )}
                    {group.said !== '' && (
                      <i className={cx(css.cut, css.rest)} style={{ flexGrow: rest(group, fillet) }} />
                    )}
                  </span>
                  <span className={css.told}>
                    {counts.map((count) => `${count.count} ${count.name}`).join(', ') ||
                      (group.said ? t('tonight.none') : '')}
                  </span>
                  <Button
                    component={Link}
                    variant="default"
                    to={counts.length > 0 ? `${to}?want=${counts.map((c) => `${c.dish}:${c.count}`).join(',')}` : to}
                  >
                    {t('tonight.plan-cuts')}
                  </Button>
                </li>
              );
            })}
          </ul>
          {group.together.length > 0 && (
            <p className={look.soft}>
              {t('tonight.weighed-together-so-not-allocated', { join: group.together.join(', ') })}
            </p>
          )}
          {group.fillets.length === 0 && group.together.length === 0 && (
            <p className={look.soft}>{t('tonight.no-fillet-waits-to-be-portioned')}</p>
          )}
        </div>
      </div>
    </article>
  );
}

function rest(group: Group, fillet: Group['fillets'][number]): number {
  const used = fillet.counts.reduce(
    (sum, count) => sum + count.count * (group.dishes.find((d) => d.dish === count.dish)?.target.mg ?? 0),
    0,
  );
  return Math.max(0, fillet.left.mg - used);
}

type WantedProps = { dish: Group['dishes'][number]; onWant: (need: number, shared: boolean) => void };

function Wanted({ dish, onWant }: WantedProps) {
  const [typed, setTyped] = useState(String(dish.need));
  useEffect(() => setTyped(String(dish.need)), [dish.need]);
  const say = (need: number) => {
    if (Number.isInteger(need) && need >= 0 && need !== dish.need) {
      onWant(need, false);
    }
  };
  return (
    <div className={css.wantedRow}>
      <span>
        <b>{dish.name}</b> {dish.target.text}
        {dish.priority === 'first' && <span className={look.soft}>{t('tonight.first-when-short')}</span>}
        {dish.priority === 'last' && <span className={look.soft}>{t('tonight.last-when-short')}</span>}
        {dish.planned && <span className={look.soft}>{t('tonight.from-the-services')}</span>}
      </span>
      <span className={css.stepper}>
        <Button
          variant="default"
          aria-label={t('tonight.one-less-of', { dish: dish.name })}
          onClick={() => say(Math.max(0, dish.need - 1))}
        >
          −
        </Button>
        <TextInput
          aria-label={t('tonight.wanted-of', { dish: dish.name })}
          inputMode="numeric"
          value={typed}
          onChange={(event) => setTyped(event.currentTarget.value)}
          onBlur={() => say(Number(typed))}
          onKeyDown={(event) => event.key === 'Enter' && say(Number(typed))}
        />
        <Button
          variant="default"
          aria-label={t('tonight.one-more-of', { dish: dish.name })}
          onClick={() => say(dish.need + 1)}
        >
          +
        </Button>
      </span>
      <span className={look.soft}>
        {t('tonight.cut-today', {
          made: dish.made,
          comes: dish.comes === null ? '' : t('tonight.to-come', { comes: dish.comes }),
        })}
        {dish.sizes && dish.need > 0 && (
          <Button variant="transparent" size="compact-md" onClick={() => onWant(dish.need, true)}>
            {t('tonight.share-over-its-sizes')}
          </Button>
        )}
        {dish.uncut && `, ${t('tonight.uncut', { sure: dish.uncut.sure })}`}
        {(dish.short ?? 0) > 0 && (
          <>
            ,{' '}
            <b className={css.short}>
              {dish.short} {t('tonight.short')}
            </b>
          </>
        )}
      </span>
    </div>
  );
}
