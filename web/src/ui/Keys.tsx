import { Button } from '@mantine/core';
import { useKeys } from './useKeys';

const LIST: [string, string][] = [
  ['1 … 9', 'choose the part'],
  ['Space', 'record the weight'],
  ['T', 'tare the scale'],
  ['W', 'type a weight instead'],
  ['G', 'guess the weight first'],
  ['Esc', 'leave a field'],
  ['Z', 'undo the last reading; asks first'],
  ['Alt + 1 … 6', 'go to a stage'],
  ['/', 'search the log'],
  ['?', 'these shortcuts'],
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
        <Button type="submit" variant="default">
          Close
        </Button>
      </form>
    </dialog>
  );
}
