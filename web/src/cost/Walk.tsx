import { Table } from '@mantine/core';
import cx from 'clsx';
import { Link } from 'react-router';
import type { CostBench } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import css from './Walk.module.css';

/** The cost walk: every line from the invoice to the net, with a bar that starts where the one above it ended. */
export function Walk({ bench }: { bench: Pick<CostBench, 'walk'> }) {
  const most = bench.walk.reduce<{ at: number; most: number }>(
    (sum, line) =>
      line.kind === 'net' ? sum : { at: sum.at + line.minor, most: Math.max(sum.most, sum.at + line.minor) },
    { at: 0, most: 1 },
  ).most;
  let at = 0;
  const lines = bench.walk.map((line) => {
    const from = line.kind === 'net' ? 0 : at;
    at = line.kind === 'net' ? at : at + line.minor;
    return {
      ...line,
      left: Math.min(from, from + line.minor),
      width: Math.abs(line.minor),
      key: `${line.what}${from}`,
    };
  });

  return (
    <Table className={css.walk}>
      <Table.Caption>{t('walk.from-the-invoice')}</Table.Caption>
      <Table.Tbody>
        {lines.map((line) => (
          <Table.Tr key={line.key} className={cx(line.kind === 'net' && look.sum)}>
            <Table.Td>
              {line.to ? <Link to={line.to}>{line.what}</Link> : line.what}
              {line.detail && <span className={look.soft}> {line.detail}</span>}
            </Table.Td>
            <Table.Td className={css.track} aria-hidden="true">
              <i
                className={line.kind === 'credit' ? look.famUsable : line.kind === 'net' ? css.net : look.famPortion}
                style={{
                  marginLeft: `${(100 * Math.max(0, line.left)) / most}%`,
                  width: `${(100 * line.width) / most}%`,
                }}
              />
            </Table.Td>
            <Table.Td className={look.n}>{line.amount}</Table.Td>
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  );
}
