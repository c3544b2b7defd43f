import { Button, TextInput } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, asProblem } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import css from './TraysScreen.module.css';

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
    <section className={look.sheet}>
      <div>
        <h1>{t('trays.tare-trays')}</h1>
        <p className={look.soft}>
          {t('trays.what-each-weighs-empty-a-reading')} <Link to="/breakdown">{t('trays.back-to-the-fish')}</Link>
        </p>
      </div>
      {data?.trays.length === 0 && <p className={look.soft}>{t('trays.no-tray-is-listed-yet-weigh')}</p>}
      <ul className={look.rows}>
        {data?.trays.map((tray) => (
          <li className={css.trayLine} key={tray.name}>
            <b>{tray.name}</b>
            <span>{tray.mass.text}</span>
            <Button
              variant="default"
              onClick={() => store.mutate({ params: { path: { tray: tray.name } }, body: { mass: null } })}
              aria-label={t('trays.remove-the', { tray: tray.name })}
            >
              {t('trays.remove')}
            </Button>
          </li>
        ))}
      </ul>
      <form
        className={cx(look.typed, css.trayNew)}
        onSubmit={(event) => {
          event.preventDefault();
          store.mutate({ params: { path: { tray: name.trim() } }, body: { mass } });
        }}
      >
        <TextInput
          aria-label={t('trays.name-of-the-tray')}
          placeholder={t('trays.half-tray')}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <TextInput
          aria-label={t('trays.its-weight')}
          placeholder={t('trays.412-g')}
          value={mass}
          onChange={(event) => setMass(event.target.value)}
        />
        <Button type="submit" variant="default" disabled={!name.trim() || !mass.trim() || store.isPending}>
          {t('trays.save-tray')}
        </Button>
      </form>
      <p className={look.fault} role="alert">
        {store.error ? asProblem(store.error).detail : ''}
      </p>
    </section>
  );
}
