import { Button } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { api, asProblem, faultAt } from '../api/client';
import { languages, t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { HouseRooms } from './HouseRooms';
import { useKitchen } from './kitchen';
import { PinField } from './PinField';
import { ROLES } from './roles';

/** One's own: PIN, units, and what the bench does by itself. */
export function MeScreen() {
  const { me, boards } = useKitchen();
  const queries = useQueryClient();
  const [pin, setPin] = useState('');
  const [next, setNext] = useState('');
  const [changed, setChanged] = useState(false);
  const change = api.useMutation('put', '/me/pin', {
    onSuccess: () => {
      setPin('');
      setNext('');
      setChanged(true);
    },
  });
  const keep = (kitchen: unknown) => queries.setQueryData(api.queryOptions('get', '/kitchen').queryKey, kitchen);
  const shortcuts = api.useMutation('put', '/me/shortcuts', { onSuccess: keep });
  const handsFree = api.useMutation('put', '/me/hands-free', { onSuccess: keep });
  const speaks = api.useMutation('put', '/me/language', { onSuccess: keep });
  const units = api.useMutation('put', '/me/units', { onSuccess: () => queries.invalidateQueries() });
  const board = api.useMutation('put', '/tablet/board', { onSuccess: () => queries.invalidateQueries() });
  const fault = change.error && !asProblem(change.error).errors ? asProblem(change.error).detail : '';

  return (
    <section className={cx(look.sheet, look.wide)}>
      <HouseRooms />
      <div>
        <h1>{me.name}</h1>
        <p className={look.soft}>{ROLES[me.role]}</p>
      </div>
      <Chips
        legend={t('me.weights-are-read-in')}
        name="units"
        value={me.units}
        options={[
          { value: 'metric', label: t('me.grams') },
          { value: 'us', label: t('me.pounds-and-ounces') },
        ]}
        onChange={(value) => units.mutate({ body: { units: value } })}
      />
      <Chips
        legend={t('me.language')}
        name="language"
        value={me.language}
        options={languages()}
        onChange={(value) => speaks.mutate({ body: { language: value } })}
      />
      {boards.length > 1 && (
        <Chips
          legend={t('me.this-tablet-stands-at')}
          name="board"
          value={boards.find((one) => one.here)?.board ?? 'a'}
          options={boards.map(({ board: value }) => ({
            value,
            label: value === 'a' ? t('me.board-a') : t('me.board-b'),
          }))}
          onChange={(value) => board.mutate({ body: { board: value } })}
        />
      )}
      <OnOff
        legend={t('me.single-letters-at-the-bench-t')}
        name="shortcuts"
        on={me.shortcuts}
        onChange={(on) => shortcuts.mutate({ body: { on } })}
      />
      <OnOff
        legend={t('me.hands-free')}
        name="hands-free"
        on={me.hands_free}
        onChange={(on) => handsFree.mutate({ body: { on } })}
      />
      <form
        className={look.personForm}
        onSubmit={(event) => {
          event.preventDefault();
          setChanged(false);
          change.mutate({ body: { pin, new_pin: next } });
        }}
      >
        <h2>{t('me.change-your-pin')}</h2>
        <PinField
          label={t('me.pin-you-have-now')}
          value={pin}
          error={faultAt(change.error, '/pin')}
          onChange={setPin}
        />
        <PinField
          label={t('me.new-pin-best-six-digits')}
          value={next}
          error={faultAt(change.error, '/new_pin')}
          onChange={setNext}
        />
        <Button type="submit" loading={change.isPending} disabled={pin.length < 4 || next.length < 4}>
          {t('me.change-pin')}
        </Button>
        <p className={fault ? look.fault : look.soft} role="status">
          {fault || (changed ? t('me.your-pin-is-changed-other-tablets') : '')}
        </p>
      </form>
    </section>
  );
}

function OnOff(props: { legend: string; name: string; on: boolean; onChange: (on: boolean) => void }) {
  return (
    <Chips
      legend={props.legend}
      name={props.name}
      value={props.on ? 'on' : 'off'}
      options={[
        { value: 'on', label: t('me.on') },
        { value: 'off', label: t('me.off') },
      ]}
      onChange={(value) => props.onChange(value === 'on')}
    />
  );
}
