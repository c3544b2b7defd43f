import { useKeys } from './useKeys';

const LIST: [string, string][] = [
  ['1 … 9', 'choose the part'],
  ['Space', 'take the reading'],
  ['T', 'tare the scale'],
  ['W', 'write a weight instead'],
  ['G', 'say the weight first'],
  ['Esc', 'leave a field'],
  ['Z', 'take the last reading back'],
  ['Enter', 'on to the next stage'],
  ['Alt + 1 … 6', 'go to a stage'],
  ['/', 'search the log'],
  ['?', 'these keys'],
];

export function Keys() {
  const show = () => document.querySelector<HTMLDialogElement>('#keys')?.showModal();
  useKeys({ '?': show });
  return (
    <dialog id="keys" className="keys" aria-labelledby="keys-title">
      <h2 id="keys-title">Keys</h2>
      <dl>
        {LIST.map(([key, what]) => (
          <div key={key}>
            <dt>
              <kbd>{key}</kbd>
            </dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <form method="dialog">
        <button type="submit" className="quiet">
          Close
        </button>
      </form>
    </dialog>
  );
}
