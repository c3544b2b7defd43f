import { Table } from '@mantine/core';
import cx from 'clsx';
import type { BatchPlanned } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import css from './PotLine.module.css';

/** What goes in, which pots hold it, and what comes out. */
export function Amounts({ plan, fish }: { plan: BatchPlanned; fish: string }) {
  return (
    <div className={css.amounts}>
      <Table className={look.tight}>
        <Table.Caption className={look.visuallyHidden}>{t('potLine.what-goes-in')}</Table.Caption>
        <Table.Tbody>
          <Table.Tr>
            <Table.Th scope="row">{t('potLine.fish')}</Table.Th>
            <Table.Td className={look.n}>
              <b>{fish}</b>
            </Table.Td>
          </Table.Tr>
          {plan.amounts.map((one) => (
            <Table.Tr key={one.name}>
              <Table.Th scope="row">{one.name}</Table.Th>
              <Table.Td className={look.n}>{one.amount}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      {plan.pots.length > 0 && (
        <ul className={css.pots} aria-label={t('potLine.pots')}>
          {plan.pots.map((pot, i) => (
            <li key={`${pot.pot}${i}`}>
              <span className={css.pot} aria-hidden="true">
                <i style={{ height: `${100 * pot.share}%` }} />
              </span>
              <b>{pot.pot}</b>
              <span className={css.soft}>{t('potLine.filled-with', { filled: pot.filled })}</span>
            </li>
          ))}
        </ul>
      )}
      {plan.over && <p className={look.caution}>{plan.over}</p>}
    </div>
  );
}

/** The time line: what is done when, along a rule from the start to the end. */
export function TimeLine({ plan, brief = false }: { plan: BatchPlanned; brief?: boolean }) {
  if (plan.line.length === 0) {
    return <p className={css.soft}>{t('potLine.about-minutes-of-work-no-times', { minutes: plan.minutes })}</p>;
  }
  return (
    <ol className={css.timeLine}>
      {plan.line.map((mark) => (
        <li key={`${mark.minute}${mark.doing}`} className={cx(mark.due && css.due)}>
          <b>{mark.at}</b>
          <span>
            {mark.doing}
            {mark.why && !brief && <span className={css.soft}>{mark.why}</span>}
          </span>
        </li>
      ))}
    </ol>
  );
}
