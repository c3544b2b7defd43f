import { Table } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { Link, useNavigate, useParams } from 'react-router';
import { api, asProblem, type CostBench } from '../api/client';
import { t } from '../lang';
import { FishTitle } from '../ui/FishTitle';
import { Keel } from '../ui/Keel';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { NextStage } from '../ui/NextStage';
import { usePut } from '../ui/usePut';
import { CostForm } from './CostForm';
import css from './CostScreen.module.css';
import { Walk } from './Walk';

/** From the invoice to the plate. The head chef's screen. */
export function CostScreen() {
  const { fish: id = '' } = useParams();
  const { data: bench, error } = api.useQuery('get', '/cost/fish/{fish}', { params: { path: { fish: id } } });
  if (error) {
    return <Missing stage="cost" error={error} />;
  }
  return bench ? (
    <Board key={id} bench={bench} />
  ) : (
    <p className={cx(look.sheet, look.soft)}>{t('cost.calculating')}</p>
  );
}

function Board({ bench }: { bench: CostBench }) {
  const { fish } = bench;
  const navigate = useNavigate();
  const queries = useQueryClient();
  const path = { path: { fish: fish.id } };
  const key = api.queryOptions('get', '/cost/fish/{fish}', { params: path }).queryKey;
  const done = usePut(`cost/${fish.id}`, '/cost/fish/{fish}/done', {
    onSuccess: () => {
      queries.invalidateQueries();
      navigate(`/log/${fish.id}`);
    },
    onError: () => queries.invalidateQueries({ queryKey: key }),
  });
  const close = () => done.mutate({ params: path, body: { version: fish.version } });
  const closed = fish.stage === 'log';

  return (
    <div className={look.bench}>
      <section className={look.board}>
        <FishTitle
          fish={fish}
          figure={bench.edible?.amount ?? null}
          of={
            bench.factor
              ? t('cost.per-edible-the-price', { per: bench.edible?.per, factor: bench.factor })
              : t('cost.per-edible', { per: bench.edible?.per })
          }
        />
        <Keel keel={bench.keel} />
        {bench.remark && <p className={look.caution}>{bench.remark}</p>}
        {bench.missing ? (
          <div className={look.empty}>
            <h2>{bench.missing}</h2>
            <p>{t('cost.the-cost-appears-here-from-invoice')}</p>
          </div>
        ) : (
          <div className={look.columns}>
            <Walk bench={bench} />
            <div className={css.products}>
              {bench.products.map((product) => (
                <Product key={product.name} product={product} />
              ))}
              {bench.products.length > 1 && (
                <p className={css.productSum}>
                  {t('cost.together')} <b>{bench.walk.at(-1)?.amount}</b>
                </p>
              )}
              {bench.unserved.map((one) => (
                <p className={one.open ? look.caution : look.soft} key={one.what}>
                  {t('cost.as-portions-it-would-have-carried', {
                    what: one.open ? one.what : t('cost.was-not-served', { what: one.what }),
                    detail: one.detail,
                  })}{' '}
                  {one.would}
                  {t('cost.it-brought')} {one.brought}.
                </p>
              ))}
            </div>
          </div>
        )}
      </section>
      <aside className={look.pan} aria-label={t('cost.invoice-and-plate')}>
        <p className={look.todo} data-testid="todo">
          {bench.missing ?? (closed ? t('cost.this-fish-is-in-the-log') : t('cost.check-the-figures-then-close-the'))}
        </p>
        {bench.plate && (
          <div className={cx(look.live, look.plateFigures)}>
            <div className={look.state}>
              <span>{bench.plate.name}</span>
              <span>
                {bench.plate.band === null
                  ? ''
                  : bench.plate.band === 'within'
                    ? t('cost.on-target')
                    : t('cost.target', { band: bench.plate.band })}
              </span>
            </div>
            <div className={look.figure}>{bench.plate.cost}</div>
            <div className={look.state}>
              <span>
                <Link to={`/cost/plates/${bench.plate.dish}`}>{t('cost.plate-cost')}</Link>
                {bench.plate.cost_pct ? t('cost.food-cost', { cost_pct: bench.plate.cost_pct }) : ''}
              </span>
            </div>
          </div>
        )}
        {!closed && <CostForm bench={bench} key={`${bench.price_per_kg}${bench.delivery}${bench.labour_minutes}`} />}
        <p className={look.soft}>
          {bench.schools} <Link to="/cost/house">{t('cost.costing-rules')}</Link>
        </p>
        <div className={look.push} />
        <p className={look.fault} role="alert">
          {done.error ? asProblem(done.error).detail : ''}
        </p>
        {!closed && (
          <NextStage
            label={t('cost.close-the-fish')}
            busy={done.isPending}
            open={bench.unserved
              .filter((one) => one.open)
              .map((one) => ({ code: 'left', say: `${one.what}: ${one.detail}.` }))}
            back={{ label: t('cost.back-to-route'), to: `/route/${fish.id}` }}
            onClick={close}
          />
        )}
      </aside>
    </div>
  );
}

/** The portions of one dish: on the plate, given away, too light, and each of them. */
function Product({ product }: { product: CostBench['products'][number] }) {
  return (
    <article className={css.product} aria-label={product.name}>
      <h2>{product.dish ? <Link to={`/cost/plates/${product.dish}`}>{product.name}</Link> : product.name}</h2>
      <p className={look.soft}>
        {product.count} {t('cost.portions', { count: product.count })}, {product.mass}, {product.mean} {t('cost.each')}
      </p>
      <Table className={look.tight}>
        <Table.Caption className={look.visuallyHidden}>{t('cost.cost-by-product')}</Table.Caption>
        <Table.Tbody>
          {product.lines.map((line) => (
            <Table.Tr key={line.what}>
              <Table.Td>
                {line.what} <span className={look.soft}>{line.detail}</span>
              </Table.Td>
              <Table.Td className={look.n}>{line.amount}</Table.Td>
            </Table.Tr>
          ))}
          <Table.Tr className={look.sum}>
            <Table.Td>{t('cost.total-portions', { count: product.count, n: product.count })}</Table.Td>
            <Table.Td className={look.n}>{product.total}</Table.Td>
          </Table.Tr>
        </Table.Tbody>
      </Table>
      <details className={css.eachOf}>
        <summary>{t('cost.show-each')}</summary>
        <ul className={css.each}>
          {product.each.map((portion) => (
            <li key={portion.name}>
              <span className={look.soft}>{portion.mass}</span> {portion.amount}
            </li>
          ))}
        </ul>
      </details>
    </article>
  );
}
