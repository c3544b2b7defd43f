import { Button, FileButton, NativeSelect, Table } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { ulid } from 'ulid';
import { api, asProblem, type OldYields } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './HouseScreen.module.css';
import { LogRooms } from './LogRooms';
import { saveLines } from './saveLines';

const SAYS: Record<string, string> = {
  species: t('house.says-species'),
  mass: t('house.says-mass'),
  yield: t('house.says-yield'),
  fillets: t('house.says-fillets'),
  state: t('house.says-state'),
  step: t('house.says-step'),
  day: t('house.says-day'),
  cutter: t('house.says-cutter'),
  supplier: t('house.says-supplier'),
  method: t('house.says-method'),
};

/** All records out, in open formats with what each column means; yields of an old notebook in. */
export function HouseScreen() {
  const { data, error } = api.useQuery('get', '/log/house', {}, { retry: false, staleTime: 0 });
  const [far, setFar] = useState<number | null>(null);
  const [fault, setFault] = useState('');
  const lines = async () => {
    setFault('');
    try {
      await saveLines('/api/log/house/house.jsonl', 'house.jsonl', setFar);
    } catch {
      setFault(t('house.broken-off'));
    }
    setFar(null);
  };
  return (
    <section className={cx(look.sheet, look.wide)}>
      <LogRooms />
      <div>
        <h1>{t('house.house')}</h1>
        <p className={look.soft}>{data && t('house.intro', { tables: data.tables.length, rows: data.rows })}</p>
      </div>
      {error && <p role="alert">{asProblem(error).detail}</p>}
      {data && (
        <>
          <p className={look.lineActions}>
            <Button component="a" href="/api/log/house/house.zip" download>
              {t('house.zip')}
            </Button>
            <Button variant="default" disabled={far !== null} onClick={lines}>
              {t('house.lines')}
            </Button>
            <Button component="a" variant="default" href="/api/log/house/dictionary.csv" download>
              {t('house.dictionary')}
            </Button>
            {far !== null && <span role="status">{t('house.far', { done: far, all: data.rows })}</span>}
            {fault && <span role="alert">{fault}</span>}
          </p>
          <details>
            <summary>{t('house.each-table')}</summary>
            <ul className={css.houseTables}>
              {data.tables.map((one) => (
                <li key={one.name}>
                  <a href={`/api/log/house/tables/${one.name}.csv`} download>
                    {one.name}
                  </a>{' '}
                  <span className={look.soft}>{one.rows}</span>
                </li>
              ))}
            </ul>
          </details>
          <OldIn old={data.old} />
        </>
      )}
    </section>
  );
}

type Old = { act: string; file: string; rows: number; taken: string };

function OldIn({ old }: { old: Old[] }) {
  const queries = useQueryClient();
  const [file, setFile] = useState<{ name: string; text: string } | null>(null);
  const [dates, setDates] = useState<'dmy' | 'mdy'>('dmy');
  const preview = api.useMutation('post', '/log/house/yields');
  const again = () => queries.invalidateQueries();
  const take = usePut('old yields', '/log/house/yields/{act}', {
    onSuccess: () => {
      setFile(null);
      preview.reset();
      again();
    },
  });
  const back = usePut('old yields', '/log/house/yields/{act}/taken-back', { onSuccess: again });
  const lookAt = (name: string, text: string, columns?: Record<string, string>, order = dates) =>
    preview.mutate({ body: { name, file: text, dates: order, ...(columns ? { columns } : {}) } });
  const shown = preview.data;
  const problem = preview.error ?? take.error ?? back.error;
  return (
    <div className={css.houseOld}>
      <h2>{t('house.old')}</h2>
      <p className={look.soft}>{t('house.old-intro')}</p>
      {old.map((one) => (
        <p key={one.act}>
          {t('house.old-file', { file: one.file, count: one.rows, taken: one.taken })}{' '}
          <Button variant="subtle" onClick={() => back.mutate({ params: { path: { act: one.act } } })}>
            {t('house.take-back')}
          </Button>
        </p>
      ))}
      <FileButton
        accept=".csv,.txt,text/csv"
        onChange={async (chosen) => {
          if (chosen) {
            const text = await chosen.text();
            setFile({ name: chosen.name, text });
            lookAt(chosen.name, text);
          }
        }}
      >
        {(button) => (
          <Button variant="default" {...button}>
            {t('house.choose-file')}
          </Button>
        )}
      </FileButton>
      {problem && (
        <p className={look.fault} role="alert">
          {asProblem(problem).detail}
        </p>
      )}
      {file && shown && (
        <>
          <Columns
            shown={shown}
            dates={dates}
            onDates={(order) => {
              setDates(order);
              lookAt(file.name, file.text, shown.columns, order);
            }}
            onChoose={(columns) => lookAt(file.name, file.text, columns)}
          />
          {shown.faults.map((said) => (
            <p key={said} className={look.fault}>
              {said}
            </p>
          ))}
          <Rows shown={shown} />
          <p className={look.lineActions}>
            <Button
              disabled={shown.good === 0 || take.isPending}
              onClick={() =>
                take.mutate({
                  params: { path: { act: ulid() } },
                  body: { name: file.name, file: file.text, columns: shown.columns, dates },
                })
              }
            >
              {t('house.take', { count: shown.good })}
            </Button>
            {shown.faulty > 0 && <span>{t('house.left-out', { count: shown.faulty })}</span>}
          </p>
        </>
      )}
    </div>
  );
}

function Columns(props: {
  shown: OldYields;
  dates: 'dmy' | 'mdy';
  onDates: (order: 'dmy' | 'mdy') => void;
  onChoose: (columns: Record<string, string>) => void;
}) {
  const { shown, dates, onDates, onChoose } = props;
  return (
    <div className={css.houseColumns}>
      {shown.says.map((says) => (
        <NativeSelect
          key={says}
          label={SAYS[says] ?? says}
          data={[{ value: '', label: '–' }, ...shown.headers.map((header) => ({ value: header, label: header }))]}
          value={shown.columns[says] ?? ''}
          onChange={(event) => {
            const { [says]: _, ...rest } = shown.columns;
            onChoose(event.target.value === '' ? rest : { ...rest, [says]: event.target.value });
          }}
        />
      ))}
      <NativeSelect
        label={t('house.dates')}
        data={[
          { value: 'dmy', label: t('house.day-first') },
          { value: 'mdy', label: t('house.month-first') },
        ]}
        value={dates}
        onChange={(event) => onDates(event.target.value === 'mdy' ? 'mdy' : 'dmy')}
      />
    </div>
  );
}

function Rows({ shown }: { shown: OldYields }) {
  return (
    <Table>
      <Table.Tbody>
        {shown.rows.map((row) => (
          <Table.Tr key={row.place}>
            <Table.Td className={look.n}>{row.place}</Table.Td>
            <Table.Td>{row.name}</Table.Td>
            <Table.Td className={look.n}>{row.mass}</Table.Td>
            <Table.Td className={look.n}>{row.yield === null ? '' : t('house.percent', { pct: row.yield })}</Table.Td>
            <Table.Td>{row.day}</Table.Td>
            <Table.Td>{row.cutter}</Table.Td>
            <Table.Td className={look.fault}>{row.faults.join(' ')}</Table.Td>
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  );
}
