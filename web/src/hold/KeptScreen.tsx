import { Button } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { ulid } from 'ulid';
import { api, asProblem, type Kept } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { usePut } from '../ui/usePut';
import { HoldRooms } from './HoldRooms';
import { KeptCount } from './KeptCount';
import { KeptDish } from './KeptDish';
import css from './KeptScreen.module.css';
import { KeptTrays } from './KeptTrays';

const keptKey = api.queryOptions('get', '/hold/kept', {}).queryKey;

const HOW: Record<Kept['last'][number]['how'], string> = {
  served: t('kept.was-served'),
  staff: t('kept.was-staff'),
  discarded: t('kept.was-discarded'),
  moved: t('kept.was-moved'),
  frozen: t('kept.was-frozen'),
  thawed: t('kept.was-thawed'),
  treated: t('kept.was-treated'),
  missing: t('kept.was-missing'),
};

/** The pass: how many of each dish are left, in figures read from three metres. */
export function KeptScreen() {
  const queries = useQueryClient();
  const { me } = useKitchen();
  const { data, error } = api.useQuery('get', '/hold/kept', {}, { refetchInterval: 5_000 });
  const [open, setOpen] = useState<string | null>(null);
  const [counting, setCounting] = useState(false);
  const settled = {
    onSuccess: (kept: Kept) => queries.setQueryData(keptKey, kept),
    onError: () => queries.invalidateQueries({ queryKey: keptKey }),
  };
  const out = usePut('kept', '/hold/kept/dishes/{dish}/out/{act}', settled);
  const undo = usePut('kept', '/hold/kept/undone/{act}', settled);
  if (error) {
    return <Missing stage="hold" error={error} />;
  }
  if (!data) {
    return <p className={cx(look.sheet, look.soft)}>{t('kept.loading')}</p>;
  }
  const serve = (dish: string, count: number) =>
    out.mutate({ params: { path: { dish, act: ulid() } }, body: { how: 'served', count } });
  const chosen = data.dishes.find((one) => one.dish === open);
  const problem = out.error ?? undo.error;
  return (
    <section className={cx(look.sheet, look.wide)}>
      <HoldRooms />
      <div className={look.headline}>
        <div>
          <h1>{t('kept.for-service')}</h1>
          <p className={look.soft}>
            {t('kept.intro')}{' '}
            {me.role === 'head chef' && <a href="/api/hold/stocktake.csv">{t('kept.stocktake-csv')}</a>}
          </p>
        </div>
        {data.dishes.length > 0 && (
          <Button variant="default" onClick={() => setCounting(!counting)}>
            {counting ? t('kept.back-to-the-pass') : t('kept.closing-count')}
          </Button>
        )}
      </div>
      {problem && (
        <p className={look.fault} role="alert">
          {asProblem(problem).detail}
        </p>
      )}
      {data.note && (
        <p className={look.caution}>{t('kept.note', { by: data.note.by, at: data.note.at, text: data.note.text })}</p>
      )}
      {data.dishes.length === 0 && (
        <div className={look.empty}>
          <h2>{t('kept.nothing-yet')}</h2>
          <p>{t('kept.nothing-yet-why')}</p>
        </div>
      )}
      {counting ? (
        <KeptCount
          kept={data}
          onCounted={(kept) => {
            settled.onSuccess(kept);
            setCounting(false);
          }}
        />
      ) : (
        <ul className={css.pass}>
          {data.dishes.map((dish) => (
            <KeptDish
              key={dish.dish}
              dish={dish}
              onServe={(count) => serve(dish.dish, count)}
              onOpen={() => setOpen(open === dish.dish ? null : dish.dish)}
              opened={open === dish.dish}
            />
          ))}
        </ul>
      )}
      {chosen && !counting && <KeptTrays key={chosen.dish} dish={chosen} onChanged={settled.onSuccess} />}
      <div className={css.passFoot}>
        <div>
          <h2>{t('kept.last')}</h2>
          {data.last.length === 0 && <p className={look.soft}>{t('kept.nothing-left-today')}</p>}
          <ul>
            {data.last.slice(0, 4).map((one) => (
              <li key={one.act}>
                <span>
                  {t('kept.left-with', {
                    count: Math.abs(one.count),
                    dish: one.dish,
                    how: one.count < 0 ? t('kept.came-back') : HOW[one.how],
                    at: one.at,
                    by: one.by,
                  })}
                </span>
                {one.can_undo && (
                  <Button
                    variant="default"
                    aria-label={t('kept.undo-of', { dish: one.dish, at: one.at })}
                    onClick={() => undo.mutate({ params: { path: { act: ulid() } }, body: { undoes: one.act } })}
                  >
                    {t('kept.undo')}
                  </Button>
                )}
              </li>
            ))}
          </ul>
        </div>
        <Tomorrow title={t('kept.carries-over')} none={t('kept.carries-none')} dishes={data.carries} />
        <Tomorrow title={t('kept.ends-today')} none={t('kept.ends-none')} dishes={data.ends} />
      </div>
      <p className={look.soft}>{data.check}</p>
    </section>
  );
}

function Tomorrow(props: { title: string; none: string; dishes: Kept['carries'] }) {
  return (
    <div>
      <h2>{props.title}</h2>
      {props.dishes.length === 0 && <p className={look.soft}>{props.none}</p>}
      <ul>
        {props.dishes.map((one) => (
          <li key={one.dish}>
            <span>{one.name}</span>
            <b>{one.count}</b>
          </li>
        ))}
      </ul>
    </div>
  );
}
