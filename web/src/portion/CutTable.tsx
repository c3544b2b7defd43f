import { Table } from '@mantine/core';
import type { Planner } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import css from './CutTable.module.css';

/** The same cuts in words, for whoever cannot see the drawing. */
export function CutTable({ pieces }: { pieces: Planner['plan']['pieces'] }) {
  return (
    <details className={css.planTable}>
      <summary>{t('planner.every-cut-as-a-table')}</summary>
      <Table className={look.tight}>
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col">{t('planner.piece')}</Table.Th>
            <Table.Th scope="col">{t('planner.ends-at')}</Table.Th>
            <Table.Th scope="col">{t('planner.thick')}</Table.Th>
            <Table.Th scope="col">{t('planner.face-cm2')}</Table.Th>
            <Table.Th scope="col">{t('planner.weighs')}</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {pieces.map((piece) => (
            <Table.Tr key={`${piece.what}${piece.from_cm}`}>
              <Table.Th scope="row">{piece.name}</Table.Th>
              <Table.Td>{piece.ends_at}</Table.Td>
              <Table.Td>{piece.thickness}</Table.Td>
              <Table.Td>{piece.face_cm2 ?? ''}</Table.Td>
              <Table.Td>{piece.mass.text}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </details>
  );
}
