import { Button, Checkbox, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import { ulid } from 'ulid';
import { asProblem, faultAt, type Service, type Services } from '../api/client';
import { t } from '../lang';
import { ALLERGENS } from '../portion/allergens';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './ServiceForm.module.css';
import { usual } from './usual';

const KINDS: { value: Service['kind']; label: string }[] = [
  { value: 'dining-room', label: t('services.dining-room') },
  { value: 'banquet', label: t('services.banquet') },
];

/** When its fish is cut, before the service. */
const BEFORE = [
  { value: '0', label: t('services.cut-that-day') },
  { value: '1', label: t('services.cut-the-day-before') },
  { value: '2', label: t('services.cut-two-days-before') },
];

type Usual = Services['days'][number]['usual'];
type Course = Service['dishes'][number]['course'];
type OnMenu = { share: number | ''; chosen: number | ''; before: number; course: Course };

const COURSES: { value: Course; label: string }[] = [
  { value: 'first', label: t('services.course-first') },
  { value: 'main', label: t('services.course-main') },
  { value: 'other', label: t('services.course-other') },
];

const some = (value: number | string): number | '' => (value === '' ? '' : Number(value));

/** A service: when, how many guests, and its menu. */
export function ServiceForm(props: {
  day: string;
  service: Service | undefined;
  dishes: Services['dishes'];
  usual: Usual;
  onDone: (services: Services) => void;
  onCancel: () => void;
}) {
  const { service } = props;
  const [id] = useState(service?.id ?? ulid());
  const [kind, setKind] = useState<Service['kind']>(service?.kind ?? 'dining-room');
  const [day, setDay] = useState(service?.day ?? props.day);
  const [at, setAt] = useState(service?.at ?? '19:00');
  const [name, setName] = useState(service?.name ?? '');
  const [covers, setCovers] = useState<number | ''>(service?.covers ?? props.usual?.covers ?? '');
  const [spread, setSpread] = useState<number | ''>(service?.covers_sd ?? props.usual?.sd ?? 0);
  const [noShow, setNoShow] = useState<number | ''>(service?.no_show_pct ?? 0);
  const [noShowSpread, setNoShowSpread] = useState<number | ''>(service?.no_show_sd_pct ?? 0);
  const [spare, setSpare] = useState<number | ''>(service?.spare_pct ?? 0);
  const [guaranteed, setGuaranteed] = useState<number | ''>(service?.guaranteed ?? '');
  const [note, setNote] = useState(service?.note ?? '');
  const [event, setEvent] = useState(service?.event ?? '');
  const [allergies, setAllergies] = useState<Record<string, number>>(() =>
    Object.fromEntries((service?.allergies ?? []).map((one) => [one.allergen, one.guests])),
  );
  const [quote, setQuote] = useState(service?.quote ?? '');
  const [menu, setMenu] = useState<Record<string, OnMenu>>(() =>
    Object.fromEntries(
      (service?.dishes ?? []).map((dish) => [
        dish.dish,
        { share: dish.share_pct ?? '', chosen: dish.chosen ?? '', before: dish.cut_before, course: dish.course },
      ]),
    ),
  );
  const store = usePut('services', '/plan/services/{service}', { onSuccess: props.onDone });
  const put = (dropped: boolean) =>
    store.mutate({
      params: { path: { service: id } },
      body: {
        day,
        at,
        kind,
        name,
        covers: covers === '' ? 0 : covers,
        note,
        event,
        allergies,
        quote: quote || null,
        ...(kind === 'banquet'
          ? {
              no_show_pct: noShow || 0,
              no_show_sd_pct: noShowSpread || 0,
              spare_pct: spare || 0,
              guaranteed: guaranteed === '' ? null : guaranteed,
            }
          : { covers_sd: spread || 0 }),
        dishes: props.dishes.flatMap((dish) => {
          const on = menu[dish.id];
          return on
            ? [
                {
                  dish: dish.id,
                  share_pct: on.share === '' ? null : on.share,
                  chosen: on.chosen === '' ? null : on.chosen,
                  cut_before: on.before,
                  course: on.course,
                },
              ]
            : [];
        }),
        ...(service ? { version: service.version, dropped } : {}),
      },
    });
  const number = (label: string, value: number | '', set: (value: number | '') => void, field: string) => (
    <NumberInput
      label={label}
      value={value}
      min={0}
      error={faultAt(store.error, field)}
      onChange={(typed) => set(some(typed))}
    />
  );
  return (
    <form
      className={css.serviceForm}
      onSubmit={(event) => {
        event.preventDefault();
        put(false);
      }}
    >
      <Chips legend={t('services.kind')} name="kind" value={kind} options={KINDS} onChange={setKind} inline />
      <div className={cx(look.fields, look.four)}>
        <TextInput
          label={t('services.name')}
          value={name}
          error={faultAt(store.error, '/name')}
          onChange={(event) => setName(event.target.value)}
        />
        <TextInput
          type="date"
          label={t('services.day')}
          value={day}
          error={faultAt(store.error, '/day')}
          onChange={(event) => setDay(event.target.value)}
        />
        <TextInput
          type="time"
          label={t('services.at')}
          value={at}
          error={faultAt(store.error, '/at')}
          onChange={(event) => setAt(event.target.value)}
        />
        {number(kind === 'banquet' ? t('services.announced') : t('services.covers'), covers, setCovers, '/covers')}
        {kind === 'dining-room' && number(t('services.spread'), spread, setSpread, '/covers_sd')}
        {kind === 'banquet' && (
          <>
            {number(t('services.no-show'), noShow, setNoShow, '/no_show_pct')}
            {number(t('services.no-show-spread'), noShowSpread, setNoShowSpread, '/no_show_sd_pct')}
            {number(t('services.spare'), spare, setSpare, '/spare_pct')}
            {number(t('services.guaranteed-count'), guaranteed, setGuaranteed, '/guaranteed')}
          </>
        )}
        {kind === 'banquet' && (
          <>
            <TextInput
              label={t('services.event')}
              value={event}
              error={faultAt(store.error, '/event')}
              onChange={(typed) => setEvent(typed.target.value)}
            />
            <TextInput
              label={t('services.quote')}
              inputMode="decimal"
              value={quote}
              error={faultAt(store.error, '/quote')}
              onChange={(typed) => setQuote(typed.target.value)}
            />
          </>
        )}
        <TextInput label={t('services.note')} value={note} onChange={(event) => setNote(event.target.value)} />
      </div>
      {!service && props.usual && kind === 'dining-room' && <p className={look.soft}>{usual(props.usual)}</p>}
      <fieldset className={css.serviceMenu}>
        <legend>{t('services.menu')}</legend>
        {props.dishes.map((dish) => {
          const on = menu[dish.id];
          const change = (what: Partial<OnMenu>) =>
            setMenu((was) => ({
              ...was,
              [dish.id]: { share: '', chosen: '', before: 0, course: 'main', ...was[dish.id], ...what },
            }));
          return (
            <div key={dish.id} className={css.menuLine}>
              <Checkbox
                label={dish.name}
                checked={on !== undefined}
                onChange={(event) => {
                  if (event.currentTarget.checked) {
                    change({});
                  } else {
                    setMenu(({ [dish.id]: _, ...rest }) => rest);
                  }
                }}
              />
              {on && (
                <>
                  <NativeSelect
                    aria-label={t('services.course-of', { name: dish.name })}
                    value={on.course}
                    data={COURSES}
                    onChange={(event) => change({ course: event.currentTarget.value as Course })}
                  />
                  <NumberInput
                    aria-label={t('services.share-of', { name: dish.name })}
                    placeholder={t('services.share-hint')}
                    suffix=" %"
                    min={0}
                    max={100}
                    value={on.share}
                    onChange={(typed) => change({ share: some(typed) })}
                  />
                  <NumberInput
                    aria-label={t('services.chosen-of', { name: dish.name })}
                    placeholder={t('services.chosen-count')}
                    min={0}
                    value={on.chosen}
                    onChange={(typed) => change({ chosen: some(typed) })}
                  />
                  <NativeSelect
                    aria-label={t('services.cut-before-of', { name: dish.name })}
                    value={String(on.before)}
                    data={BEFORE}
                    onChange={(event) => change({ before: Number(event.currentTarget.value) })}
                  />
                </>
              )}
            </div>
          );
        })}
      </fieldset>
      <details className={css.allergies} open={Object.keys(allergies).length > 0}>
        <summary>{t('services.allergies')}</summary>
        <div>
          {Object.entries(ALLERGENS).map(([allergen, name]) => (
            <NumberInput
              key={allergen}
              label={t('services.without', { name })}
              min={0}
              value={allergies[allergen] ?? ''}
              onChange={(typed) =>
                setAllergies(({ [allergen]: _, ...rest }) =>
                  typed === '' || Number(typed) === 0 ? rest : { ...rest, [allergen]: Number(typed) },
                )
              }
            />
          ))}
        </div>
      </details>
      {store.error && (
        <p className={look.fault} role="alert">
          {asProblem(store.error).detail}
        </p>
      )}
      <div className={css.serviceDo}>
        <Button type="submit" disabled={name.trim() === '' || covers === '' || store.isPending}>
          {t('services.save')}
        </Button>
        <Button variant="default" onClick={props.onCancel}>
          {t('services.cancel')}
        </Button>
        {service && (
          <Button variant="default" onClick={() => put(true)}>
            {t('services.drop')}
          </Button>
        )}
      </div>
    </form>
  );
}
