import { Button, NumberInput, Table, Textarea, TextInput } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import { ulid } from 'ulid';
import { asProblem, faultAt, type Kept } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './KeptCount.module.css';

/** The closing count: what is really there, why it differs, and what the next has to know. */
export function KeptCount({ kept, onCounted }: { kept: Kept; onCounted: (kept: Kept) => void }) {
  const dishes = kept.dishes.filter((one) => one.kept > 0 || one.served > 0);
  const [there, setThere] = useState<Record<string, number>>({});
  const [why, setWhy] = useState<Record<string, string>>({});
  const [note, setNote] = useState('');
  const count = usePut('kept', '/hold/kept/counted/{act}', { onSuccess: onCounted });
  return (
    <form
      className={css.closing}
      onSubmit={(event) => {
        event.preventDefault();
        count.mutate({
          params: { path: { act: ulid() } },
          body: {
            counts: dishes.map((one) => ({
              dish: one.dish,
              there: there[one.dish] ?? one.kept,
              ...(why[one.dish]?.trim() ? { reason: why[one.dish] } : {}),
            })),
            note,
          },
        });
      }}
    >
      <Table>
        <Table.Thead>
          <Table.Tr>
            <Table.Th>{t('kept.dish')}</Table.Th>
            <Table.Th>{t('kept.in-the-ledger')}</Table.Th>
            <Table.Th>{t('kept.counted')}</Table.Th>
            <Table.Th>{t('kept.why-it-differs')}</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {dishes.map((one, i) => {
            const off = (there[one.dish] ?? one.kept) - one.kept;
            return (
              <Table.Tr key={one.dish}>
                <Table.Td>{one.name}</Table.Td>
                <Table.Td className={look.n}>{one.kept}</Table.Td>
                <Table.Td>
                  <NumberInput
                    aria-label={t('kept.counted-of', { name: one.name })}
                    value={there[one.dish] ?? one.kept}
                    min={0}
                    error={faultAt(count.error, `/counts/${i}/there`)}
                    onChange={(value) => setThere((all) => ({ ...all, [one.dish]: Number(value) }))}
                  />
                </Table.Td>
                <Table.Td>
                  {off !== 0 && (
                    <TextInput
                      aria-label={t('kept.why-of', { name: one.name })}
                      placeholder={off < 0 ? t('kept.fewer', { count: -off }) : t('kept.more', { count: off })}
                      value={why[one.dish] ?? ''}
                      error={faultAt(count.error, `/counts/${i}/reason`)}
                      onChange={(event) => setWhy((all) => ({ ...all, [one.dish]: event.target.value }))}
                    />
                  )}
                </Table.Td>
              </Table.Tr>
            );
          })}
        </Table.Tbody>
      </Table>
      <Textarea
        label={t('kept.hand-over')}
        placeholder={t('kept.hand-over-example')}
        autosize
        minRows={2}
        value={note}
        onChange={(event) => setNote(event.target.value)}
      />
      {count.error && (
        <p className={cx(look.fault)} role="alert">
          {asProblem(count.error).detail}
        </p>
      )}
      <Button type="submit" disabled={count.isPending}>
        {t('kept.save-count')}
      </Button>
    </form>
  );
}
