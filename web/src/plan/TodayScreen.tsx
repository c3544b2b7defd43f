import cx from 'clsx';
import { Link } from 'react-router';
import { api, type Today } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { PlanRooms } from './PlanRooms';
import { SoftStroke } from './SoftStroke';
import css from './TodayScreen.module.css';

type Says = Today['says'][number];

/** Where a sentence is answered. */
const ANSWERS: Record<Says['code'], { to: string; name: string }> = {
  'wrong-pins': { to: '/kitchen/people', name: t('today.go-wrong-pins') },
  short: { to: '/portion/tonight', name: t('today.go-short') },
  late: { to: '/plan/prep', name: t('today.go-late') },
  'not-ordered': { to: '/plan/order', name: t('today.go-not-ordered') },
  'no-count': { to: '/plan/services', name: t('today.go-no-count') },
  ends: { to: '/hold/kept', name: t('today.go-ends') },
  'no-menu': { to: '/plan/services', name: t('today.go-no-menu') },
  'not-sold': { to: '/plan/services', name: t('today.go-not-sold') },
};

/** The head chef's first screen: the services of the day from morning to night, and the few things that matter. */
export function TodayScreen() {
  const { data, error } = api.useQuery('get', '/plan/today', {}, { refetchInterval: 60_000, staleTime: 0 });
  if (error) {
    return <Missing stage="plan" error={error} />;
  }
  if (!data) {
    return <p className={cx(look.sheet, look.soft)}>{t('today.loading')}</p>;
  }
  const most = Math.max(
    1,
    ...data.services.flatMap((one) => one.dishes.flatMap((dish) => [dish.wanted.high, dish.there.high])),
  );
  const next = data.services.findIndex((one) => !one.over);
  const now = <li className={css.nowLine}>{t('today.now', { at: data.now })}</li>;
  return (
    <section className={cx(look.sheet, look.wide)}>
      <PlanRooms />
      <div className={look.headline}>
        <h1>{data.date}</h1>
      </div>
      <div className={css.todayColumns}>
        <ol className={css.rail}>
          {data.services.map((one, i) => (
            <Served key={one.id} one={one} most={most} before={i === next ? now : null} />
          ))}
          {next === -1 && now}
          {data.services.length === 0 && (
            <li className={look.soft}>
              {t('today.nothing')} <Link to="/plan/services">{t('today.plan-one')}</Link>
            </li>
          )}
        </ol>
        <section className={css.matters} aria-label={t('today.matters')}>
          <h2>{t('today.matters')}</h2>
          {data.says.length === 0 && <p className={look.soft}>{t('today.all-well')}</p>}
          <ul>
            {data.says.map((one) => (
              <li key={sentence(one)}>
                <Link to={ANSWERS[one.code].to}>
                  {sentence(one)} <b>{ANSWERS[one.code].name}</b>
                </Link>
              </li>
            ))}
          </ul>
        </section>
      </div>
    </section>
  );
}

function Served(props: { one: Today['services'][number]; most: number; before: React.ReactNode }) {
  const { one, most, before } = props;
  return (
    <>
      {before}
      <li className={css.served}>
        <header>
          <b>{one.at}</b>
          <b>{one.name}</b>
          <span>{t('today.guests', { count: one.covers })}</span>
        </header>
        <ul>
          {one.dishes.map((dish) => (
            <li key={dish.dish}>
              <span>{dish.name}</span>
              <span
                role="img"
                className={css.overNeed}
                aria-label={t('today.picture', {
                  name: dish.name,
                  wanted: Math.round(dish.wanted.mean),
                  low: dish.there.low,
                  high: dish.there.high,
                })}
              >
                <SoftStroke id={`w${one.id}${dish.dish}`} portions={dish.wanted} most={most} kind="need" />
                <SoftStroke id={`t${one.id}${dish.dish}`} portions={dish.there} most={most} kind="supply" />
              </span>
              <b className={cx(dish.there.mean < dish.wanted.mean && css.bare)}>
                {t('today.there', { there: Math.round(dish.there.mean), wanted: Math.round(dish.wanted.mean) })}
              </b>
            </li>
          ))}
        </ul>
      </li>
    </>
  );
}

function sentence({ code, values }: Says): string {
  const count = Number(values.missing ?? values.count ?? 0);
  switch (code) {
    case 'wrong-pins':
      return t('today.wrong-pins', { name: values.name, count });
    case 'short':
      return t('today.short', { dish: values.dish, missing: values.missing, wanted: values.wanted });
    case 'late':
      return values.minutes === null
        ? t('today.no-time', { dish: values.dish, name: values.name })
        : t('today.late', { dish: values.dish, name: values.name, count: Number(values.minutes) });
    case 'not-ordered':
      return [
        t('today.not-ordered', { fish: values.fish, day: values.day, count }),
        ...(values.by ? [t('today.by', { by: values.by })] : []),
      ].join(' ');
    case 'no-count':
      return t('today.no-count', { name: values.name, guests: values.guests });
    case 'ends':
      return t('today.ends', { dish: values.dish, count });
    case 'no-menu':
      return t('today.no-menu', { name: values.name, day: values.day });
    case 'not-sold':
      return t('today.not-sold', { name: values.name, day: values.day });
  }
}
