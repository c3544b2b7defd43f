import { Button, Table, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, type Checks, faultAt } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { usePut } from '../ui/usePut';
import css from './ChecksScreen.module.css';
import { HoldRooms } from './HoldRooms';

/** One list of the day: everything that was checked, what was out of range, what was done; and the file an inspector gets. */
export function ChecksScreen() {
  const queries = useQueryClient();
  const [search, setSearch] = useSearchParams();
  const day = search.get('day') ?? undefined;
  const asked = { params: { query: day ? { day } : {} } };
  const { data, error } = api.useQuery('get', '/hold/checks', asked);
  if (error) {
    return <Missing stage="hold" error={error} />;
  }
  if (!data) {
    return <p className={cx(look.sheet, look.soft)}>{t('checks.loading')}</p>;
  }
  const checked = () => queries.invalidateQueries({ queryKey: api.queryOptions('get', '/hold/checks').queryKey });
  return (
    <section className={cx(look.sheet, look.wide)}>
      <HoldRooms />
      <div className={look.headline}>
        <div>
          <h1>{t('checks.checks')}</h1>
          <p className={look.soft}>{data.title}</p>
        </div>
        <div className={css.checkActions}>
          <TextInput
            type="date"
            aria-label={t('checks.day')}
            value={data.day}
            onChange={(event) => event.target.value && setSearch({ day: event.target.value })}
          />
          <Button component="a" target="_blank" href={`/api/hold/day-file.pdf?day=${data.day}`}>
            {t('checks.print-day')}
          </Button>
          <Button
            component="a"
            target="_blank"
            variant="default"
            href={`/api/hold/day-file.pdf?day=${data.day}&month=1`}
          >
            {t('checks.print-month')}
          </Button>
        </div>
      </div>
      <div className={css.checkInstruments}>
        {data.instruments.map((one) => (
          <Instrument key={one.instrument} one={one} onChecked={checked} />
        ))}
      </div>
      {data.sections.length === 0 && <p>{t('checks.nothing')}</p>}
      {data.sections.map((section) => (
        <Table key={section.title} className={look.tight}>
          <Table.Caption className={css.checkTitle}>{section.title}</Table.Caption>
          <Table.Tbody>
            {section.rows.map((row) => (
              <Table.Tr key={`${row.at}${row.what}${row.result}`} className={cx(row.bad && css.checkBad)}>
                <Table.Td>{row.at}</Table.Td>
                <Table.Td>{row.what}</Table.Td>
                <Table.Td>
                  {row.bad && <b>{t('checks.out-of-range')} </b>}
                  {row.result}
                </Table.Td>
                <Table.Td>{row.by}</Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      ))}
    </section>
  );
}

function Instrument({ one, onChecked }: { one: Checks['instruments'][number]; onChecked: () => void }) {
  const isScale = one.instrument === 'scale';
  const [known, setKnown] = useState('1000 g');
  const [shows, setShows] = useState('');
  const check = usePut('checks', '/hold/checks/{check}', {
    onSuccess: () => {
      setShows('');
      onChecked();
    },
  });
  return (
    <form
      className={cx(css.checkInstrument, one.last?.good === false && css.checkFailed)}
      onSubmit={(event) => {
        event.preventDefault();
        check.mutate({
          params: { path: { check: ulid() } },
          body: isScale
            ? { instrument: 'scale', known, weight: { typed: shows } }
            : { instrument: 'probe', temperature: { typed: shows } },
        });
      }}
    >
      <div>
        <h2>{isScale ? t('checks.scale') : t('checks.probe')}</h2>
        <p className={look.soft}>
          {one.last === null
            ? t('checks.never')
            : one.last.good
              ? t('checks.good', { at: one.last.at, by: one.last.by, shown: one.last.shown })
              : t('checks.failed', { at: one.last.at, shown: one.last.shown, count: one.last.in_doubt })}{' '}
          {one.due && t('checks.due-today')}
        </p>
      </div>
      {isScale && (
        <TextInput
          label={t('checks.known-weight')}
          value={known}
          error={faultAt(check.error, '/known')}
          onChange={(event) => setKnown(event.target.value)}
        />
      )}
      <TextInput
        label={isScale ? t('checks.scale-shows') : t('checks.probe-shows')}
        value={shows}
        error={faultAt(check.error, '/weight') ?? faultAt(check.error, '/temperature')}
        onChange={(event) => setShows(event.target.value)}
      />
      <Button type="submit" disabled={shows.trim() === '' || check.isPending}>
        {t('checks.record')}
      </Button>
      {check.error && (
        <p className={look.fault} role="alert">
          {asProblem(check.error).detail}
        </p>
      )}
    </form>
  );
}
