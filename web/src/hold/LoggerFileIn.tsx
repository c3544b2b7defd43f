import { Button, Checkbox, FileButton, NativeSelect, Progress, Table } from '@mantine/core';
import { useState } from 'react';
import { ulid } from 'ulid';
import { api, asProblem, type LoggerFile } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { look } from '../ui/look';
import css from './LoggerFileIn.module.css';
import { slices } from './loggerFile';

type Map = NonNullable<LoggerFile['map']>;

const FIRST_LINES = 12;

/** A logger's file goes into the record of a place: looked at first, then sent slice by slice with how far it has come. */
export function LoggerFileIn(props: { place: string; name: string; onTaken: () => void }) {
  const [file, setFile] = useState<File | null>(null);
  const [lines, setLines] = useState<string[]>([]);
  const [far, setFar] = useState<number | null>(null);
  const [said, setSaid] = useState('');
  const preview = api.useMutation('post', '/hold/logger-file');
  const send = api.useMutation('put', '/hold/places/{place}/file/{act}');
  const shown = preview.data;
  const map = shown?.map ?? null;

  const open = async (chosen: File | null) => {
    if (chosen) {
      const first = (await chosen.slice(0, 8_000).text()).split(/\r?\n/).slice(0, FIRST_LINES);
      setFile(chosen);
      setLines(first);
      setSaid('');
      preview.mutate({ body: { lines: first } });
    }
  };
  const change = (more: Partial<Map>) => map && preview.mutate({ body: { lines, map: { ...map, ...more } } });
  const take = async () => {
    if (!file || !map) {
      return;
    }
    let [rows, fresh, refused] = [0, 0, 0];
    try {
      for await (const slice of slices(file)) {
        const answer = await send.mutateAsync({
          params: { path: { place: props.place, act: ulid() } },
          body: { header: lines[0] ?? '', map, text: slice.text },
        });
        rows += answer.rows;
        fresh += answer.new;
        refused += answer.refused;
        setFar((100 * slice.read) / file.size);
      }
      setSaid(t('loggerFile.taken', { rows, fresh, refused }));
      setFile(null);
      props.onTaken();
    } catch (error) {
      setSaid(asProblem(error).detail ?? '');
    }
    setFar(null);
  };

  return (
    <>
      <FileButton onChange={open} accept=".csv,.txt,text/csv">
        {(button) => (
          <Button variant="default" {...button} aria-label={t('loggerFile.import-for', { name: props.name })}>
            {t('loggerFile.import')}
          </Button>
        )}
      </FileButton>
      {file && shown && (
        <fieldset className={css.loggedFile} aria-label={t('loggerFile.how', { name: file.name })}>
          <p>
            <b>{file.name}</b> {shown.known ? t('loggerFile.known') : t('loggerFile.new')}
          </p>
          {shown.fault && <p className={look.fault}>{shown.fault}</p>}
          {map && <MapFields map={map} headers={shown.headers} onChange={change} />}
          <Table>
            <Table.Thead>
              <Table.Tr>
                <Table.Th>{t('loggerFile.time')}</Table.Th>
                <Table.Th>{t('loggerFile.air')}</Table.Th>
                <Table.Th>{t('loggerFile.core')}</Table.Th>
              </Table.Tr>
            </Table.Thead>
            <Table.Tbody>
              {shown.rows.slice(0, 3).map((row, i) => (
                <Table.Tr key={`${row.at}${lines[i + 1]}`}>
                  <Table.Td>{row.fault ?? row.at}</Table.Td>
                  <Table.Td>{row.air}</Table.Td>
                  <Table.Td>{row.core}</Table.Td>
                </Table.Tr>
              ))}
            </Table.Tbody>
          </Table>
          {far !== null && <Progress value={far} aria-label={t('loggerFile.progress')} />}
          <div className={css.loggedButtons}>
            <Button disabled={!map || far !== null} onClick={() => void take()}>
              {t('loggerFile.take')}
            </Button>
            <Button variant="default" onClick={() => setFile(null)}>
              {t('loggerFile.cancel')}
            </Button>
          </div>
        </fieldset>
      )}
      {said && (
        <p className={css.loggedSaid} role="status">
          {said}
        </p>
      )}
    </>
  );
}

function MapFields(props: { map: Map; headers: string[]; onChange: (more: Partial<Map>) => void }) {
  const { map, onChange } = props;
  const { zone } = useKitchen();
  const columns = props.headers.map((header, i) => ({ value: String(i), label: header || String(i + 1) }));
  const none = [{ value: '', label: t('loggerFile.none') }, ...columns];
  const column = (value: string) => (value === '' ? null : Number(value));
  return (
    <div className={css.loggedMap}>
      <NativeSelect
        label={t('loggerFile.time')}
        value={String(map.time)}
        data={columns}
        onChange={(event) => onChange({ time: Number(event.currentTarget.value) })}
      />
      <NativeSelect
        label={t('loggerFile.air')}
        value={map.air === null ? '' : String(map.air)}
        data={none}
        onChange={(event) => onChange({ air: column(event.currentTarget.value) })}
      />
      <NativeSelect
        label={t('loggerFile.core')}
        value={map.core === null ? '' : String(map.core)}
        data={none}
        onChange={(event) => onChange({ core: column(event.currentTarget.value) })}
      />
      <NativeSelect
        label={t('loggerFile.days')}
        value={map.dates}
        data={[
          { value: 'dmy', label: t('loggerFile.dmy') },
          { value: 'mdy', label: t('loggerFile.mdy') },
          { value: 'ymd', label: t('loggerFile.ymd') },
          { value: 'seconds', label: t('loggerFile.seconds') },
        ]}
        onChange={(event) => onChange({ dates: event.currentTarget.value as Map['dates'] })}
      />
      <Checkbox
        label={t('loggerFile.fahrenheit')}
        checked={map.fahrenheit}
        onChange={(event) => onChange({ fahrenheit: event.currentTarget.checked })}
      />
      <Checkbox
        label={t('loggerFile.utc')}
        checked={map.zone === 'UTC'}
        onChange={(event) => onChange({ zone: event.currentTarget.checked ? 'UTC' : zone })}
      />
    </div>
  );
}
