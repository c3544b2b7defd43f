import { Button, Group } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, type Service, type Services } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { ALLERGENS } from '../portion/allergens';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { BookIn } from './BookIn';
import { CalendarAddress } from './CalendarAddress';
import { PlanRooms } from './PlanRooms';
import { ServiceForm } from './ServiceForm';
import css from './ServicesScreen.module.css';
import { SoftStroke } from './SoftStroke';
import { SoldForm } from './SoldForm';
import { usual } from './usual';

/** The calendar of services: who comes, what they want of each dish, and what was really sold. */
export function ServicesScreen() {
  const { me } = useKitchen();
  const queries = useQueryClient();
  const key = api.queryOptions('get', '/plan/services', {}).queryKey;
  const { data, error } = api.useQuery('get', '/plan/services', {}, { staleTime: 0 });
  const [editing, setEditing] = useState<{ day: string; service?: Service } | null>(null);
  const [selling, setSelling] = useState<string | null>(null);
  const [importing, setImporting] = useState(false);
  if (error) {
    return <Missing stage="plan" error={error} />;
  }
  if (!data) {
    return <p className={cx(look.sheet, look.soft)}>{t('services.loading')}</p>;
  }
  const done = (services: Services) => {
    queries.setQueryData(key, services);
    setEditing(null);
    setSelling(null);
    setImporting(false);
  };
  const isChef = me.role === 'head chef';
  // Dinners on one ruler, banquets on another: beside 160 plates nobody sees the difference of two Fridays.
  const most = (kind: Service['kind']) =>
    Math.max(
      1,
      ...data.days.flatMap((day) =>
        day.services.filter((one) => one.kind === kind).flatMap((one) => one.dishes.map((dish) => dish.portions.high)),
      ),
    );
  return (
    <section className={cx(look.sheet, look.wide)}>
      <PlanRooms />
      <div className={look.headline}>
        <div>
          <h1>{t('services.services')}</h1>
          <p className={look.soft}>{t('services.intro')}</p>
        </div>
        {isChef && !editing && !importing && (
          <Group gap={8}>
            <Button variant="default" onClick={() => setImporting(true)}>
              {t('book.import')}
            </Button>
            <Button variant="default" onClick={() => setEditing({ day: data.days[0]?.day ?? '' })}>
              {t('services.add')}
            </Button>
          </Group>
        )}
      </div>
      {importing && <BookIn onDone={done} onCancel={() => setImporting(false)} />}
      {editing && (
        <ServiceForm
          key={editing.service?.id ?? 'new'}
          day={editing.day}
          service={editing.service}
          dishes={data.dishes}
          usual={data.days.find((day) => day.day === editing.day)?.usual ?? null}
          onDone={done}
          onCancel={() => setEditing(null)}
        />
      )}
      <ol className={css.calendar}>
        {data.days.map((day) => (
          <li key={day.day} className={cx(css.calendarDay, day.services.length === 0 && css.calendarFree)}>
            <h2>{day.name}</h2>
            <div>
              {day.services.map((one) => (
                <OneService
                  key={one.id}
                  one={one}
                  most={most(one.kind)}
                  onEdit={isChef ? () => setEditing({ day: one.day, service: one }) : undefined}
                />
              ))}
              {day.services.length === 0 && (
                <p className={look.soft}>
                  {t('services.nothing')}
                  {day.usual && day.usual.from > 0 && `. ${usual(day.usual)}`}
                </p>
              )}
            </div>
            {isChef && day.services.length === 0 && (
              <Button
                variant="subtle"
                aria-label={t('services.add-on', { day: day.name })}
                onClick={() => setEditing({ day: day.day })}
              >
                +
              </Button>
            )}
          </li>
        ))}
      </ol>
      {data.over.length > 0 && (
        <section className={css.justOver} aria-label={t('services.just-over')}>
          <h2>{t('services.just-over')}</h2>
          <p className={look.soft}>{t('services.sold-intro')}</p>
          <ul>
            {data.over.map((one) => (
              <li key={one.id}>
                <div className={css.overLine}>
                  <b>
                    {one.date}, {one.name}
                  </b>
                  <span>
                    {one.sold_covers === null
                      ? guests(one)
                      : [
                          t('services.came', { covers: one.sold_covers }),
                          ...one.dishes
                            .filter((dish) => dish.sold !== null)
                            .map((dish) => `${dish.name} ${dish.sold ?? 0}`),
                        ].join(', ')}
                  </span>
                  {selling !== one.id && (
                    <Button
                      variant="default"
                      aria-label={t('services.type-sold', { name: `${one.name}, ${one.date}` })}
                      onClick={() => setSelling(one.id)}
                    >
                      {t('services.type-sold-short')}
                    </Button>
                  )}
                </div>
                {selling === one.id && <SoldForm service={one} onDone={done} onCancel={() => setSelling(null)} />}
              </li>
            ))}
          </ul>
        </section>
      )}
      {isChef && <CalendarAddress />}
    </section>
  );
}

function OneService({ one, most, onEdit }: { one: Service; most: number; onEdit: (() => void) | undefined }) {
  return (
    <article className={css.oneService} aria-label={`${one.name}, ${one.date}`}>
      <header>
        <b>{one.at}</b>
        <b className={css.serviceName}>{one.name}</b>
        <span>{guests(one)}</span>
        {one.note && <span className={look.soft}>{one.note}</span>}
        {onEdit && one.kind === 'banquet' && (
          <Button
            component={Link}
            variant="default"
            to={`/plan/services/${one.id}`}
            aria-label={t('services.open-event', { name: one.name, day: one.date })}
          >
            {t('services.open-event-short')}
          </Button>
        )}
        {onEdit && (
          <Button variant="default" aria-label={t('services.edit', { name: one.name, day: one.date })} onClick={onEdit}>
            {t('order.edit')}
          </Button>
        )}
      </header>
      {one.allergies.length > 0 && (
        <p className={css.allergyGuests}>{one.allergies.map((of) => without(of)).join(' ')}</p>
      )}
      {one.dishes.length === 0 && <p className={look.soft}>{t('services.no-dishes')}</p>}
      <ul>
        {one.dishes.map((dish) => (
          <li key={dish.dish}>
            <span>
              {dish.name}
              {dish.course !== 'main' && (
                <small>{dish.course === 'first' ? t('services.course-first') : t('services.course-other')}</small>
              )}
            </span>
            <span className={look.soft}>{takes(dish)}</span>
            <span
              role="img"
              aria-label={t('services.portions-of', {
                name: dish.name,
                mean: Math.round(dish.portions.mean),
                low: dish.portions.low,
                high: dish.portions.high,
              })}
              className={css.serviceStroke}
            >
              <SoftStroke id={`${one.id}-${dish.dish}`} portions={dish.portions} most={most} kind="need" />
            </span>
            <b>
              {dish.portions.low === dish.portions.high
                ? t('services.exactly', { mean: Math.round(dish.portions.mean) })
                : t('services.about', { mean: Math.round(dish.portions.mean) })}
            </b>
            <span className={look.soft}>
              {dish.portions.low === dish.portions.high
                ? ''
                : t('services.between', { low: dish.portions.low, high: dish.portions.high })}
            </span>
          </li>
        ))}
      </ul>
    </article>
  );
}

function guests(one: Service): string {
  if (one.kind === 'banquet') {
    return [
      t('services.guests', { count: one.covers }),
      ...(one.guaranteed === null ? [] : [t('services.guaranteed', { count: one.guaranteed })]),
      t('services.cooked-for', { count: one.cooked_for.mean }),
    ].join(', ');
  }
  return one.covers_sd > 0
    ? t('services.guests-about', { count: one.covers, sd: one.covers_sd })
    : t('services.guests', { count: one.covers });
}

function without({ allergen, guests, dishes }: Service['allergies'][number]): string {
  const name = ALLERGENS[allergen as keyof typeof ALLERGENS];
  return dishes.length === 0
    ? t('services.guests-without', { count: guests, name })
    : t('services.guests-without-has', { count: guests, name, dishes: dishes.join(', ') });
}

function takes(dish: Service['dishes'][number]): string {
  if (dish.chosen !== null) {
    return t('services.chosen', { chosen: dish.chosen });
  }
  if (dish.share_pct !== null) {
    return t('services.share-typed', { share: dish.share_pct });
  }
  const share = t('services.share', { share: Math.round(dish.takes_pct) });
  return dish.learned > 0 ? `${share}, ${t('services.learned', { count: dish.learned })}` : share;
}
