import { Button, NumberInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, asProblem, type OrderOf } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './OrderNotes.module.css';
import { spanOf } from './prepTime';

const FAT = { lean: t('order.lean'), good: t('order.good'), fat: t('order.fat') };

/** What stands beside an order: the season, the hands for it against fillets, and what is always in the house. */
export function OrderNotes({ data }: { data: OrderOf }) {
  return (
    <aside className={css.orderNotes} aria-label={t('order.notes')}>
      {data.season && <p>{seasonSays(data.season, data.name).join(' ')}</p>}
      {data.hands && <Hands hands={data.hands} />}
      <AlwaysHere key={`${data.species} ${data.par.version}`} data={data} />
    </aside>
  );
}

function Hands({ hands }: { hands: NonNullable<OrderOf['hands']> }) {
  const { data } = api.useQuery('get', '/plan/hands', { params: { query: { day: hands.day } } }, { staleTime: 60_000 });
  const work = spanOf(hands.minutes);
  if (!data) {
    return null;
  }
  return (
    <p>
      {data.free === null
        ? t('order.hands-nobody', { work, even: hands.even })
        : t('order.hands', { work, date: hands.date, free: spanOf(data.free), even: hands.even })}
    </p>
  );
}

function AlwaysHere({ data }: { data: OrderOf }) {
  const queries = useQueryClient();
  const [fish, setFish] = useState<number | ''>(data.par.fish);
  const store = usePut('order', '/plan/pars/{species}', { onSuccess: () => queries.invalidateQueries() });
  const missing = data.par.fish - data.par.here;
  return (
    <form
      className={css.alwaysHere}
      onSubmit={(event) => {
        event.preventDefault();
        store.mutate({
          params: { path: { species: data.species } },
          body: { fish: fish === '' ? 0 : fish, version: data.par.version },
        });
      }}
    >
      <NumberInput
        label={t('order.always-here', { name: data.name })}
        min={0}
        max={400}
        value={fish}
        onChange={(typed) => setFish(typed === '' ? '' : Number(typed))}
      />
      {fish !== data.par.fish && (
        <Button type="submit" disabled={store.isPending}>
          {t('order.keep-par')}
        </Button>
      )}
      {missing > 0 && <p className={css.underPar}>{t('order.under-par', { count: missing, here: data.par.here })}</p>}
      {store.error && (
        <p className={look.fault} role="alert">
          {asProblem(store.error).detail}
        </p>
      )}
    </form>
  );
}

function seasonSays(of: NonNullable<OrderOf['season']>, name: string): string[] {
  return [
    of.fat
      ? t('order.season-fat', { month: of.month, fat: FAT[of.fat], why: of.why })
      : t('order.season', { month: of.month, why: of.why }),
    ...(of.supply === 'plenty' ? [t('order.season-plenty')] : []),
    ...(of.supply === 'short' ? [t('order.season-short')] : []),
    ...(of.points === 0 ? [] : [yieldSays(of)]),
    ...(of.roe ? [t('order.season-roe')] : []),
    ...of.unsuited.map((dish) => t('order.season-unsuited', { dish })),
    ...(of.ahead
      ? [
          t('order.season-ahead', {
            name,
            from: of.ahead.from,
            to: of.ahead.to,
            why: of.ahead.why,
            count: of.ahead.portions,
          }),
        ]
      : []),
    t('order.season-source', { source: of.source }),
  ];
}

function yieldSays(of: NonNullable<OrderOf['season']>): string {
  const points = Math.abs(of.points);
  const own = of.own > 0 ? t('order.season-own', { count: of.own, month: of.month }) : t('order.season-start');
  const fish = of.fish === 0 ? '' : t('order.season-fish', { change: of.fish > 0 ? `+${of.fish}` : `−${-of.fish}` });
  return [of.points > 0 ? t('order.season-more', { points, own }) : t('order.season-less', { points, own }), fish]
    .join(' ')
    .trim();
}
