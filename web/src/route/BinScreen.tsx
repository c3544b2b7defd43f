import { Autocomplete, Button, Checkbox, Table, UnstyledButton } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, type BinInFull, faultAt, type Weight } from '../api/client';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { Pan } from '../ui/Pan';
import { usePut } from '../ui/usePut';
import { lowerFirst } from '../ui/words';
import css from './BinScreen.module.css';

const ALL_PAST = t('bin.all-past');

type How = 'meal' | 'discard' | 'correction';

const REASONS: Record<How, string[]> = {
  meal: [t('bin.staff-meal'), t('bin.bar-plate')],
  discard: [t('bin.past-its-date'), t('bin.smells'), t('bin.soft'), t('bin.dropped'), t('bin.too-much-of-it')],
  correction: [t('bin.weighed-wrong'), t('bin.wrong-bin'), t('bin.never-put-in')],
};

/** What told that it was spoilt: the verdict at the door is measured by it. */
const CAUSES: Record<string, 'smell' | 'soft' | 'date'> = {
  [t('bin.past-its-date')]: 'date',
  [t('bin.smells')]: 'smell',
  [t('bin.soft')]: 'soft',
};

/** One bin, tub by tub, with the pan beside it: everything that leaves is weighed. */
export function BinScreen() {
  const { bin = '' } = useParams();
  const { data, error } = api.useQuery('get', '/route/bins/{bin}', { params: { path: { bin } } }, { staleTime: 0 });
  if (error) {
    return <Missing stage="route" error={error} />;
  }
  return data ? <Tubs key={bin} bin={data} /> : <p className={cx(look.sheet, css.soft)}>{t('bin.loading')}</p>;
}

function Tubs({ bin }: { bin: BinInFull }) {
  const queries = useQueryClient();
  const key = api.queryOptions('get', '/route/bins/{bin}', { params: { path: { bin: bin.bin } } }).queryKey;
  const [chosen, setChosen] = useState<string | null>(null);
  const [how, setHow] = useState<How>('meal');
  const [reason, setReason] = useState('');
  const [empty, setEmpty] = useState(true);
  const [act, setAct] = useState(ulid);
  const settled = {
    onSuccess: (data: BinInFull) => {
      queries.setQueryData(key, data);
      queries.invalidateQueries({ queryKey: api.queryOptions('get', '/route/bins').queryKey });
      setAct(ulid());
      setReason('');
    },
  };
  const out = usePut(`bins/${bin.bin}`, '/route/bins/{bin}/out/{act}', settled);
  const freeze = usePut(`bins/${bin.bin}`, '/route/tubs/{deposit}/frozen/{new}', settled);
  const freezeAll = usePut(`bins/${bin.bin}`, '/route/bins/{bin}/frozen/{act}', settled);
  const manyPast = bin.past_tubs > 1;
  const allPast = manyPast && (chosen === ALL_PAST || chosen === null);
  const tub = bin.deposits.find((one) => one.id === chosen) ?? bin.deposits[0];
  const what = allPast ? t('bin.all-that-is-past') : (tub?.what ?? '');
  const leaves: How = allPast && how === 'meal' ? 'discard' : how;
  const why = reason || (tub?.past && leaves === 'discard' ? t('bin.past-its-date') : '');
  const take = (weight: Weight) => {
    if (tub) {
      out.mutate({
        params: { path: { bin: bin.bin, act } },
        body: {
          how: leaves,
          weight,
          ...(allPast ? { past: true } : { deposit: tub.id }),
          empty,
          ...(why ? { reason: why } : {}),
          ...(leaves === 'discard' && CAUSES[why] ? { cause: CAUSES[why] } : {}),
        },
      });
    }
  };
  const verb = leaves === 'meal' ? t('bin.record') : leaves === 'discard' ? t('bin.throw-away') : t('bin.correct');
  const fault = faultAt(out.error, '/weight') ?? faultAt(out.error, '/mass');

  return (
    <div className={look.bench}>
      <section className={cx(look.board, css.binBoard)}>
        <header className={look.headline}>
          <div>
            <h1>{bin.name}</h1>
            <p className={css.soft}>
              {bin.enough ?? t('bin.used-as-it-comes')} <Link to="/route/bins">{t('bin.all-bins')}</Link>
            </p>
          </div>
          <p className={look.yield}>
            <b>{bin.mass.mg === 0 ? t('bin.empty') : bin.mass.text}</b>
            <span className={css.soft}>
              {bin.frozen.mg > 0
                ? t('bin.cold-frozen', { cold: bin.cold.text, frozen: bin.frozen.text })
                : (bin.worth ?? '')}
            </span>
          </p>
        </header>
        {bin.deposits.length === 0 ? (
          <div className={look.empty}>
            <h2>{t('bin.nothing-lies-here')}</h2>
            <p>{t('bin.parts-come-here-when-a-fish')}</p>
            <Link to="/route">{t('bin.to-route')}</Link>
          </div>
        ) : (
          <ul className={css.tubs} aria-label={t('bin.tubs-the-first-to-end-in')}>
            {manyPast && (
              <li>
                <UnstyledButton
                  className={cx(css.tubRow, css.past)}
                  aria-pressed={allPast}
                  onClick={() => {
                    setChosen(ALL_PAST);
                    setHow('discard');
                  }}
                >
                  <i className={cx(look.swatch, `fam-${bin.family}`)} />
                  <span>
                    <b>{t('bin.all-that-is-past-its-date')}</b>
                    <span className={css.soft}>{t('bin.tubs-weighed-together', { past_tubs: bin.past_tubs })}</span>
                  </span>
                  <span className={css.until}>
                    <b>{t('bin.to-be-thrown-away')}</b>
                  </span>
                  <b className={css.n}>{bin.past.text}</b>
                </UnstyledButton>
              </li>
            )}
            {bin.deposits.map((one) => (
              <li key={one.id}>
                <UnstyledButton
                  className={cx(css.tubRow, one.past && css.past)}
                  aria-pressed={!allPast && one.id === tub?.id}
                  onClick={() => {
                    setChosen(one.id);
                    setHow(one.past ? 'discard' : 'meal');
                  }}
                >
                  <i className={cx(look.swatch, `fam-${bin.family}`)} />
                  <span>
                    <b>{one.what}</b> {t('bin.no', { fish: one.fish, number: one.number })}
                    <span className={css.soft}>
                      {t('bin.lot-put-in-by', { lot: one.lot, since: one.since, by: one.by })}
                    </span>
                  </span>
                  <span className={css.until}>
                    <b>
                      {one.past ? t('bin.past-its-date-2', { until: one.until }) : t('bin.until', { until: one.until })}
                    </b>
                    <span className={css.soft}>{one.keeping === 'frozen' ? t('bin.frozen') : t('bin.cold')}</span>
                  </span>
                  <b className={css.n}>{one.left.text}</b>
                </UnstyledButton>
              </li>
            ))}
          </ul>
        )}
        {tub && <p className={css.soft}>{tub.why_then}</p>}
        {bin.mass.mg > 0 && (
          <p className={look.lineActions}>
            {bin.may_freeze && bin.ends_today.mg > 0 && (
              <Button
                variant="default"
                disabled={freezeAll.isPending}
                onClick={() => freezeAll.mutate({ params: { path: { bin: bin.bin, act } } })}
              >
                {t('bin.freeze-the-that-end-today', { ends_today: bin.ends_today.text })}
              </Button>
            )}
            {bin.recipes.map((recipe) => (
              <Button component={Link} variant="default" key={recipe.recipe} to={`/route/make/${recipe.recipe}`}>
                {t('bin.make', { toLowerCase: recipe.name.toLowerCase() })}
              </Button>
            ))}
          </p>
        )}
        <details className={css.ledger}>
          <summary>{t('bin.in-and-out')}</summary>
          <Table className={look.tight}>
            <Table.Tbody>
              {bin.ledger.map((line, i) => (
                <Table.Tr key={i}>
                  <Table.Td className={css.soft}>{line.at}</Table.Td>
                  <Table.Td>{line.what}</Table.Td>
                  <Table.Td className={css.soft}>{line.by}</Table.Td>
                  <Table.Td className={css.n}>{line.mass}</Table.Td>
                </Table.Tr>
              ))}
            </Table.Tbody>
          </Table>
        </details>
      </section>
      <Pan
        todo={
          tub
            ? t('bin.put-what-leaves-on-the-scale', { what, from: allPast ? t('bin.the-bin') : t('bin.the-tub') })
            : t('bin.nothing-to-take-out-route-a')
        }
        recordAs={
          tub
            ? `${what}, ${leaves === 'meal' ? t('bin.for-a-meal') : lowerFirst(leaves === 'discard' ? t('bin.thrown-away') : t('bin.correction'))}`
            : null
        }
        takeWord={verb}
        onTake={take}
        busy={out.isPending}
        fault={fault ?? (out.error && !faultAt(out.error, '/reason') ? asProblem(out.error).detail : undefined)}
        readings={[]}
      >
        {tub && (
          <div className={look.leaving}>
            <Chips
              legend={t('bin.how-it-leaves')}
              quiet
              name="how"
              value={leaves}
              options={[
                { value: 'meal', label: t('bin.eaten') },
                { value: 'discard', label: t('bin.thrown-away') },
                { value: 'correction', label: t('bin.correct') },
              ]}
              onChange={(chosenHow) => {
                setHow(chosenHow);
                setReason('');
              }}
            />
            <Autocomplete
              aria-label={leaves === 'meal' ? t('bin.what-for') : t('bin.why')}
              data={REASONS[leaves]}
              value={reason}
              placeholder={`${leaves === 'meal' ? t('bin.what-for') : t('bin.why')}: ${why || REASONS[leaves][0]}`}
              error={faultAt(out.error, '/reason')}
              onChange={setReason}
            />
            <Checkbox
              size="lg"
              checked={empty}
              onChange={(event) => setEmpty(event.target.checked)}
              label={t('bin.then-empty', { which: allPast ? t('bin.they-are') : t('bin.the-tub-is') })}
            />
            {bin.may_freeze && tub.keeping === 'cold' && !tub.past && !allPast && (
              <Button
                variant="default"
                fullWidth
                disabled={freeze.isPending}
                onClick={() => freeze.mutate({ params: { path: { deposit: tub.id, new: act } } })}
              >
                {t('bin.freeze-the', { left: tub.left.text })}
              </Button>
            )}
            <p className={look.fault}>
              {[freeze.error, freezeAll.error].map((error) => (error ? asProblem(error).detail : ''))}
            </p>
          </div>
        )}
      </Pan>
    </div>
  );
}
