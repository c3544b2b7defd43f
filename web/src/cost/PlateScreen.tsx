import { Table } from '@mantine/core';
import { Link, useParams } from 'react-router';
import { api, type PlateInFull } from '../api/client';
import { Missing } from '../ui/Missing';
import { longest, PlateBar } from './PlateBar';
import { PlateForm } from './PlateForm';
import { WhatIf } from './WhatIf';

/** One plate down to the fish its portions were cut from; beside it, what it would be if. */
export function PlateScreen() {
  const { dish = '' } = useParams();
  const { data, error } = api.useQuery('get', '/cost/plates/{dish}', { params: { path: { dish } } }, { staleTime: 0 });
  if (error) {
    return <Missing stage="cost" error={error} />;
  }
  return data ? <Board key={dish} of={data} /> : <p className="sheet soft">Calculating…</p>;
}

function Board({ of }: { of: PlateInFull }) {
  const { plate } = of;
  return (
    <div className="bench">
      <section className="board plate-board">
        <header className="headline">
          <div>
            <h1>{of.name}</h1>
            <p className="soft">
              Over the last {of.weeks} weeks. <Link to="/cost/plates">All plates</Link>
            </p>
          </div>
          {plate && (
            <p className="yield">
              <b>{plate.cost}</b>
              <span className="soft">plate cost{plate.cost_pct ? `, food cost ${plate.cost_pct}` : ''}</span>
            </p>
          )}
        </header>
        {!plate ? (
          <div className="empty">
            <h2>No cost yet</h2>
            <p>{of.missing}</p>
            <Link to="/portion">To portion</Link>
          </div>
        ) : (
          <>
            <PlateBar plate={plate} most={longest([plate])} />
            <div className="plate-columns">
              <div>
                <Table className="tight">
                  <Table.Caption>The plate</Table.Caption>
                  <Table.Tbody>
                    <Table.Tr>
                      <Table.Td>
                        Portion{' '}
                        <span className="soft">
                          {of.total} over {of.count}
                        </span>
                      </Table.Td>
                      <Table.Td className="n">{plate.portion}</Table.Td>
                    </Table.Tr>
                    <Table.Tr>
                      <Table.Td>Sides</Table.Td>
                      <Table.Td className="n">{plate.sides}</Table.Td>
                    </Table.Tr>
                    <Table.Tr>
                      <Table.Td>
                        Sundries <span className="soft">{plate.surcharge_pct} %</span>
                      </Table.Td>
                      <Table.Td className="n">{plate.small}</Table.Td>
                    </Table.Tr>
                    <Table.Tr className="sum">
                      <Table.Td>Plate</Table.Td>
                      <Table.Td className="n">{plate.cost}</Table.Td>
                    </Table.Tr>
                    {plate.net_price && (
                      <Table.Tr>
                        <Table.Td>
                          Price without {plate.tax_pct} % tax <span className="soft">leaves {plate.contribution}</span>
                        </Table.Td>
                        <Table.Td className="n">{plate.net_price}</Table.Td>
                      </Table.Tr>
                    )}
                    {plate.suggested && (
                      <Table.Tr>
                        <Table.Td>
                          Suggested price to meet {plate.target_cost_pct} %{' '}
                          <span className="soft">{plate.suggested_gross} with tax, rounded by the house rule</span>
                        </Table.Td>
                        <Table.Td className="n">
                          <b>{plate.suggested}</b>
                        </Table.Td>
                      </Table.Tr>
                    )}
                  </Table.Tbody>
                </Table>
                <PlateForm plate={plate} key={plate.version} />
              </div>
              <div className="plate-fish">
                <Table className="tight">
                  <Table.Caption>The fish its portions were cut from</Table.Caption>
                  <Table.Tbody>
                    {of.fish.map((one) => (
                      <Table.Tr key={one.fish}>
                        <Table.Td>
                          <Link to={`/cost/${one.fish}`}>{one.title}</Link>
                          <span className="soft block">
                            {one.on}, {one.count} {one.count === 1 ? 'portion' : 'portions'}, {one.mass}
                          </span>
                        </Table.Td>
                        <Table.Td className="n">{one.total}</Table.Td>
                      </Table.Tr>
                    ))}
                    <Table.Tr className="sum">
                      <Table.Td>{of.count} portions</Table.Td>
                      <Table.Td className="n">{of.total}</Table.Td>
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
        <aside className="pan" aria-label="What if">
          <p className="todo">What if: once a portion has a cost.</p>
        </aside>
      )}
    </div>
  );
}
