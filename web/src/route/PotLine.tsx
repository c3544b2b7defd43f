import type { BatchPlanned } from '../api/client';

/** What goes in, which pots hold it, and what comes out. */
export function Amounts({ plan, fish }: { plan: BatchPlanned; fish: string }) {
  return (
    <div className="amounts">
      <table className="tight">
        <caption className="visually-hidden">What goes in</caption>
        <tbody>
          <tr>
            <th scope="row">Fish</th>
            <td className="n">
              <b>{fish}</b>
            </td>
          </tr>
          {plan.amounts.map((one) => (
            <tr key={one.name}>
              <th scope="row">{one.name}</th>
              <td className="n">{one.amount}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {plan.pots.length > 0 && (
        <ul className="pots" aria-label="Pots">
          {plan.pots.map((pot, i) => (
            <li key={`${pot.pot}${i}`}>
              <span className="pot" aria-hidden="true">
                <i style={{ height: `${100 * pot.share}%` }} />
              </span>
              <b>{pot.pot}</b>
              <span className="soft">filled with {pot.filled}</span>
            </li>
          ))}
        </ul>
      )}
      {plan.over && <p className="caution">{plan.over}</p>}
    </div>
  );
}

/** The time line: what is done when, along a rule from the start to the end. */
export function TimeLine({ plan, brief = false }: { plan: BatchPlanned; brief?: boolean }) {
  if (plan.line.length === 0) {
    return <p className="soft">About {plan.minutes} minutes of work; no times to keep.</p>;
  }
  return (
    <ol className="time-line">
      {plan.line.map((mark) => (
        <li key={`${mark.minute}${mark.doing}`} className={mark.due ? 'due' : ''}>
          <b>{mark.at}</b>
          <span>
            {mark.doing}
            {mark.why && !brief && <span className="soft">{mark.why}</span>}
          </span>
        </li>
      ))}
    </ol>
  );
}
