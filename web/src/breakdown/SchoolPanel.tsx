import { Link } from 'react-router';
import { ulid } from 'ulid';
import type { Bench } from '../api/client';
import { useKitchen } from '../kitchen/Door';
import { Chips } from '../ui/Chips';

/** How a fish is cut: the schools for its build, and the questions each leaves open, with what an answer costs. */
export function SchoolPanel(props: {
  bench: Bench;
  busy: boolean;
  onChoose: (method: string | null, choices: Record<string, string>) => void;
}) {
  const { me } = useKitchen();
  const { bench, onChoose, busy } = props;
  const { method } = bench;
  const chosen = Object.fromEntries((method?.questions ?? []).map((q) => [q.question, q.chosen]));

  return (
    <div className="school" aria-busy={busy}>
      <div className="schools">
        {bench.methods.map((one) => (
          <button
            type="button"
            className="choice"
            key={one.method}
            aria-pressed={one.method === method?.method}
            onClick={() => onChoose(one.method, one.method === method?.method ? chosen : {})}
          >
            <span className="key" aria-hidden="true" />
            <span className="name">
              {one.name}
              {one.ours ? ' (ours)' : ''}
            </span>
            <span className="mass">{one.why}</span>
          </button>
        ))}
      </div>
      {method?.questions.map((question) => (
        <Chips
          key={question.question}
          legend={question.asks}
          name={question.question}
          inline
          value={question.chosen}
          options={question.options.map((option) => ({
            value: option.option,
            label: (
              <span>
                <b>{option.name}</b>
                <br />
                <small>
                  {option.why}; {option.costs}
                </small>
              </span>
            ),
          }))}
          onChange={(value) => onChoose(method.method, { ...chosen, [question.question]: value })}
        />
      ))}
      {method && (
        <p className="line-actions">
          <button type="button" className="quiet" onClick={() => onChoose(null, {})}>
            No steps: weigh in any order
          </button>
          {me.role === 'head chef' && (
            <Link
              className="quiet link"
              to={
                bench.methods.find((one) => one.method === method.method)?.ours
                  ? `/breakdown/methods/${method.method}`
                  : `/breakdown/methods/${ulid()}?from=${method.method}`
              }
            >
              {bench.methods.find((one) => one.method === method.method)?.ours
                ? 'Change our way'
                : 'Copy and change it'}
            </Link>
          )}
          <Link className="quiet link" to="/breakdown/trays">
            Trays
          </Link>
        </p>
      )}
    </div>
  );
}
