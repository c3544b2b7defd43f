import { Button } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { Link } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, type Servings } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import { PortionRooms } from './PortionRooms';
import { ServingDrawing } from './ServingDrawing';
import css from './ServingsScreen.module.css';

type Of = Servings['dishes'][number];
type Serving = Of['proposed'][number];

/** Small pieces weighed one by one, put together so many to a plate: what goes with what, and what fits nowhere. */
export function ServingsScreen() {
  const queries = useQueryClient();
  const { data, error } = api.useQuery('get', '/portion/servings', {}, { staleTime: 0 });
  const onSuccess = (servings: Servings) => {
    queries.setQueryData(api.queryOptions('get', '/portion/servings', {}).queryKey, servings);
    queries.invalidateQueries();
  };
  const make = usePut('servings', '/portion/dishes/{dish}/servings', { onSuccess });
  const apart = usePut('servings', '/portion/servings/{serving}/apart', { onSuccess });
  const fault = error ?? make.error ?? apart.error;
  return (
    <section className={cx(look.sheet, look.wide)}>
      <PortionRooms />
      <div>
        <h1>{t('servings.servings')}</h1>
        <p className={look.soft}>{t('servings.small-fillets-weighed-one-by-one')}</p>
      </div>
      <p className={look.fault} role="alert">
        {fault ? (asProblem(fault).errors?.[0]?.detail ?? asProblem(fault).detail) : ''}
      </p>
      {data?.dishes
        .filter((of) => of.loose.length + of.servings.length > 0 || data.dishes.length === 1)
        .map((of) => (
          <DishServings
            key={of.dish}
            of={of}
            busy={make.isPending}
            onMake={() =>
              make.mutate({
                params: { path: { dish: of.dish } },
                body: {
                  servings: of.proposed.map((serving) => ({
                    id: ulid(),
                    pieces: serving.pieces.map((one) => one.piece),
                  })),
                },
              })
            }
            onApart={(serving) => apart.mutate({ params: { path: { serving } } })}
          />
        ))}
      {data && data.dishes.length > 1 && data.dishes.every((of) => of.loose.length + of.servings.length === 0) && (
        <p>{t('servings.nothing-lies-loose')}</p>
      )}
      {data?.dishes.length === 0 && (
        <div className={look.empty}>
          <h2>{t('servings.no-dish-has-several')}</h2>
          <p>{t('servings.say-on-a-dish-how-many')}</p>
          <Link to="/portion/dishes">{t('servings.dishes')}</Link>
        </div>
      )}
    </section>
  );
}

type Props = { of: Of; busy: boolean; onMake: () => void; onApart: (serving: string) => void };

function DishServings({ of, busy, onMake, onApart }: Props) {
  return (
    <div className={css.servingsOf}>
      <header>
        <div>
          <h2>{of.name}</h2>
          <p className={look.soft}>
            {t('servings.so-many-to-a-plate', { count: of.per_plate, least: of.least, most: of.most })}{' '}
            {of.loose.length > 0
              ? t('servings.of-loose', { count: of.proposed.length, loose: of.loose.length, left: of.left.length })
              : t('servings.none-loose')}
            {of.bound > of.proposed.length ? ` ${t('servings.at-most', { count: of.bound })}` : ''}
          </p>
        </div>
        {of.proposed.length > 0 && (
          <Button disabled={busy} onClick={onMake}>
            {t('servings.make', { count: of.proposed.length })}
          </Button>
        )}
      </header>
      <ol className={css.servingsGrid}>
        {of.proposed.map((serving) => (
          <li key={serving.pieces[0]?.piece}>
            <Words serving={serving} />
          </li>
        ))}
      </ol>
      {of.left.length > 0 && (
        <p className={look.soft}>
          {t('servings.fit-on-no-plate', { list: of.left.map((one) => `${one.name} ${one.mass.text}`).join(', ') })}
        </p>
      )}
      {of.servings.length > 0 && (
        <>
          <h3>{t('servings.made')}</h3>
          <ol className={cx(css.servingsGrid, css.servingsMade)}>
            {of.servings.map((serving) => (
              <li key={serving.id}>
                <Words serving={serving} />
                <Button
                  variant="subtle"
                  size="compact-md"
                  aria-label={t('servings.take-apart-of', { mass: serving.mass.text })}
                  onClick={() => onApart(serving.id ?? '')}
                >
                  {t('servings.take-apart')}
                </Button>
              </li>
            ))}
          </ol>
          <p>
            <Link to="/portion/trays">{t('servings.put-them-on-a-tray')}</Link>
          </p>
        </>
      )}
    </div>
  );
}

/** A serving: drawn, and its sum. */
function Words({ serving }: { serving: Serving }) {
  return (
    <>
      <ServingDrawing grams={serving.pieces.map((one) => one.mass.mg)} whole={serving.mass.mg} />
      <b>
        {serving.mass.text} <span className={look.soft}>{serving.off}</span>
      </b>
      <span className={cx(css.servingsPieces, look.soft)}>
        {serving.pieces.map((one) => (
          <span key={one.piece}>
            {one.name}, {one.mass.text}
          </span>
        ))}
      </span>
    </>
  );
}
