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
                <table className="tight">
                  <caption>The plate</caption>
                  <tbody>
                    <tr>
                      <td>
                        Portion{' '}
                        <span className="soft">
                          {of.total} over {of.count}
                        </span>
                      </td>
                      <td className="n">{plate.portion}</td>
                    </tr>
                    <tr>
                      <td>Sides</td>
                      <td className="n">{plate.sides}</td>
                    </tr>
                    <tr>
                      <td>
                        Sundries <span className="soft">{plate.surcharge_pct} %</span>
                      </td>
                      <td className="n">{plate.small}</td>
                    </tr>
                    <tr className="sum">
                      <td>Plate</td>
                      <td className="n">{plate.cost}</td>
                    </tr>
                    {plate.net_price && (
                      <tr>
                        <td>
                          Price without {plate.tax_pct} % tax <span className="soft">leaves {plate.contribution}</span>
                        </td>
                        <td className="n">{plate.net_price}</td>
                      </tr>
                    )}
                    {plate.suggested && (
                      <tr>
                        <td>
                          Suggested price to meet {plate.target_cost_pct} %{' '}
                          <span className="soft">{plate.suggested_gross} with tax, rounded by the house rule</span>
                        </td>
                        <td className="n">
                          <b>{plate.suggested}</b>
                        </td>
                      </tr>
                    )}
                  </tbody>
                </table>
                <PlateForm plate={plate} key={plate.version} />
              </div>
              <div className="plate-fish">
                <table className="tight">
                  <caption>The fish its portions were cut from</caption>
                  <tbody>
                    {of.fish.map((one) => (
                      <tr key={one.fish}>
                        <td>
                          <Link to={`/cost/${one.fish}`}>{one.title}</Link>
                          <span className="soft block">
                            {one.on}, {one.count} {one.count === 1 ? 'portion' : 'portions'}, {one.mass}
                          </span>
                        </td>
                        <td className="n">{one.total}</td>
                      </tr>
                    ))}
                    <tr className="sum">
                      <td>{of.count} portions</td>
                      <td className="n">{of.total}</td>
                    </tr>
                  </tbody>
                </table>
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
