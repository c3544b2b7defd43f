import { UnstyledButton } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { api, asProblem, type RouteBench } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { FishTitle } from '../ui/FishTitle';
import { Keel } from '../ui/Keel';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { NextStage } from '../ui/NextStage';
import { digitKeys } from '../ui/PartTray';
import { useKeys } from '../ui/useKeys';
import { usePut } from '../ui/usePut';
import { lowerFirst } from '../ui/words';
import css from './RouteScreen.module.css';

/** Every part that is not a portion, and the bin it goes to. */
export function RouteScreen() {
  const { fish: id = '' } = useParams();
  const { data: bench, error } = api.useQuery('get', '/route/fish/{fish}', { params: { path: { fish: id } } });
  if (error) {
    return <Missing stage="route" error={error} />;
  }
  return bench ? <Board key={id} bench={bench} /> : <p className={cx(look.sheet, look.soft)}>{t('route.loading')}</p>;
}

function Board({ bench }: { bench: RouteBench }) {
  const { fish } = bench;
  const { me } = useKitchen();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [chosen, setChosen] = useState<string | null>(bench.rows[0]?.piece ?? null);
  const path = { path: { fish: fish.id } };
  const key = api.queryOptions('get', '/route/fish/{fish}', { params: path }).queryKey;
  const send = usePut(`route/${fish.id}`, '/route/fish/{fish}/pieces/{piece}', {
    onSuccess: (data) => queries.setQueryData(key, data),
    onError: () => queries.invalidateQueries({ queryKey: key }),
  });
  const sac = usePut(`route/${fish.id}`, '/route/fish/{fish}/pieces/{piece}/sac', {
    onSuccess: (data) => queries.setQueryData(key, data),
    onError: () => queries.invalidateQueries({ queryKey: key }),
  });
  const done = usePut(`route/${fish.id}`, '/route/fish/{fish}/done', {
    onSuccess: () => {
      queries.invalidateQueries();
      navigate(me.sees_prices ? `/cost/${fish.id}` : '/route');
    },
    onError: () => queries.invalidateQueries({ queryKey: key }),
  });
  const finish = () => done.mutate({ params: path, body: { version: fish.version } });
  const row = bench.rows.find((r) => r.piece === chosen);
  const to = (bin: RouteBench['rows'][number]['bin']) => {
    if (row) {
      send.mutate({ params: { path: { fish: fish.id, piece: row.piece } }, body: { bin, version: fish.version } });
    }
  };
  const step = (by: number) => {
    const at = bench.rows.findIndex((r) => r.piece === chosen);
    setChosen(bench.rows[Math.min(bench.rows.length - 1, Math.max(0, at + by))]?.piece ?? null);
  };
  const allowed = row?.options.filter((option) => option.allowed) ?? [];
  useKeys({
    down: () => step(1),
    up: () => step(-1),
    ...digitKeys(
      allowed.map((option) => ({ part: option.bin })),
      (bin) => to(allowed.find((option) => option.bin === bin)?.bin ?? null),
    ),
  });
  const trouble = send.error ?? sac.error ?? done.error;

  return (
    <div className={look.bench}>
      <section className={look.board}>
        <FishTitle fish={fish} />
        <Keel keel={bench.keel} onChoose={(piece) => bench.rows.some((r) => r.piece === piece) && setChosen(piece)} />
        {bench.rows.length === 0 ? (
          <div className={look.empty}>
            <h2>{t('route.nothing-is-left-over')}</h2>
            <p>{t('route.every-weighed-part-of-this-fish')}</p>
          </div>
        ) : (
          <ul className={css.routes}>
            {bench.rows.map((r) => (
              <li key={r.piece}>
                <UnstyledButton
                  className={css.routeRow}
                  aria-pressed={r.piece === chosen}
                  onClick={() => setChosen(r.piece)}
                >
                  <i className={cx(look.swatch, `fam-${r.family}`)} />
                  <span className={css.name}>{r.name}</span>
                  <span className={css.n}>{r.mass.text}</span>
                  <span className={css.goes}>{r.options.find((o) => o.bin === r.bin)?.name ?? t('route.served')}</span>
                  <span className={look.soft}>{r.why}</span>
                </UnstyledButton>
              </li>
            ))}
          </ul>
        )}
        <ul className={css.fromFish} aria-label={t('route.from-this-fish')}>
          {bench.bins
            .filter((bin) => bin.mass)
            .map((bin) => (
              <li key={bin.bin}>
                <i className={cx(look.swatch, `fam-${bin.family}`)} />
                <b>{bin.mass?.text}</b>
                <span className={look.soft}>
                  {bin.bin === 'discard' ? t('route.thrown-away') : t('route.to', { lowerFirst: lowerFirst(bin.name) })}
                </span>
              </li>
            ))}
        </ul>
      </section>
      <aside className={look.pan} aria-label={t('route.bins')}>
        <p className={look.todo} data-testid="todo">
          {row ? t('route.destination-of', { lowerFirst: lowerFirst(row.name) }) : t('route.go-on-to-the-cost')}
        </p>
        {row && row.broken !== null && (
          <Chips
            legend={t('route.the-sac')}
            name="sac"
            inline
            value={row.broken ? 'broken' : 'whole'}
            options={[
              { value: 'whole', label: t('route.sac-whole') },
              { value: 'broken', label: t('route.sac-broken') },
            ]}
            onChange={(said) =>
              sac.mutate({
                params: { path: { fish: fish.id, piece: row.piece } },
                body: { broken: said === 'broken', version: fish.version },
              })
            }
          />
        )}
        {row?.scrape && <p className={look.soft}>{row.scrape}</p>}
        {row?.prepare && <p className={look.caution}>{t('route.first', { lowerFirst: lowerFirst(row.prepare) })}</p>}
        {row && (
          <div className={css.binChoices}>
            {row.may_be_served && (
              <UnstyledButton className={css.choice} aria-pressed={row.bin === null} onClick={() => to(null)}>
                <span className={look.key} />
                <span className={css.name}>{t('route.serve-it')}</span>
                <span className={css.mass}>{t('route.as-it-is')}</span>
              </UnstyledButton>
            )}
            {row.options.map((option) => (
              <UnstyledButton
                className={css.choice}
                key={option.bin}
                disabled={!option.allowed}
                aria-pressed={option.bin === row.bin}
                onClick={() => to(option.bin)}
              >
                <span className={look.key} aria-hidden="true">
                  {option.allowed ? allowed.indexOf(option) + 1 : '×'}
                </span>
                <span className={css.name}>
                  {option.name}
                  {option.rate && <small>{option.rate}</small>}
                </span>
                <span className={css.mass}>{option.why}</span>
              </UnstyledButton>
            ))}
          </div>
        )}
        <p className={look.fault} role="alert">
          {trouble ? asProblem(trouble).detail : ''}
        </p>
        <div className={look.push} />
        <NextStage
          label={me.sees_prices ? t('route.confirm-bins-go-to-cost') : t('route.confirm-bins')}
          busy={done.isPending}
          back={{ label: t('route.back-to-portion'), to: `/portion/${fish.id}` }}
          onClick={finish}
        />
      </aside>
    </div>
  );
}
