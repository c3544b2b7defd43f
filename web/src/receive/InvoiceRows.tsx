import { Button, NativeSelect, Table } from '@mantine/core';
import cx from 'clsx';
import type { InvoicePreview } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import css from './InvoiceRows.module.css';

/** The rows of a file as they were read, each with its faults. */
export function InvoiceRows(props: {
  read: InvoicePreview;
  species: { id: string; name: string }[];
  leftOut: number[];
  onLeaveOut: (place: number) => void;
  onName: (name: string, species: string) => void;
}) {
  return (
    <Table className={css.invoiceRows}>
      <Table.Thead>
        <Table.Tr>
          <Table.Th className={look.n}>{t('invoice.line')}</Table.Th>
          <Table.Th>{t('invoice.on-the-invoice')}</Table.Th>
          <Table.Th>{t('invoice.here-it-is')}</Table.Th>
          <Table.Th className={look.n}>{t('invoice.weight')}</Table.Th>
          <Table.Th className={look.n}>{t('invoice.count')}</Table.Th>
          <Table.Th className={look.n}>{t('invoice.price')}</Table.Th>
          <Table.Th className={look.n}>{t('invoice.net-tax')}</Table.Th>
          <Table.Th>{t('invoice.lot-and-origin')}</Table.Th>
          <Table.Th />
        </Table.Tr>
      </Table.Thead>
      <Table.Tbody>
        {props.read.rows.map((row) => {
          const out = props.leftOut.includes(row.place);
          return (
            <Table.Tr key={row.place} className={cx(out ? css.out : row.faults.length > 0 && css.faulty)}>
              <Table.Td className={look.n}>{row.place}</Table.Td>
              <Table.Td>
                {row.name}
                {!out && row.faults.length > 0 && <span className={css.fault}>{row.faults.join(' ')}</span>}
              </Table.Td>
              <Table.Td>
                {row.species_name ?? (
                  <NativeSelect
                    aria-label={t('invoice.which-species-is', { row: row.name })}
                    data={[
                      { value: '', label: t('invoice.choose') },
                      ...props.species.map((s) => ({ value: s.id, label: s.name })),
                    ]}
                    value=""
                    onChange={(event) => event.currentTarget.value && props.onName(row.name, event.currentTarget.value)}
                  />
                )}
              </Table.Td>
              <Table.Td className={look.n}>{row.mass}</Table.Td>
              <Table.Td className={look.n}>{row.count}</Table.Td>
              <Table.Td className={look.n}>{row.price}</Table.Td>
              <Table.Td className={look.n}>
                {row.net}
                {row.tax ? `, ${row.tax}` : ''}
              </Table.Td>
              <Table.Td>{row.trace}</Table.Td>
              <Table.Td>
                <Button variant="default" onClick={() => props.onLeaveOut(row.place)}>
                  {out ? t('invoice.include') : t('invoice.leave-out')}
                </Button>
              </Table.Td>
            </Table.Tr>
          );
        })}
      </Table.Tbody>
    </Table>
  );
}
