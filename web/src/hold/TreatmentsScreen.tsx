import { Button } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, type Treatments } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { DishTimer, left } from '../ui/DishTimer';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { useNow } from '../ui/useNow';
import { HoldRooms } from './HoldRooms';
import { TreatmentForm } from './TreatmentForm';
import css from './TreatmentsScreen.module.css';
import { AIMS, how, notFor } from './treatmentWords';

/** What the house does to fish between the board and the plate, and what is done now. */
export function TreatmentsScreen() {
  const { me } = useKitchen();
  const [editing, setEditing] = useState<string | null>(null);
  const { data, error, refetch } = api.useQuery(
    'get',
    '/hold/treatments',
    {},
    { refetchInterval: 15_000, staleTime: 0 },
  );
  if (error) {
    return <Missing stage="hold" error={error} />;
  }
  if (!data) {
    return <p className={cx(look.sheet, look.soft)}>{t('treatments.loading')}</p>;
  }
  const going = data.treatings.filter((one) => one.state !== 'weighed');
  const done = data.treatings.filter((one) => one.state === 'weighed');
  const isChef = me.role === 'head chef';
  return (
    <section className={cx(look.sheet, look.wide)}>
      <HoldRooms />
      <div className={look.headline}>
        <div>
          <h1>{t('treatments.treatments')}</h1>
          <p className={look.soft}>{t('treatments.intro')}</p>
        </div>
        {isChef && editing === null && (
          <Button variant="default" onClick={() => setEditing('new')}>
            {t('treatments.add')}
          </Button>
        )}
      </div>
      {editing !== null && (
        <TreatmentForm
          key={editing}
          treatment={data.treatments.find((one) => one.id === editing)}
          onDone={() => {
            setEditing(null);
            void refetch();
          }}
          onCancel={() => setEditing(null)}
        />
      )}
      <div className={css.treatmentColumns}>
        <ul className={css.treatmentList}>
          {data.treatments.map((one) => (
            <li key={one.id}>
              <Link to={`/hold/treatments/${one.id}`}>
                <b>{one.name}</b>
                <span>{how(one)}</span>
                <span className={look.soft}>
                  {t('treatments.for', { aims: one.aims.map((aim) => AIMS[aim]).join(', ') })} {notFor(one)}
                </span>
              </Link>
              {isChef && (
                <Button
                  variant="default"
                  aria-label={t('treatments.edit', { name: one.name })}
                  onClick={() => setEditing(one.id)}
                >
                  {t('treatments.edit-short')}
                </Button>
              )}
            </li>
          ))}
        </ul>
        <div>
          <h2>{t('treatments.in-progress')}</h2>
          {going.length === 0 && <p className={look.soft}>{t('treatments.none-now')}</p>}
          {going.map((one) => (
            <Going key={one.id} one={one} />
          ))}
          {done.length > 0 && (
            <>
              <h2 className={css.treatmentDone}>{t('treatments.weighed')}</h2>
              <ul>
                {done.map((one) => (
                  <li key={one.id} className={css.treatmentWas}>
                    <Link to={`/hold/treatings/${one.id}`}>
                      {one.number}. {one.name}
                    </Link>
                    <span className={look.soft}>
                      {one.mass}, {one.since}
                    </span>
                    <b>{one.change}</b>
                  </li>
                ))}
              </ul>
            </>
          )}
        </div>
      </div>
      <p className={look.soft}>{data.check}</p>
    </section>
  );
}

function Going({ one }: { one: Treatments['treatings'][number] }) {
  const now = useNow(one.clock?.now);
  const clock = one.clock && { ...one.clock, now: one.clock.ended ?? now };
  return (
    <Link className={css.treatmentGoing} to={`/hold/treatings/${one.id}`}>
      <span className={css.treatmentWas}>
        <b>
          {one.number}. {one.name}
        </b>
        <span>{one.mass}</span>
        <b>
          {one.state === 'running' && clock
            ? left(clock)
            : one.state === 'ended'
              ? t('treatments.weigh-it')
              : t('treatments.make-it-up')}
        </b>
      </span>
      {clock && <DishTimer clock={clock} label={one.name} small />}
    </Link>
  );
}
