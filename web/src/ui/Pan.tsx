import { type ReactNode, useRef, useState } from 'react';
import type { ReadingLine, Weight } from '../api/client';
import { useKitchen } from '../kitchen/Door';
import { DemoPan } from './DemoPan';
import type { Waiting } from './outbox';
import { useKeys } from './useKeys';
import { usePan } from './usePan';

type Props = {
  /** The next thing to do, as one sentence. */
  todo: string;
  /** What the weight will be recorded as; null while nothing is chosen. */
  recordAs: string | null;
  takeWord: string;
  onTake: (weight: Weight) => void;
  busy: boolean;
  /** The sentence about the last weight that was refused. */
  fault: string | undefined;
  readings: ReadingLine[];
  /** Readings on their way to the kitchen computer, first to last. */
  waiting?: Waiting[];
  onTakeBack?: (reading: string) => void;
  next?: { label: string; onClick: () => void; disabled?: boolean };
  children?: ReactNode;
  /** The weight is said before the scale shows it: what was said so far, and who is told. */
  guess?: { said: string | null; onSay: (weight: string) => void };
};

/** The right-hand column of every bench screen: the live weight, one large button, the last readings. */
export function Pan(props: Props) {
  const { demo } = useKitchen();
  const pan = usePan();
  const [typed, setTyped] = useState('');
  const field = useRef<HTMLInputElement>(null);
  const said = useRef<HTMLInputElement>(null);
  const last = props.readings.find((reading) => !reading.taken_back);
  const veiled = props.guess !== undefined && props.guess.said === null;
  const ready = props.recordAs !== null && !props.busy && !veiled;
  const takePan = () => {
    if (ready && pan.weight) {
      props.onTake(pan.weight);
    }
  };
  const takeTyped = () => {
    if (ready && typed.trim() !== '') {
      props.onTake({ typed });
      setTyped('');
      field.current?.blur();
    }
  };
  useKeys({
    Space: takePan,
    t: pan.tare,
    w: () => field.current?.focus(),
    g: veiled ? () => said.current?.focus() : undefined,
    // While one is on its way, the last on record is not the last that was weighed.
    z: last && props.onTakeBack && !props.waiting?.length ? () => props.onTakeBack?.(last.id) : undefined,
    Enter: props.next && !props.next.disabled ? props.next.onClick : undefined,
  });
  const { shown } = pan;
  const [figure, unit] = veiled ? ['?', ''] : split(shown?.overload ? '' : (shown?.text ?? ''));
  const state = !shown ? 'No scale' : shown.overload ? 'Too much on the pan' : shown.steady ? 'Steady' : 'Settling';

  return (
    <aside className="pan" aria-label="Pan">
      <p className="todo" data-testid="todo">
        {props.todo}
      </p>
      <div className="live">
        <div className="state">
          <span>{state}</span>
          <span>{shown && shown.tare_mg > 0 ? `tare ${shown.tare}` : ''}</span>
        </div>
        <div className={figure.length > 5 ? 'figure long' : 'figure'} data-testid="live">
          {figure || '–'}
          <small>{unit}</small>
        </div>
        <div className={shown?.steady && !shown.overload ? 'level steady' : 'level'} />
      </div>
      {pan.away && <p className="soft">{pan.away}</p>}
      {veiled && (
        <form
          className="typed"
          onSubmit={(event) => {
            event.preventDefault();
            const weight = said.current?.value.trim() ?? '';
            if (weight !== '') {
              props.guess?.onSay(weight);
              said.current?.blur();
            }
          }}
        >
          <input
            ref={said}
            aria-label="What do you think it weighs?"
            placeholder="Say it first: 172 g"
            autoComplete="off"
          />
          <button type="submit" className="quiet">
            Say
          </button>
        </form>
      )}
      <div className="row">
        <button type="button" className="take" onClick={takePan} disabled={!ready || !pan.weight}>
          {props.busy ? 'Writing it down…' : `${props.takeWord} ${pan.weight && !veiled ? (shown?.text ?? '') : ''}`}
          <small>{props.recordAs ?? props.todo}</small>
        </button>
      </div>
      <div className="row">
        <form
          className="typed"
          onSubmit={(event) => {
            event.preventDefault();
            takeTyped();
          }}
        >
          <input
            ref={field}
            aria-label="Weight, typed"
            placeholder="or type: 1515 g"
            value={typed}
            autoComplete="off"
            enterKeyHint="done"
            onChange={(event) => setTyped(event.target.value)}
          />
          <button type="submit" className="quiet" disabled={!ready || typed.trim() === ''}>
            Take
          </button>
        </form>
        <button type="button" className="quiet" onClick={pan.tare} disabled={!shown}>
          Tare
        </button>
      </div>
      <p className="fault" role="alert">
        {props.fault ?? ''}
      </p>
      {props.children}
      <ul className="readings" aria-label="Last readings">
        {props.waiting?.toReversed().map((entry) => (
          <li key={entry.reading} className="waits">
            <span>
              <b>{entry.text}</b> {entry.name}
              <br />
              <span className="soft">{entry.at}, waits to be written down</span>
            </span>
          </li>
        ))}
        {props.readings.map((reading) => (
          <li key={reading.id}>
            <span className={reading.taken_back ? 'back' : ''}>
              <b>{reading.mass.text}</b> {reading.name}
              <br />
              <span className="soft">
                {reading.at} {reading.by}
                {reading.taken_back ? `, ${reading.taken_back}` : ''}
              </span>
            </span>
            {!reading.taken_back && props.onTakeBack && (
              <button
                type="button"
                className="quiet"
                aria-label={`Take back ${reading.name}, ${reading.mass.text}`}
                onClick={() => props.onTakeBack?.(reading.id)}
              >
                Take back
              </button>
            )}
          </li>
        ))}
      </ul>
      {demo && <DemoPan pan={pan} />}
      {props.next && (
        <button type="button" className="next" onClick={props.next.onClick} disabled={props.next.disabled}>
          {props.next.label}
        </button>
      )}
    </aside>
  );
}

/** "9 lb 4.5 oz" is read as "9 lb 4.5" and "oz", "4210 g" as "4210" and "g". */
function split(text: string): [string, string] {
  const at = text.lastIndexOf(' ');
  return at < 0 ? [text, ''] : [text.slice(0, at), text.slice(at + 1)];
}
