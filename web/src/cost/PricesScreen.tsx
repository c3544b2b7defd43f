import { Autocomplete, Button, Table } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, faultAt, type PricesRead } from '../api/client';
import { PREVIEW, useSettled } from '../api/preview';
import { t } from '../lang';
import { base64 } from '../ui/base64';
import { look } from '../ui/look';
import { CostRooms } from './CostRooms';
import css from './PricesScreen.module.css';

/** A supplier's price list, and the dishes whose cost leaves its band by it. */
export function PricesScreen() {
  const queries = useQueryClient();
  const { data: choices } = api.useQuery('get', '/receive');
  const { data: latest, error } = api.useQuery('get', '/cost/prices');
  const [file, setFile] = useState<{ name: string; bytes: string } | null>(null);
  const [supplier, setSupplier] = useState('');
  const [id, setId] = useState(ulid);
  const named = supplier.trim() ? { supplier } : {};
  const settled = useSettled(named);
  const body = { file: file?.bytes ?? '', ...named };
  const read = api.useQuery(
    'post',
    '/cost/prices',
    { body: { file: body.file, ...settled } },
    { enabled: file !== null, ...PREVIEW },
  );
  const keep = api.useMutation('put', '/cost/prices/{list}', {
    onSuccess: () => {
      setFile(null);
      setId(ulid());
      queries.invalidateQueries({ queryKey: api.queryOptions('get', '/cost/prices').queryKey });
    },
  });
  const shown = file ? read.data : undefined;
  const good = shown?.rows.filter((row) => row.faults.length === 0).length ?? 0;

  return (
    <section className={cx(look.sheet, look.wide)}>
      <CostRooms />
      <div>
        <h1>{t('prices.price-lists')}</h1>
        <p className={look.soft}>{t('prices.a-suppliers-list-in-csv-with')}</p>
      </div>
      {error && <p className={look.fault}>{asProblem(error).detail}</p>}
      <div className={look.newDelivery}>
        <label className={look.file}>
          <span>{t('prices.file')}</span>
          <input
            type="file"
            accept=".csv,.txt,text/csv"
            onChange={async (event) => {
              const chosen = event.target.files?.[0];
              keep.reset();
              setFile(chosen ? { name: chosen.name, bytes: await base64(chosen) } : null);
            }}
          />
        </label>
        <Autocomplete
          label={t('prices.supplier')}
          data={choices?.suppliers ?? []}
          value={supplier}
          onChange={setSupplier}
          error={faultAt(keep.error, '/supplier')}
        />
        <Button
          disabled={good === 0 || keep.isPending}
          onClick={() => keep.mutate({ params: { path: { list: id } }, body })}
        >
          {good === 0 ? t('prices.save-prices') : t('prices.save', { count: good, good })}
        </Button>
      </div>
      <p className={look.fault} role="alert">
        {file && read.error
          ? asProblem(read.error).detail
          : keep.error && !faultAt(keep.error, '/supplier')
            ? asProblem(keep.error).detail
            : ''}
      </p>
      <div className={css.priceColumns}>
        <div>
          {shown ? (
            <Table className={look.tight}>
              <Table.Caption>{file?.name}</Table.Caption>
              <Table.Tbody>
                {shown.rows.map((row) => (
                  <Table.Tr key={row.place}>
                    <Table.Td>
                      {row.called}
                      <span className={cx(row.faults.length > 0 ? look.fault : look.soft, look.block)}>
                        {row.faults.join(' ') || (row.fish === row.called ? '' : row.fish)}
                      </span>
                    </Table.Td>
                    <Table.Td className={cx(css.n, look.soft)}>{row.was ? `before: ${row.was}` : ''}</Table.Td>
                    <Table.Td className={css.n}>
                      <b>{row.price ?? '–'}</b>
                      <span className={cx(look.soft, look.block)}>
                        {row.change_pct === null ? '' : `${row.change_pct > 0 ? '+' : ''}${row.change_pct} %`}
                      </span>
                    </Table.Td>
                  </Table.Tr>
                ))}
              </Table.Tbody>
            </Table>
          ) : latest && latest.prices.length > 0 ? (
            <Table className={look.tight}>
              <Table.Caption>{t('prices.latest-prices')}</Table.Caption>
              <Table.Tbody>
                {latest.prices.map((one) => (
                  <Table.Tr key={`${one.fish}${one.supplier}`}>
                    <Table.Td>
                      {one.fish}
                      <span className={cx(look.soft, look.block)}>
                        {one.supplier}, {one.on}
                      </span>
                    </Table.Td>
                    <Table.Td className={css.n}>
                      <b>{one.price}</b>
                    </Table.Td>
                  </Table.Tr>
                ))}
              </Table.Tbody>
            </Table>
          ) : (
            <p className={look.soft}>{t('prices.no-price-list-yet')}</p>
          )}
        </div>
        <Moved dishes={(shown ?? latest)?.dishes ?? []} points={(shown ?? latest)?.points ?? 0} />
      </div>
    </section>
  );
}

function Moved({ dishes, points }: { dishes: PricesRead['dishes']; points: number }) {
  const leave = dishes.filter((dish) => dish.leaves).length;
  const out = dishes.filter((dish) => dish.band !== 'within').length - leave;
  return (
    <div>
      <h2>
        {dishes.length === 0
          ? t('prices.dishes')
          : leave === 0
            ? t('prices.no-dish-misses-its-target')
            : t('prices.band', { count: leave, leave })}
      </h2>
      <p className={look.soft}>
        {dishes.length === 0
          ? t('prices.dishes-of-the-fish-on-the')
          : t('prices.a-band-is-the-target-give', {
              points,
              already: out > 0 ? ` ${t('prices.outside-already', { count: out, out })}` : '',
            })}
      </p>
      <ul className="moved">
        {dishes.map((dish) => (
          <li key={dish.dish}>
            <Link to={`/cost/plates/${dish.dish}`} className={cx(css.movedRow, dish.leaves && css.out)}>
              <span>
                <b>{dish.name}</b>
                <span className={cx(look.soft, look.block)}>
                  {t('prices.target-sells-at', { target: dish.target, price: dish.price })}
                </span>
              </span>
              <span className={css.n}>
                <b className={cx(dish.band === 'above' && look.ended)}>{dish.becomes}</b>
                <span className={cx(look.soft, look.block)}>{t('prices.was-2', { was: dish.was })}</span>
              </span>
              <span className={css.n}>
                <b>{dish.suggested ?? ''}</b>
                <span className={cx(look.soft, look.block)}>{t('prices.would-meet-it')}</span>
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </div>
  );
}
