import { Button, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { ulid } from 'ulid';
import { api, asProblem, faultAt, type People } from '../api/client';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { HouseRooms } from './HouseRooms';
import css from './PeopleScreen.module.css';
import { PinField } from './PinField';
import { ROLES } from './roles';

type One = People['people'][number];

const CHOICES = Object.entries(ROLES).map(([value, label]) => ({ value: value as One['role'], label }));

/** Who works here: add, rename, give another role or PIN, disable. Nobody is deleted: their weights stay theirs. */
export function PeopleScreen() {
  const { data, error } = api.useQuery('get', '/kitchen/people', {}, { staleTime: 0 });
  const [editing, setEditing] = useState<string | null>(null);
  if (error) {
    return (
      <section className={look.sheet}>
        <h1>{t('people.people')}</h1>
        <p role="alert">{asProblem(error).detail}</p>
      </section>
    );
  }
  return (
    <section className={cx(look.sheet, look.wide)}>
      <HouseRooms />
      <div className={look.headline}>
        <div>
          <h1>{t('people.people')}</h1>
          <p className={look.soft}>{t('people.whoever-is-disabled-cannot-sign-in')}</p>
        </div>
        <Button onClick={() => setEditing(ulid())} disabled={editing !== null}>
          {t('people.add-a-person')}
        </Button>
      </div>
      {data && editing !== null && !data.people.some((one) => one.id === editing) && (
        <PersonForm id={editing} person={null} onDone={() => setEditing(null)} />
      )}
      <ul className={css.peopleList}>
        {data?.people.map((one) => (
          <li key={one.id} className={cx(one.disabled && css.off)}>
            {editing === one.id ? (
              <PersonForm id={one.id} person={one} onDone={() => setEditing(null)} />
            ) : (
              <Row one={one} days={data.days} onEdit={() => setEditing(one.id)} />
            )}
          </li>
        ))}
      </ul>
      {data && data.wrong.length > 0 && (
        <div>
          <h2>{t('people.wrong-pins-last-days', { days: data.days })}</h2>
          <ul className={css.wrongPins}>
            {data.wrong.map((one, i) => (
              <li key={i}>
                <span>{one.at}</span>
                <b>{one.name}</b>
                <span className={look.soft}>
                  {one.known
                    ? t('people.at-a-known-tablet')
                    : t('people.from-not-a-known-tablet', { address: one.address })}
                </span>
              </li>
            ))}
          </ul>
        </div>
      )}
      {data && <Kept kept={data.kept} />}
    </section>
  );
}

/** What is known about people, and for how long. */
function Kept({ kept }: { kept: People['kept'] }) {
  const rows = [
    [t('people.kept-person'), t('people.until-forgotten')],
    [t('people.kept-work'), t('people.with-the-fish')],
    [t('people.kept-practise'), t('people.until-number')],
    [t('people.kept-sign-ins'), t('people.days-after', { count: kept.sign_ins_days })],
    [t('people.kept-tries'), t('people.days', { count: kept.tries_days })],
    [t('people.kept-tablets'), t('people.seconds')],
    [t('people.kept-log'), t('people.days', { count: kept.log_days })],
    [t('people.kept-paper'), t('people.as-printed')],
    [t('people.kept-backups'), t('people.backups', { count: kept.backups })],
  ];
  return (
    <div className={css.kept}>
      <h2>{t('people.what-is-kept')}</h2>
      <p className={look.soft}>{t('people.nothing-leaves')}</p>
      <dl>
        {rows.map(([what, how]) => (
          <div key={what}>
            <dt>{what}</dt>
            <dd>{how}</dd>
          </div>
        ))}
      </dl>
    </div>
  );
}

function Row({ one, days, onEdit }: { one: One; days: number; onEdit: () => void }) {
  const queries = useQueryClient();
  const disable = api.useMutation('put', '/kitchen/people/{person}/disabled', {
    onSettled: () => queries.invalidateQueries(),
  });
  const [asking, setAsking] = useState(false);
  const forget = api.useMutation('put', '/kitchen/people/{person}/anonymous', {
    onSettled: () => {
      setAsking(false);
      queries.invalidateQueries();
    },
  });
  const set = (disabled: boolean) =>
    disable.mutate({ params: { path: { person: one.id } }, body: { disabled, version: one.version } });
  return (
    <div className={css.personRow}>
      <span className={css.name}>
        <b>{one.name}</b>
        <span className={look.soft}>
          {one.anonymous ? t('people.anonymous') : one.disabled ? t('people.disabled') : ROLES[one.role]}
        </span>
      </span>
      <span className={look.soft}>
        {one.signed_in ? t('people.last-signed-in', { signed_in: one.signed_in }) : t('people.has-not-signed-in-yet')}
      </span>
      <span className={look.soft}>{one.wrong > 0 && t('people.wrong-in-days', { count: one.wrong, days })}</span>
      {asking && (
        <div className={css.asks} role="alertdialog" aria-label={t('people.forget-of', { name: one.name })}>
          <p>{t('people.forget-asks', { name: one.name })}</p>
          <p className={look.lineActions}>
            <Button disabled={forget.isPending} onClick={() => forget.mutate({ params: { path: { person: one.id } } })}>
              {t('people.forget-yes', { name: one.name })}
            </Button>
            <Button variant="default" onClick={() => setAsking(false)}>
              {t('people.keep-name')}
            </Button>
          </p>
        </div>
      )}
      <span className={css.row} hidden={one.anonymous || asking}>
        {one.disabled && (
          <Button
            variant="default"
            aria-label={t('people.forget-of', { name: one.name })}
            onClick={() => setAsking(true)}
          >
            {t('people.forget')}
          </Button>
        )}
        <Button variant="default" onClick={onEdit} aria-label={t('people.edit', { one: one.name })}>
          {t('people.edit-2')}
        </Button>
        <Button
          variant="default"
          disabled={disable.isPending}
          aria-label={`${one.disabled ? t('people.enable') : t('people.disable')} ${one.name}`}
          onClick={() => set(!one.disabled)}
        >
          {one.disabled ? t('people.enable') : t('people.disable')}
        </Button>
      </span>
      {(disable.error || forget.error) && (
        <p className={css.fault} role="alert">
          {asProblem(disable.error ?? forget.error).detail}
        </p>
      )}
    </div>
  );
}

function PersonForm({ id, person, onDone }: { id: string; person: One | null; onDone: () => void }) {
  const queries = useQueryClient();
  const [name, setName] = useState(person?.name ?? '');
  const [role, setRole] = useState<One['role']>(person?.role ?? 'cutter');
  const [pin, setPin] = useState('');
  const store = api.useMutation('put', '/kitchen/people/{person}', {
    onSuccess: () => {
      queries.invalidateQueries();
      onDone();
    },
  });
  return (
    <form
      className={look.personForm}
      onSubmit={(event) => {
        event.preventDefault();
        store.mutate({
          params: { path: { person: id } },
          body: { name, role, ...(pin ? { pin } : {}), ...(person ? { version: person.version } : {}) },
        });
      }}
    >
      <TextInput
        label={t('people.name')}
        value={name}
        autoFocus
        error={faultAt(store.error, '/name')}
        onChange={(event) => setName(event.currentTarget.value)}
      />
      <Chips legend={t('people.role')} name={`role-${id}`} value={role} options={CHOICES} onChange={setRole} />
      <PinField
        label={person ? t('people.new-pin-if-it-is-to') : t('people.first-pin-best-six-digits')}
        value={pin}
        error={faultAt(store.error, '/pin')}
        onChange={setPin}
      />
      <div className={css.row}>
        <Button type="submit" loading={store.isPending} disabled={!name.trim() || (!person && pin.length < 4)}>
          {t('people.save')}
        </Button>
        <Button variant="default" onClick={onDone}>
          {t('people.cancel')}
        </Button>
      </div>
      <p className={css.fault} role="alert">
        {faultAt(store.error, '/role') ??
          (store.error && !asProblem(store.error).errors ? asProblem(store.error).detail : '')}
      </p>
    </form>
  );
}
