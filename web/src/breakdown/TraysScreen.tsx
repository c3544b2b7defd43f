import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, asProblem } from '../api/client';

/** The tray register: what lies under the fish, and what it weighs. */
export function TraysScreen() {
  const { data, refetch } = api.useQuery('get', '/breakdown/trays');
  const [name, setName] = useState('');
  const [mass, setMass] = useState('');
  const store = api.useMutation('put', '/breakdown/trays/{tray}', {
    onSuccess: () => {
      setName('');
      setMass('');
      refetch();
    },
  });
  return (
    <section className="sheet">
      <div>
        <h1>Tare trays</h1>
        <p className="soft">
          What each weighs empty. A reading keeps the tray it was taken with.{' '}
          <Link to="/breakdown">Back to the fish</Link>
        </p>
      </div>
      {data?.trays.length === 0 && <p className="soft">No tray is listed yet: weigh one empty and save it.</p>}
      <ul className="rows">
        {data?.trays.map((tray) => (
          <li className="tray-line" key={tray.name}>
            <b>{tray.name}</b>
            <span>{tray.mass.text}</span>
            <Button
              variant="default"
              onClick={() => store.mutate({ params: { path: { tray: tray.name } }, body: { mass: null } })}
              aria-label={`Remove the ${tray.name}`}
            >
              Remove
            </Button>
          </li>
        ))}
      </ul>
      <form
        className="typed tray-new"
        onSubmit={(event) => {
          event.preventDefault();
          store.mutate({ params: { path: { tray: name.trim() } }, body: { mass } });
        }}
      >
        <TextInput
          aria-label="Name of the tray"
          placeholder="half tray"
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <TextInput
          aria-label="Its weight"
          placeholder="412 g"
          value={mass}
          onChange={(event) => setMass(event.target.value)}
        />
        <Button type="submit" variant="default" disabled={!name.trim() || !mass.trim() || store.isPending}>
          Save tray
        </Button>
      </form>
      <p className="fault" role="alert">
        {store.error ? asProblem(store.error).detail : ''}
      </p>
    </section>
  );
}
