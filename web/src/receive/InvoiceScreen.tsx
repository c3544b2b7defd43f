import { Autocomplete, Button, NativeSelect, Table, TextInput } from '@mantine/core';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, faultAt, type InvoicePreview } from '../api/client';
import { PREVIEW, useSettled } from '../api/preview';
import { useKitchen } from '../kitchen/kitchen';
import { base64 } from '../ui/base64';
import { Chips } from '../ui/Chips';
import { ReceiveRooms } from './ReceiveRooms';

type Decimals = 'auto' | 'point' | 'comma';
type Dates = 'auto' | 'dmy' | 'mdy' | 'ymd';

const DECIMALS: { value: Decimals; label: string }[] = [
  { value: 'auto', label: 'as it looks' },
  { value: 'point', label: '9.80' },
  { value: 'comma', label: '9,80' },
];

const DATES: { value: Dates; label: string }[] = [
  { value: 'auto', label: 'as it looks' },
  { value: 'dmy', label: 'day first' },
  { value: 'mdy', label: 'month first' },
  { value: 'ymd', label: 'year first' },
];

const SAYS: Record<string, string> = {
  name: 'Fish',
  mass: 'Weight',
  count: 'How many',
  boxes: 'Boxes',
  price: 'Price',
  unit: 'Price is for',
  lot: 'Lot',
  area: 'Catch area',
  gear: 'Gear',
  landed: 'Landed',
  vessel: 'Vessel',
  production: 'Wild or farmed',
  grade: 'Size',
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
    <section className="sheet wide invoice">
      <ReceiveRooms />
      <div>
        <h1>Import invoice</h1>
        <p className="soft">
          CSV, or a UBL 2.1 invoice or despatch advice in XML, up to 5 MB. Nothing is imported until every row is
          correct.
        </p>
      </div>
      <div className="new-delivery">
        <label className="file">
          <span>File</span>
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
          label="Supplier"
          data={choices?.suppliers ?? []}
          value={from}
          onChange={setSupplier}
          error={faultAt(take.error, '/supplier')}
        />
        <TextInput
          label="Number"
          value={under}
          onChange={(event) => setNumber(event.currentTarget.value)}
          error={faultAt(take.error, '/number')}
        />
        <TextInput
          label="Day"
          type="date"
          value={day}
          onChange={(event) => setDay(event.currentTarget.value)}
          error={faultAt(take.error, '/delivered_on')}
        />
      </div>
      {file && preview.isFetching && <p className="soft">Reading {file.name}…</p>}
      {file && preview.error && (
        <p className="remark" role="alert">
          {asProblem(preview.error).detail}
        </p>
      )}
      {!file && (
        <div className="empty">
          <h2>No file yet</h2>
          <p>Choose what the supplier sent. It is shown row by row first, with what is wrong with each.</p>
        </div>
      )}
      {read && (
        <>
          {read.faults.map((fault) => (
            <p className="remark" key={fault}>
              {fault}
            </p>
          ))}
          {read.kind === 'csv' && (
            <>
              <div className="row written">
                <Chips
                  legend="Numbers are written"
                  name="decimals"
                  inline
                  value={decimals}
                  options={DECIMALS}
                  onChange={setDecimals}
                />
                <Chips legend="Dates" name="dates" inline value={dates} options={DATES} onChange={setDates} />
              </div>
              <Mapping read={read} columns={columns ?? read.columns} onColumns={setColumns} />
            </>
          )}
          <Rows
            read={read}
            species={choices?.species ?? []}
            leftOut={leftOut}
            onLeaveOut={(place) =>
              setLeftOut(leftOut.includes(place) ? leftOut.filter((p) => p !== place) : [...leftOut, place])
            }
            onName={(name, species) => setNames({ ...names, [name]: species })}
          />
          <p className="line-actions">
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
              Import {read.rows.length - leftOut.length} rows as a delivery
            </Button>
            <span className="soft">
              {open.length > 0
                ? `${open.length} ${open.length === 1 ? 'row has' : 'rows have'} a fault: correct it in the file, choose the species, or leave the row out.`
                : ''}
            </span>
            {take.error && (
              <span className="fault" role="alert">
                {asProblem(take.error).detail} {twin && <Link to={`/receive/deliveries/${twin}`}>Open</Link>}
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
    <details className="mapping" open={read.faults.length > 0}>
      <summary>What each column says</summary>
      <div className="fields four">
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

function Rows(props: {
  read: InvoicePreview;
  species: { id: string; name: string }[];
  leftOut: number[];
  onLeaveOut: (place: number) => void;
  onName: (name: string, species: string) => void;
}) {
  return (
    <Table className="invoice-rows">
      <Table.Thead>
        <Table.Tr>
          <Table.Th className="n">Line</Table.Th>
          <Table.Th>On the invoice</Table.Th>
          <Table.Th>Here it is</Table.Th>
          <Table.Th className="n">Weight</Table.Th>
          <Table.Th className="n">Count</Table.Th>
          <Table.Th className="n">Price</Table.Th>
          <Table.Th className="n">Net, tax</Table.Th>
          <Table.Th>Lot and origin</Table.Th>
          <Table.Th />
        </Table.Tr>
      </Table.Thead>
      <Table.Tbody>
        {props.read.rows.map((row) => {
          const out = props.leftOut.includes(row.place);
          return (
            <Table.Tr key={row.place} className={out ? 'out' : row.faults.length > 0 ? 'faulty' : ''}>
              <Table.Td className="n">{row.place}</Table.Td>
              <Table.Td>
                {row.name}
                {!out && row.faults.length > 0 && <span className="fault">{row.faults.join(' ')}</span>}
              </Table.Td>
              <Table.Td>
                {row.species_name ?? (
                  <NativeSelect
                    aria-label={`Which species is “${row.name}”?`}
                    data={[
                      { value: '', label: 'choose' },
                      ...props.species.map((s) => ({ value: s.id, label: s.name })),
                    ]}
                    value=""
                    onChange={(event) => event.currentTarget.value && props.onName(row.name, event.currentTarget.value)}
                  />
                )}
              </Table.Td>
              <Table.Td className="n">{row.mass}</Table.Td>
              <Table.Td className="n">{row.count}</Table.Td>
              <Table.Td className="n">{row.price}</Table.Td>
              <Table.Td className="n">
                {row.net}
                {row.tax ? `, ${row.tax}` : ''}
              </Table.Td>
              <Table.Td>{row.trace}</Table.Td>
              <Table.Td>
                <Button variant="default" onClick={() => props.onLeaveOut(row.place)}>
                  {out ? 'Include' : 'Leave out'}
                </Button>
              </Table.Td>
            </Table.Tr>
          );
        })}
      </Table.Tbody>
    </Table>
  );
}
