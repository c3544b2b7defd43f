import { Button, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ulid } from 'ulid';
import { api, asProblem, faultAt, type People } from '../api/client';
import { Chips } from '../ui/Chips';
import { HouseRooms } from './HouseRooms';
import { PinField } from './PinField';

type One = People['people'][number];

const ROLES: { value: One['role']; label: string }[] = [
  { value: 'cutter', label: 'Cutter' },
  { value: 'head chef', label: 'Head chef' },
];

/** Who works here: add, rename, give another role or PIN, disable. Nobody is deleted: their weights stay theirs. */
export function PeopleScreen() {
  const { data, error } = api.useQuery('get', '/kitchen/people', {}, { staleTime: 0 });
  const [editing, setEditing] = useState<string | null>(null);
  if (error) {
    return (
      <section className="sheet">
        <h1>People</h1>
        <p role="alert">{asProblem(error).detail}</p>
      </section>
    );
  }
  return (
    <section className="sheet wide">
      <HouseRooms />
      <div className="headline">
        <div>
          <h1>People</h1>
          <p className="soft">
            Whoever is disabled cannot sign in; what they weighed stays on record under their name.
          </p>
        </div>
        <Button onClick={() => setEditing(ulid())} disabled={editing !== null}>
          Add a person
        </Button>
      </div>
      {data && editing !== null && !data.people.some((one) => one.id === editing) && (
        <PersonForm id={editing} person={null} onDone={() => setEditing(null)} />
      )}
      <ul className="people-list">
        {data?.people.map((one) => (
          <li key={one.id} className={one.disabled ? 'off' : ''}>
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
          <h2>Wrong PINs, last {data.days} days</h2>
          <ul className="wrong-pins">
            {data.wrong.map((one, i) => (
              <li key={i}>
                <span>{one.at}</span>
                <b>{one.name}</b>
                <span className="soft">
                  {one.known ? 'at a known tablet' : `from ${one.address}, not a known tablet`}
                </span>
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}

function Row({ one, days, onEdit }: { one: One; days: number; onEdit: () => void }) {
  const queries = useQueryClient();
  const disable = api.useMutation('put', '/kitchen/people/{person}/disabled', {
    onSettled: () => queries.invalidateQueries(),
  });
  const set = (disabled: boolean) =>
    disable.mutate({ params: { path: { person: one.id } }, body: { disabled, version: one.version } });
  return (
    <div className="person-row">
      <span className="name">
        <b>{one.name}</b>
        <span className="soft">{one.disabled ? 'disabled' : one.role}</span>
      </span>
      <span className="soft">{one.signed_in ? `last signed in ${one.signed_in}` : 'has not signed in yet'}</span>
      <span className="soft">
        {one.wrong > 0 && `${one.wrong} wrong ${one.wrong === 1 ? 'PIN' : 'PINs'} in ${days} days`}
      </span>
      <span className="row">
        <Button variant="default" onClick={onEdit} aria-label={`Edit ${one.name}`}>
          Edit
        </Button>
        <Button
          variant="default"
          disabled={disable.isPending}
          aria-label={`${one.disabled ? 'Enable' : 'Disable'} ${one.name}`}
          onClick={() => set(!one.disabled)}
        >
          {one.disabled ? 'Enable' : 'Disable'}
        </Button>
      </span>
      {disable.error && (
        <p className="fault" role="alert">
          {asProblem(disable.error).detail}
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
      className="person-form"
      onSubmit={(event) => {
        event.preventDefault();
        store.mutate({
          params: { path: { person: id } },
          body: { name, role, ...(pin ? { pin } : {}), ...(person ? { version: person.version } : {}) },
        });
      }}
    >
      <TextInput
        label="Name"
        value={name}
        autoFocus
        error={faultAt(store.error, '/name')}
        onChange={(event) => setName(event.currentTarget.value)}
      />
      <Chips legend="Role" name={`role-${id}`} value={role} options={ROLES} onChange={setRole} />
      <PinField
        label={person ? 'New PIN, if it is to change' : 'First PIN, best six digits'}
        value={pin}
        error={faultAt(store.error, '/pin')}
        onChange={setPin}
      />
      <div className="row">
        <Button type="submit" loading={store.isPending} disabled={!name.trim() || (!person && pin.length < 4)}>
          Save
        </Button>
        <Button variant="default" onClick={onDone}>
          Cancel
        </Button>
      </div>
      <p className="fault" role="alert">
        {faultAt(store.error, '/role') ??
          (store.error && !asProblem(store.error).errors ? asProblem(store.error).detail : '')}
      </p>
    </form>
  );
}
