import { Autocomplete, Button, NativeSelect, TextInput } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, faultAt, type InvoicePreview } from '../api/client';
import { PREVIEW, useSettled } from '../api/preview';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { base64 } from '../ui/base64';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { InvoiceRows } from './InvoiceRows';
import css from './InvoiceScreen.module.css';
import { ReceiveRooms } from './ReceiveRooms';

type Decimals = 'auto' | 'point' | 'comma';
type Dates = 'auto' | 'dmy' | 'mdy' | 'ymd';

const DECIMALS: { value: Decimals; label: string }[] = [
  { value: 'auto', label: t('invoice.as-it-looks') },
  { value: 'point', label: '9.80' },
  { value: 'comma', label: '9,80' },
];

const DATES: { value: Dates; label: string }[] = [
  { value: 'auto', label: t('invoice.as-it-looks') },
  { value: 'dmy', label: t('invoice.day-first') },
  { value: 'mdy', label: t('invoice.month-first') },
  { value: 'ymd', label: t('invoice.year-first') },
];

const SAYS: Record<string, string> = {
  name: t('invoice.fish'),
  mass: t('invoice.weight'),
  count: t('invoice.how-many'),
  boxes: t('invoice.boxes'),
  price: t('invoice.price'),
  unit: t('invoice.price-is-for'),
  lot: t('invoice.lot'),
  area: t('invoice.catch-area'),
  gear: t('invoice.gear'),
  landed: t('invoice.landed'),
  vessel: t('invoice.vessel'),
  production: t('invoice.wild-or-farmed'),
  grade: t('invoice.size'),
};

/** A supplier's file becomes a delivery: read, shown row by row with its faults, and taken whole or not at all. */
export function InvoiceScreen() {
  const navigate = useNavigate();
  const { today } = useKitchen();
  const { data: choices } = api.useQuery('get', '/receive');
  const [file, setFile] = useState<{ name: string; bytes: string } | null>(null);
  const [supplier, setSupplier] = useState('');
  const [number, setNumber] = useState('');
  const [day, setDay] = useState(today);
  const [columns, setColumns] = useState<Record<string, string> | null>(null);
  const [names, setNames] = useState<Record<string, string>>({});
  const [decimals, setDecimals] = useState<Decimals>('auto');
  const [dates, setDates] = useState<Dates>('auto');
  const [leftOut, setLeftOut] = useState<number[]>([]);
  const [id, setId] = useState(ulid);
  const map = { ...(columns ? { columns } : {}), names, decimals, dates };
  const changed = columns !== null || Object.keys(names).length > 0 || decimals !== 'auto' || dates !== 'auto';
  const settled = useSettled({ ...(supplier.trim() ? { supplier } : {}), ...(changed ? { map } : {}) });
  const preview = api.useQuery(
    'post',
    '/receive/invoice',
    { body: { file: file?.bytes ?? '', ...settled } },
    { enabled: file !== null, ...PREVIEW },
  );
  const take = api.useMutation('put', '/receive/deliveries/{delivery}/invoice', {
    onSuccess: (door) => navigate(`/receive/deliveries/${door.delivery.id}`),
    onError: () => setId(ulid()),
  });
  const read = file ? preview.data : undefined;
  const twin = (take.error as { delivery?: string } | null)?.delivery;
  const open = read?.rows.filter((row) => row.faults.length > 0 && !leftOut.includes(row.place)) ?? [];
  const from = supplier || read?.supplier || '';
  const under = number || read?.number || '';

  return (
    <section className={cx(look.sheet, look.wide, css.invoice)}>
      <ReceiveRooms />
      <div>
        <h1>{t('invoice.import-invoice')}</h1>
        <p className={look.soft}>{t('invoice.csv-or-a-ubl-2-1')}</p>
      </div>
      <div className={css.newDelivery}>
        <label className={look.file}>
          <span>{t('invoice.file')}</span>
          <input
            type="file"
            accept=".csv,.txt,.xml,text/csv,text/xml,application/xml"
            onChange={async (event) => {
              const chosen = event.target.files?.[0];
              setLeftOut([]);
              take.reset();
              setFile(chosen ? { name: chosen.name, bytes: await base64(chosen) } : null);
            }}
          />
        </label>
        <Autocomplete
          label={t('invoice.supplier')}
          data={choices?.suppliers ?? []}
          value={from}
          onChange={setSupplier}
          error={faultAt(take.error, '/supplier')}
        />
        <TextInput
          label={t('invoice.number')}
          value={under}
          onChange={(event) => setNumber(event.currentTarget.value)}
          error={faultAt(take.error, '/number')}
        />
        <TextInput
          label={t('invoice.day')}
          type="date"
          value={day}
          onChange={(event) => setDay(event.currentTarget.value)}
          error={faultAt(take.error, '/delivered_on')}
        />
      </div>
      {file && preview.isFetching && <p className={look.soft}>{t('invoice.reading', { file: file.name })}</p>}
      {file && preview.error && (
        <p className={look.remark} role="alert">
          {asProblem(preview.error).detail}
        </p>
      )}
      {!file && (
        <div className={look.empty}>
          <h2>{t('invoice.no-file-yet')}</h2>
          <p>{t('invoice.choose-what-the-supplier-sent-it')}</p>
        </div>
      )}
      {read && (
        <>
          {read.faults.map((fault) => (
            <p className={look.remark} key={fault}>
              {fault}
            </p>
          ))}
          {read.kind === 'csv' && (
            <>
              <div className={cx(look.row, css.written)}>
                <Chips
                  legend={t('invoice.numbers-are-written')}
                  name="decimals"
                  inline
                  value={decimals}
                  options={DECIMALS}
                  onChange={setDecimals}
                />
                <Chips
                  legend={t('invoice.dates')}
                  name="dates"
                  inline
                  value={dates}
                  options={DATES}
                  onChange={setDates}
                />
              </div>
              <Mapping read={read} columns={columns ?? read.columns} onColumns={setColumns} />
            </>
          )}
          <InvoiceRows
            read={read}
            species={choices?.species ?? []}
            leftOut={leftOut}
            onLeaveOut={(place) =>
              setLeftOut(leftOut.includes(place) ? leftOut.filter((p) => p !== place) : [...leftOut, place])
            }
            onName={(name, species) => setNames({ ...names, [name]: species })}
          />
          <p className={look.lineActions}>
            <Button
              loading={take.isPending}
              disabled={open.length > 0 || read.faults.length > 0 || !from.trim() || !under.trim()}
              onClick={() =>
                take.mutate({
                  params: { path: { delivery: id } },
                  body: {
                    file: file?.bytes ?? '',
                    supplier: from,
                    number: under,
                    delivered_on: day,
                    map: { ...map, columns: columns ?? read.columns },
                    leave_out: leftOut,
                  },
                })
              }
            >
              {t('invoice.import-rows-as-a-delivery', { rows: read.rows.length - leftOut.length })}
            </Button>
            <span className={look.soft}>
              {open.length > 0 ? t('invoice.a-fault-correct-it-in-the', { count: open.length, open: open.length }) : ''}
            </span>
            {take.error && (
              <span className={css.fault} role="alert">
                {asProblem(take.error).detail}{' '}
                {twin && <Link to={`/receive/deliveries/${twin}`}>{t('invoice.open')}</Link>}
              </span>
            )}
          </p>
        </>
      )}
    </section>
  );
}

function Mapping(props: {
  read: InvoicePreview;
  columns: Record<string, string>;
  onColumns: (columns: Record<string, string>) => void;
}) {
  const { read, columns } = props;
  return (
    <details className={css.mapping} open={read.faults.length > 0}>
      <summary>{t('invoice.what-each-column-says')}</summary>
      <div className={cx(look.fields, look.four)}>
        {read.says.map((says) => (
          <NativeSelect
            key={says}
            label={SAYS[says] ?? says}
            data={['', ...read.headers]}
            value={columns[says] ?? ''}
            onChange={(event) => {
              const { [says]: _, ...others } = columns;
              props.onColumns(event.currentTarget.value ? { ...others, [says]: event.currentTarget.value } : others);
            }}
          />
        ))}
      </div>
    </details>
  );
}
