import { Table } from '@mantine/core';
import cx from 'clsx';
import type { Rung } from '../api/client';
import { t } from '../lang';
import { coded } from './codes';
import css from './Ladder.module.css';
import { look } from './look';

/**
 * The yield ladder: what is left of the fish on each rung, as a table with its own bars. Adjusted is the most likely mass, at
 * which all weights of the fish add up; shares are of that.
 */
export function Ladder({ rungs }: { rungs: Rung[] }) {
  return (
    <Table className={css.ladder}>
      <Table.Caption className={look.visuallyHidden}>{t('ladder.yield-step-by-step')}</Table.Caption>
      <Table.Thead>
        <Table.Tr>
          <Table.Th scope="col">{t('ladder.step')}</Table.Th>
          <Table.Th scope="col" className={look.n}>
            {t('ladder.weighed')}
          </Table.Th>
          <Table.Th scope="col" className={look.n}>
            {t('ladder.adjusted')}
          </Table.Th>
          <Table.Th scope="col" className={look.n}>
            {t('ladder.of-as-purchased')}
          </Table.Th>
          <Table.Th scope="col" className={look.n}>
            {t('ladder.of-the-step-above')}
          </Table.Th>
          <Table.Td className={css.gauge} />
        </Table.Tr>
      </Table.Thead>
      <Table.Tbody>
        {rungs.map((rung) => (
          <Table.Tr key={rung.rung}>
            <Table.Th scope="row">
              {coded(rung.rung)}
              {rung.band && (
                <>
                  <span className={css.soft}>{rung.band.said}</span>
                  <span className={cx(css.soft, css.from)}>{rung.band.from.replace(', by size', '')}</span>
                </>
              )}
            </Table.Th>
            <Table.Td className={look.n}>{rung.weighed ?? ''}</Table.Td>
            <Table.Td className={cx(look.n, css.soft)}>{rung.mass}</Table.Td>
            <Table.Td className={look.n}>{rung.of_purchased}</Table.Td>
            <Table.Td className={look.n}>{rung.of_previous ?? ''}</Table.Td>
            <Table.Td className={css.gauge} aria-hidden="true">
              <div>
                <i style={{ width: `${Math.min(100, rung.of_purchased_pct)}%` }} />
                {rung.band && (
                  <u
                    style={{
                      left: `${Math.max(0, rung.band.low_pct)}%`,
                      right: `${Math.max(0, 100 - rung.band.high_pct)}%`,
                    }}
                  />
                )}
              </div>
            </Table.Td>
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  );
}

/** The same ladder in one line, for the bench. */
export function LadderLine({ rungs }: { rungs: Rung[] }) {
  return (
    <ol className={css.ladderLine} aria-label={t('ladder.yield-so-far')}>
      {rungs.slice(1).map((rung, i, all) => (
        <li key={rung.rung} className={cx(rung.band?.verdict.replace(' ', '-'))}>
          {coded(rung.rung)} <b>{rung.of_purchased}</b>
          {rung.band && rung.band.verdict !== 'as expected' && ` ${coded(rung.band.verdict)}`}
          {rung.band && i === all.length - 1 && (
            <span className={css.soft}>
              {' '}
              {rung.band.from}: {rung.band.said}
            </span>
          )}
        </li>
      ))}
    </ol>
  );
}
