import { Button, NativeSelect, Table, TextInput } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, asProblem } from '../api/client';
import { useSettled } from '../api/preview';
import { t } from '../lang';
import { look } from '../ui/look';
import { HouseRooms } from './HouseRooms';
import css from './SettingsScreen.module.css';

const NOTHING = { person: '', from: '', until: '', q: '' };

/** Who did what, the last first: found by person, day or word, and handed over as a table. */
export function AuditScreen() {
  const [sought, setSought] = useState(NOTHING);
  const [before, setBefore] = useState<string[]>([]);
  const asked = useSettled(sought);
  const query = Object.fromEntries(Object.entries(asked).filter(([, value]) => value !== ''));
  const at = before.at(-1);
  const { data, error } = api.useQuery(
    'get',
    '/kitchen/audit',
    { params: { query: { ...query, ...(at ? { before: at } : {}) } } },
    { retry: false, staleTime: 0 },
  );
  const change = (more: Partial<typeof NOTHING>) => {
    setSought({ ...sought, ...more });
    setBefore([]);
  };
  return (
    <section className={cx(look.sheet, look.wide)}>
      <HouseRooms />
      <div className={look.headline}>
        <div>
          <h1>{t('audit.who-did-what')}</h1>
          <p className={look.soft}>{t('audit.intro')}</p>
        </div>
        <Button component="a" variant="default" href={`/api/kitchen/audit.csv?${new URLSearchParams(query)}`}>
          {t('audit.table')}
        </Button>
      </div>
      <div className={cx(look.fields, look.four)}>
        <NativeSelect
          label={t('audit.who')}
          data={[
            { value: '', label: t('audit.everybody') },
            ...(data?.people ?? []).map((one) => ({ value: one.id, label: one.name })),
          ]}
          value={sought.person}
          onChange={(event) => change({ person: event.currentTarget.value })}
        />
        <TextInput
          label={t('audit.from')}
          type="date"
          value={sought.from}
          onChange={(event) => change({ from: event.currentTarget.value })}
        />
        <TextInput
          label={t('audit.until')}
          type="date"
          value={sought.until}
          onChange={(event) => change({ until: event.currentTarget.value })}
        />
        <TextInput
          label={t('audit.words')}
          value={sought.q}
          onChange={(event) => change({ q: event.currentTarget.value })}
        />
      </div>
      {error && (
        <p className={look.fault} role="alert">
          {asProblem(error).detail}
        </p>
      )}
      {data?.rows.length === 0 && <p>{t('audit.nothing')}</p>}
      <div className={css.auditRows}>
        <Table>
          <Table.Thead>
            <Table.Tr>
              <Table.Th>{t('audit.when')}</Table.Th>
              <Table.Th>{t('audit.who')}</Table.Th>
              <Table.Th>{t('audit.what')}</Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {data?.rows.map((row) => (
              <Table.Tr key={row.id}>
                <Table.Td>{row.at}</Table.Td>
                <Table.Td>{row.who}</Table.Td>
                <Table.Td>
                  {row.what} {row.fish && <Link to={`/log/${row.fish}`}>{t('audit.its-sheet')}</Link>}
                </Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </div>
      <p className={look.lineActions}>
        {before.length > 0 && (
          <Button variant="default" onClick={() => setBefore(before.slice(0, -1))}>
            {t('audit.later')}
          </Button>
        )}
        {data?.more && (
          <Button variant="default" onClick={() => setBefore([...before, data.more ?? ''])}>
            {t('audit.earlier')}
          </Button>
        )}
      </p>
    </section>
  );
}
