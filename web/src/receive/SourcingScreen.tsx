import { Button, NativeSelect, Table, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { ulid } from 'ulid';
import { api, asProblem, faultAt } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { usePut } from '../ui/usePut';
import { ReceiveRooms } from './ReceiveRooms';
import css from './SourcingScreen.module.css';

const NOTHING = { species: '', area: '', gear: '', supplier: '', reason: '' };

/** What this house does not buy, with the reason of each; flagged wherever it is offered. */
export function SourcingScreen() {
  const { me } = useKitchen();
  const queries = useQueryClient();
  const [form, setForm] = useState(NOTHING);
  const { data, error } = api.useQuery('get', '/receive/sourcing');
  const kept = { onSuccess: () => queries.invalidateQueries() };
  const store = usePut('sourcing', '/receive/sourcing/{act}', {
    onSuccess: () => {
      setForm(NOTHING);
      kept.onSuccess();
    },
  });
  const end = usePut('sourcing', '/receive/sourcing/{act}/ended', kept);
  if (error) {
    return <Missing stage="receive" error={error} />;
  }
  if (!data) {
    return <p className={cx(look.sheet, look.soft)}>{t('sourcing.loading')}</p>;
  }
  const isChef = me.role === 'head chef';
  const set = (more: Partial<typeof form>) => setForm((now) => ({ ...now, ...more }));
  const named = (list: { id: string; name: string }[]) => [
    { value: '', label: t('sourcing.any') },
    ...list.map((one) => ({ value: one.id, label: one.name })),
  ];
  const problem = store.error ?? end.error;
  return (
    <section className={look.sheet}>
      <ReceiveRooms />
      <h1>{t('sourcing.title')}</h1>
      <p className={look.soft}>{t('sourcing.intro')}</p>
      {data.rules.length === 0 ? (
        <p>{t('sourcing.none')}</p>
      ) : (
        <Table>
          <Table.Thead>
            <Table.Tr>
              <Table.Th>{t('sourcing.what')}</Table.Th>
              <Table.Th>{t('sourcing.why')}</Table.Th>
              <Table.Th>
                <span className={look.visuallyHidden}>{t('sourcing.remove')}</span>
              </Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {data.rules.map((rule) => (
              <Table.Tr key={rule.id}>
                <Table.Td>{[rule.species, rule.area, rule.gear, rule.supplier].filter(Boolean).join(', ')}</Table.Td>
                <Table.Td>
                  {rule.reason} <span className={look.soft}>{t('sourcing.by', { by: rule.by, at: rule.at })}</span>
                </Table.Td>
                <Table.Td>
                  {isChef && (
                    <Button variant="default" onClick={() => end.mutate({ params: { path: { act: rule.id } } })}>
                      {t('sourcing.remove')}
                    </Button>
                  )}
                </Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      )}
      {isChef ? (
        <form
          className={css.sourcingRule}
          onSubmit={(event) => {
            event.preventDefault();
            const said = Object.entries(form).filter(([, value]) => value.trim() !== '');
            store.mutate({ params: { path: { act: ulid() } }, body: Object.fromEntries(said) });
          }}
        >
          <div className={cx(look.fields, look.four)}>
            <NativeSelect
              label={t('sourcing.species')}
              value={form.species}
              data={named(data.species)}
              error={faultAt(store.error, '/species')}
              onChange={(event) => set({ species: event.currentTarget.value })}
            />
            <TextInput
              label={t('sourcing.area')}
              value={form.area}
              error={faultAt(store.error, '/area')}
              onChange={(event) => set({ area: event.currentTarget.value })}
            />
            <TextInput
              label={t('sourcing.gear')}
              value={form.gear}
              error={faultAt(store.error, '/gear')}
              onChange={(event) => set({ gear: event.currentTarget.value })}
            />
            <NativeSelect
              label={t('sourcing.supplier')}
              value={form.supplier}
              data={named(data.suppliers)}
              error={faultAt(store.error, '/supplier')}
              onChange={(event) => set({ supplier: event.currentTarget.value })}
            />
          </div>
          <TextInput
            label={t('sourcing.reason')}
            value={form.reason}
            error={faultAt(store.error, '/reason')}
            onChange={(event) => set({ reason: event.currentTarget.value })}
          />
          <p className={look.lineActions}>
            <Button type="submit" loading={store.isPending}>
              {t('sourcing.add')}
            </Button>
            <span className={look.fault} role="alert">
              {problem && !asProblem(problem).errors ? asProblem(problem).detail : ''}
            </span>
          </p>
        </form>
      ) : (
        <p className={look.soft}>{t('sourcing.only-head-chef')}</p>
      )}
    </section>
  );
}
