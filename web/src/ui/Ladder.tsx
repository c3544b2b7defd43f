import type { Rung } from '../api/client';

/**
 * The yield ladder: what is left of the fish on each rung, as a table with its own bars. Adjusted is the most likely mass, at
 * which all weights of the fish add up; shares are of that.
 */
export function Ladder({ rungs }: { rungs: Rung[] }) {
  return (
    <table className="ladder">
      <caption className="visually-hidden">Yield, step by step</caption>
      <thead>
        <tr>
          <th scope="col">Step</th>
          <th scope="col" className="n">
            Weighed
          </th>
          <th scope="col" className="n">
            Adjusted
          </th>
          <th scope="col" className="n">
            Of as purchased
          </th>
          <th scope="col" className="n">
            Of the step above
          </th>
          <td className="gauge" />
        </tr>
      </thead>
      <tbody>
        {rungs.map((rung) => (
          <tr key={rung.rung}>
            <th scope="row">
              {rung.rung}
              {rung.band && (
                <>
                  <span className="soft">{rung.band.said}</span>
                  <span className="soft from">{rung.band.from.replace(', by size', '')}</span>
                </>
              )}
            </th>
            <td className="n">{rung.weighed ?? ''}</td>
            <td className="n soft">{rung.mass}</td>
            <td className="n">{rung.of_purchased}</td>
            <td className="n">{rung.of_previous ?? ''}</td>
            <td className="gauge" aria-hidden="true">
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
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** The same ladder in one line, for the bench. */
export function LadderLine({ rungs }: { rungs: Rung[] }) {
  return (
    <ol className="ladder-line" aria-label="Yield so far">
      {rungs.slice(1).map((rung, i, all) => (
        <li key={rung.rung} className={rung.band ? rung.band.verdict.replace(' ', '-') : ''}>
          {rung.rung} <b>{rung.of_purchased}</b>
          {rung.band && rung.band.verdict !== 'as expected' && ` ${rung.band.verdict}`}
          {rung.band && i === all.length - 1 && (
            <span className="soft">
              {' '}
              {rung.band.from}: {rung.band.said}
            </span>
          )}
        </li>
      ))}
    </ol>
  );
}
