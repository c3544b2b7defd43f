import { Button, FileInput, Group, Table } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import { ulid } from 'ulid';
import { api, asProblem, type Book, type Services } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './ServiceForm.module.css';

type Line = Book[number];

const BECOMES: Record<Line['becomes'], string> = {
  new: t('book.becomes-new'),
  changed: t('book.becomes-changed'),
  same: t('book.becomes-same'),
  past: t('book.becomes-past'),
  nothing: t('book.becomes-nothing'),
};

const FAULTS: Record<NonNullable<Line['fault']>, string> = {
  cancelled: t('book.fault-cancelled'),
  'no-day': t('book.fault-no-day'),
  'no-hour': t('book.fault-no-hour'),
  'no-name': t('book.fault-no-name'),
  'no-covers': t('book.fault-no-covers'),
  'too-many': t('book.fault-too-many'),
};

/** A calendar or a table of covers is handed in: line by line what comes of it, before anything is saved. */
export function BookIn(props: { onDone: (services: Services) => void; onCancel: () => void }) {
  const [act, setAct] = useState(ulid);
  const [text, setText] = useState('');
  const read = api.useMutation('post', '/plan/book');
  const take = usePut('services', '/plan/book/{act}', { onSuccess: props.onDone });
  const lines = read.data ?? [];
  const many = lines.filter((one) => one.becomes === 'new' || one.becomes === 'changed').length;
  const error = read.error ?? take.error;
  return (
    <section className={css.serviceForm} aria-label={t('book.import')}>
      <FileInput
        label={t('book.choose')}
        accept=".ics,.csv,text/calendar,text/csv"
        onChange={async (file) => {
          const found = file ? await file.text() : '';
          setText(found);
          setAct(ulid());
          if (found !== '') {
            read.mutate({ body: { text: found } });
          }
        }}
      />
      {error && (
        <p className={look.fault} role="alert">
          {asProblem(error).detail}
        </p>
      )}
      {lines.length > 0 && (
        <Table>
          <Table.Thead>
            <Table.Tr>
              {[t('book.day'), t('book.at'), t('book.name'), t('book.covers'), t('book.what')].map((head) => (
                <Table.Th key={head}>{head}</Table.Th>
              ))}
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {lines.map((one, i) => (
              <Table.Tr key={`${one.key}${i}`} className={cx(one.fault && look.soft)}>
                <Table.Td>{one.day}</Table.Td>
                <Table.Td>{one.at}</Table.Td>
                <Table.Td>{one.name}</Table.Td>
                <Table.Td>{one.covers}</Table.Td>
                <Table.Td>{one.fault ? FAULTS[one.fault] : BECOMES[one.becomes]}</Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      )}
      {lines.length > 0 && many === 0 && <p>{t('book.nothing')}</p>}
      <Group gap={8} mt="md">
        {many > 0 && (
          <Button disabled={take.isPending} onClick={() => take.mutate({ params: { path: { act } }, body: { text } })}>
            {t('book.take', { count: many })}
          </Button>
        )}
        <Button variant="default" onClick={props.onCancel}>
          {t('book.cancel')}
        </Button>
      </Group>
    </section>
  );
}
