import { Table } from '@mantine/core';
import cx from 'clsx';
import { Link, useParams } from 'react-router';
import { api, type PlateInFull } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { longest, PlateBar } from './PlateBar';
import { PlateForm } from './PlateForm';
import css from './PlateScreen.module.css';
import { WhatIf } from './WhatIf';

/** One plate down to the fish its portions were cut from; beside it, what it would be if. */
export function PlateScreen() {
  const { dish = '' } = useParams();
  const { data, error } = api.useQuery('get', '/cost/plates/{dish}', { params: { path: { dish } } }, { staleTime: 0 });
  if (error) {
    return <Missing stage="cost" error={error} />;
  }
  return data ? <Board key={dish} of={data} /> : <p className={cx(look.sheet, look.soft)}>{t('plate.calculating')}</p>;
}

function Board({ of }: { of: PlateInFull }) {
  const { plate } = of;
  return (
    <div className={look.bench}>
      <section className={cx(look.board, css.plateBoard)}>
        <header className={look.headline}>
          <div>
            <h1>{of.name}</h1>
            <p className={look.soft}>
              {t('plate.over-the-last-weeks', { weeks: of.weeks })}{' '}
              <Link to="/cost/plates">{t('plate.all-plates')}</Link>
            </p>
          </div>
          {plate && (
            <p className={look.yield}>
              <b>{plate.cost}</b>
              <span className={look.soft}>
                {t('plate.plate-cost', {
                  food_cost: plate.cost_pct ? t('plate.food-cost', { cost_pct: plate.cost_pct }) : '',
                })}
              </span>
            </p>
          )}
        </header>
        {!plate ? (
          <div className={look.empty}>
            <h2>{t('plate.no-cost-yet')}</h2>
            <p>{of.missing}</p>
            <Link to="/portion">{t('plate.to-portion')}</Link>
          </div>
        ) : (
          <>
            <PlateBar plate={plate} most={longest([plate])} />
            <div className={css.plateColumns}>
              <div>
                <Table className={look.tight}>
                  <Table.Caption>{t('plate.the-plate')}</Table.Caption>
                  <Table.Tbody>
                    <Table.Tr>
                      <Table.Td>
                        {t('plate.portion')}{' '}
                        <span className={look.soft}>{t('plate.over', { total: of.total, n: of.count })}</span>
                      </Table.Td>
                      <Table.Td className={look.n}>{plate.portion}</Table.Td>
                    </Table.Tr>
                    <Table.Tr>
                      <Table.Td>{t('plate.sides')}</Table.Td>
                      <Table.Td className={look.n}>{plate.sides}</Table.Td>
                    </Table.Tr>
                    <Table.Tr>
                      <Table.Td>
                        {t('plate.sundries')} <span className={look.soft}>{plate.surcharge_pct} %</span>
                      </Table.Td>
                      <Table.Td className={look.n}>{plate.small}</Table.Td>
                    </Table.Tr>
                    <Table.Tr className={look.sum}>
                      <Table.Td>{t('plate.plate')}</Table.Td>
                      <Table.Td className={look.n}>{plate.cost}</Table.Td>
                    </Table.Tr>
                    {of.unserved && (
                      <Table.Tr>
                        <Table.Td>
                          {t('plate.unserved', { count: of.unserved.count })}{' '}
                          <span className={look.soft}>
                            {t('plate.unserved-in-all', { cost: of.unserved.cost, served: of.unserved.served })}
                          </span>
                        </Table.Td>
                        <Table.Td className={look.n}>{of.unserved.per_plate ?? of.unserved.cost}</Table.Td>
                      </Table.Tr>
                    )}
                    {plate.net_price && (
                      <Table.Tr>
                        <Table.Td>
                          {t('plate.price-without-tax', { tax_pct: plate.tax_pct })}{' '}
                          <span className={look.soft}>
                            {t('plate.leaves')} {plate.contribution}
                          </span>
                        </Table.Td>
                        <Table.Td className={look.n}>{plate.net_price}</Table.Td>
                      </Table.Tr>
                    )}
                    {plate.suggested && (
                      <Table.Tr>
                        <Table.Td>
                          {t('plate.suggested-price-to-meet')} {plate.target_cost_pct} %{' '}
                          <span className={look.soft}>
                            {plate.suggested_gross} {t('plate.with-tax-rounded-by-the-house')}
                          </span>
                        </Table.Td>
                        <Table.Td className={look.n}>
                          <b>{plate.suggested}</b>
                        </Table.Td>
                      </Table.Tr>
                    )}
                  </Table.Tbody>
                </Table>
                <PlateForm plate={plate} key={plate.version} />
              </div>
              <div className={css.plateFish}>
                <Table className={look.tight}>
                  <Table.Caption>{t('plate.the-fish-its-portions-were-cut')}</Table.Caption>
                  <Table.Tbody>
                    {of.fish.map((one) => (
                      <Table.Tr key={one.fish}>
                        <Table.Td>
                          <Link to={`/cost/${one.fish}`}>{one.title}</Link>
                          <span className={cx(look.soft, look.block)}>
                            {one.on}, {one.count} {t('plate.portions', { count: one.count })}, {one.mass}
                          </span>
                        </Table.Td>
                        <Table.Td className={look.n}>{one.total}</Table.Td>
                      </Table.Tr>
                    ))}
                    <Table.Tr className={look.sum}>
                      <Table.Td>{t('plate.portions-2', { n: of.count })}</Table.Td>
                      <Table.Td className={look.n}>{of.total}</Table.Td>
                    </Table.Tr>
                  </Table.Tbody>
                </Table>
              </div>
            </div>
          </>
        )}
      </section>
      {plate && of.base ? (
        <WhatIf dish={of.dish} base={of.base} price={plate.price} />
      ) : (
        <aside className={look.pan} aria-label={t('plate.what-if')}>
          <p className={look.todo}>{t('plate.what-if-once-a-portion-has')}</p>
        </aside>
      )}
    </div>
  );
}
