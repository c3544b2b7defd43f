import { Button, Table, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { api, asProblem, type FishHead, type LogSheet } from '../api/client';
import { Walk } from '../cost/Walk';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { FishTitle } from '../ui/FishTitle';
import { Keel } from '../ui/Keel';
import { Ladder } from '../ui/Ladder';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { Remarks } from '../ui/Remarks';
import css from './SheetScreen.module.css';

const MARKS = { hack: t('sheet.hack'), torn: t('sheet.torn'), broken: t('sheet.broken') };

/** The yield sheet of one fish: on screen, and on one printed page. */
export function SheetScreen() {
  const { fish: id = '' } = useParams();
  const { data, error } = api.useQuery('get', '/log/fish/{fish}', { params: { path: { fish: id } } });
  if (error) {
    return <Missing stage="log" error={error} />;
  }
  return data ? <Sheet sheet={data} /> : <p className={cx(look.sheet, look.soft)}>{t('sheet.loading')}</p>;
}

function Sheet({ sheet }: { sheet: LogSheet }) {
  const { print_header: header, me } = useKitchen();
  const { fish, tally, cost } = sheet;
  const dish = sheet.dishes.find((d) => d.id === sheet.dish);
  const parts = sheet.pieces.filter((piece) => piece.part !== 'whole' && piece.part !== 'portion');

  return (
    <article className={cx(look.sheet, css.yieldSheet)}>
      <p className={css.printOnly}>{t('sheet.yield-sheet', { header })}</p>
      <FishTitle fish={fish} figure={sheet.edible_yield} of={t('sheet.edible-yield')} />
      <Keel keel={sheet.keel} />
      <Remarks remarks={sheet.remarks} />
      <div className={cx(look.noPrint, css.sheetActions)}>
        <Button onClick={() => window.print()}>{t('sheet.print-the-yield-sheet')}</Button>
        {me.role === 'head chef' && fish.stage === 'log' && <OpenAgain fish={fish} />}
      </div>
      <div className={css.columns}>
        <div>
          <h2>{t('sheet.yield')}</h2>
          <Ladder rungs={sheet.ladder} />
          <p className={look.soft}>{t('sheet.adjusted-the-most-likely-masses-at')}</p>
          {tally && (
            <>
              <h2>
                {t('sheet.portions', { n: tally.count, dish: dish ? ` ${t('sheet.for', { dish: dish.name })}` : '' })}
              </h2>
              <p>
                {t('sheet.mean')} {tally.mean}, {tally.range}
                {t('sheet.under-over-over-target', {
                  under: tally.under,
                  over: tally.over,
                  given_away: tally.given_away,
                })}
              </p>
            </>
          )}
          <h2>{t('sheet.parts')}</h2>
          <Table className={look.tight}>
            <Table.Tbody>
              {parts.map((piece) => (
                <Table.Tr key={piece.piece}>
                  <Table.Td>
                    <i className={cx(look.swatch, `fam-${piece.family}`)} /> {piece.name}
                  </Table.Td>
                  <Table.Td className={look.n}>{piece.mass.text}</Table.Td>
                </Table.Tr>
              ))}
            </Table.Tbody>
          </Table>
          {sheet.workmanship.length > 0 && <p className={look.soft}>{whoCut(sheet)}</p>}
        </div>
        <div>
          {cost && cost.walk.length > 0 && (
            <>
              <Walk bench={cost} />
              <p>
                {cost.edible?.amount} {t('sheet.per-edible', { per: cost.edible?.per })}
                {cost.products.map((product) =>
                  t('sheet.a-portion-for', { mean: product.mean, product: product.name }),
                )}
                {cost.plate &&
                  t('sheet.a-plate', {
                    cost: cost.plate.cost,
                    share: cost.plate.cost_pct ? ` (${cost.plate.cost_pct})` : '',
                  })}
                .
              </p>
            </>
          )}
          <div className={look.noPrint}>
            <h2>{t('sheet.history')}</h2>
            <ol className={css.history}>
              {sheet.history.map((line) => (
                <li key={line.at + line.what}>
                  <span className={look.soft}>{line.at}</span> {line.what}
                </li>
              ))}
            </ol>
          </div>
        </div>
      </div>
    </article>
  );
}

/** Who cut each side, and what the knife left on it, in one line. */
function whoCut(sheet: LogSheet): string {
  const sides = sheet.workmanship.map((side) =>
    [
      t('sheet.cut-by', { side: side.name, who: side.cut_by.name }),
      ...side.marks
        .filter((mark) => mark.grade !== null)
        .map((mark) => t('sheet.marks', { mark: MARKS[mark.mark], grade: mark.grade })),
    ].join(', '),
  );
  return `${sides.join('. ')}.`;
}

/** The head chef takes a closed fish out of the log, with a reason that stays in its history. */
function OpenAgain({ fish }: { fish: FishHead }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [asking, setAsking] = useState(false);
  const [why, setWhy] = useState('');
  const reopen = api.useMutation('put', '/log/fish/{fish}/reopened', {
    onSuccess: () => {
      queries.invalidateQueries();
      navigate(`/breakdown/${fish.id}`);
    },
  });
  if (!asking) {
    return (
      <Button variant="default" onClick={() => setAsking(true)}>
        {t('sheet.reopen')}
      </Button>
    );
  }
  return (
    <form
      className={look.typed}
      onSubmit={(event) => {
        event.preventDefault();
        reopen.mutate({ params: { path: { fish: fish.id } }, body: { why: why.trim(), version: fish.version } });
      }}
    >
      <TextInput
        aria-label={t('sheet.reason')}
        placeholder={t('sheet.reason-required')}
        value={why}
        onChange={(event) => setWhy(event.target.value)}
      />
      <Button type="submit" variant="default" disabled={why.trim().length < 3 || reopen.isPending}>
        {t('sheet.put-it-on-the-board')}
      </Button>
      <span className={look.fault} role="alert">
        {reopen.error ? asProblem(reopen.error).detail : ''}
      </span>
    </form>
  );
}
