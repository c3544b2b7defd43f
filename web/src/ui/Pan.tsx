import { Button, TextInput } from '@mantine/core';
import cx from 'clsx';
import { type ReactNode, useEffect, useRef, useState } from 'react';
import { asProblem, faultAt, type ReadingLine, type Weight } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { DemoPan } from './DemoPan';
import { look } from './look';
import { type NextProps, NextStage } from './NextStage';
import css from './Pan.module.css';
import { useHandsFree } from './useHandsFree';
import { useKeys } from './useKeys';
import { usePan } from './usePan';
import type { useOutbox } from './usePut';
import { lowerFirst } from './words';

type Props = {
  /** The next thing to do, as one sentence. */
  todo: string;
  /** What the weight will be recorded as; null while nothing is chosen. */
  recordAs: string | null;
  /** Nothing else can lie there now: a step of the method, or the one part left. */
  certain?: boolean;
  takeWord: string;
  onTake: (weight: Weight) => void;
  busy: boolean;
  /** The sentence about the last weight that was refused. */
  fault: string | undefined;
  readings: ReadingLine[];
  /** Readings on their way to the kitchen computer, and the last one that was asked about or refused. */
  outbox?: ReturnType<typeof useOutbox>;
  /** Records what looked odd all the same. */
  onSure?: () => void;
  onTakeBack?: (reading: string) => void;
  next?: NextProps;
  children?: ReactNode;
  /** The weight is said before the scale shows it: what was said so far, and who is told. */
  guess?: { said: string | null; onSay: (weight: string) => void };
};

/** The right-hand column of every bench screen: the live weight, one large button, the last readings. */
export function Pan(props: Props) {
  const { demo, me } = useKitchen();
  const pan = usePan();
  const [typed, setTyped] = useState('');
  const [undoing, setUndoing] = useState<string | null>(null);
  const field = useRef<HTMLInputElement>(null);
  const said = useRef<HTMLInputElement>(null);
  const waiting = props.outbox?.waiting ?? [];
  const busy = props.busy || props.outbox?.sending === true;
  const last = props.readings.find((reading) => !reading.taken_back);
  const veiled = props.guess !== undefined && props.guess.said === null;
  // What is typed is a weight of its own, even while the one before is on its way; what lies on the scale may still be that one.
  const readyTyped = props.recordAs !== null && !props.busy && !veiled;
  const ready = readyTyped && !busy;
  const takePan = () => {
    if (ready && pan.weight) {
      pan.spend();
      props.onTake(pan.weight);
    }
  };
  const question = faultAt(props.outbox?.refused?.fault, '/sure');
  const [regrets, setRegrets] = useState(false);
  const [selfTaken, setSelfTaken] = useState<string | null>(null);
  const { holding } = useHandsFree({
    pan,
    certain: me.hands_free && props.certain === true && ready && !question && undoing === null,
    onRecord: () => {
      setSelfTaken(
        props.recordAs && pan.shown ? t('pan.recorded', { text: pan.shown.text, as: props.recordAs }) : null,
      );
      takePan();
    },
    onRegret: () => setRegrets(true),
  });
  // Lifted off at once: whether to undo is asked when the reading is on record.
  useEffect(() => {
    if (regrets && waiting.length === 0 && !busy) {
      setRegrets(false);
      setUndoing(last?.id ?? null);
    }
  }, [regrets, waiting.length, busy, last?.id]);
  const takeTyped = () => {
    if (readyTyped && typed.trim() !== '') {
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
    z: last && props.onTakeBack && waiting.length === 0 ? () => setUndoing(last.id) : undefined,
  });
  const { shown } = pan;
  const [figure, unit] = veiled ? ['?', ''] : split(shown?.overload ? '' : (shown?.text ?? ''));
  const asked = props.readings.find((reading) => reading.id === undoing);

  return (
    <aside className={css.pan} aria-label={t('pan.scale')}>
      <p className={look.todo} data-testid="todo">
        {selfTaken && pan.spent ? selfTaken : props.todo}
      </p>
      <div className={look.live}>
        <div className={look.state}>
          <span>{stateOf(pan)}</span>
          <span>{shown && shown.tare_mg > 0 ? t('pan.tare', { tare: shown.tare }) : ''}</span>
        </div>
        <div className={cx(look.figure, figure.length > 5 && look.long)} data-testid="live">
          {figure || '–'}
          <small>{unit}</small>
        </div>
        <div className={cx(css.level, shown?.steady && !shown.overload && css.steady)} />
      </div>
      {pan.away && <p className={look.soft}>{pan.away}</p>}
      {veiled && (
        <form
          className={look.typed}
          onSubmit={(event) => {
            event.preventDefault();
            const weight = said.current?.value.trim() ?? '';
            if (weight !== '') {
              props.guess?.onSay(weight);
              said.current?.blur();
            }
          }}
        >
          <TextInput
            ref={said}
            aria-label={t('pan.what-do-you-think-it-weighs')}
            placeholder={t('pan.guess-first-172-g')}
            autoComplete="off"
          />
          <Button type="submit" variant="default">
            {t('pan.guess')}
          </Button>
        </form>
      )}
      {question && props.onSure ? (
        <Odd say={question}>
          <Button variant="default" onClick={props.outbox?.dismiss}>
            {t('pan.weigh-again')}
          </Button>
          <Button variant="default" onClick={props.onSure}>
            {t('pan.record-all-the-same')}
          </Button>
        </Odd>
      ) : (
        <>
          <div className={css.row}>
            <Button
              size="xl"
              fullWidth
              color="gill.6"
              className={look.take}
              onClick={takePan}
              disabled={!ready || !pan.weight}
            >
              {busy ? t('pan.saving') : `${props.takeWord} ${pan.weight && !veiled ? (shown?.text ?? '') : ''}`}
              <small>
                {holding
                  ? t('pan.hold-still')
                  : pan.spent && !busy
                    ? t('pan.recorded-put-the-next-thing-on')
                    : (props.recordAs ?? props.todo)}
              </small>
            </Button>
          </div>
          <div className={css.row}>
            <form
              className={look.typed}
              onSubmit={(event) => {
                event.preventDefault();
                takeTyped();
              }}
            >
              <TextInput
                ref={field}
                aria-label={t('pan.weight-typed')}
                placeholder={t('pan.or-type-1515-g')}
                value={typed}
                autoComplete="off"
                enterKeyHint="done"
                onChange={(event) => setTyped(event.target.value)}
              />
              <Button type="submit" variant="default" disabled={!readyTyped || typed.trim() === ''}>
                {t('pan.record')}
              </Button>
            </form>
            <Button variant="default" onClick={pan.tare} disabled={!shown}>
              {t('pan.tare-2')}
            </Button>
          </div>
        </>
      )}
      <p className={look.fault} role="alert">
        {question ? '' : (props.fault ?? '')}
      </p>
      {props.children}
      {asked && (
        <Odd say={t('pan.undo', { mass: asked.mass.text, lowerFirst: lowerFirst(asked.name) })}>
          <Button variant="default" onClick={() => setUndoing(null)}>
            {t('pan.keep')}
          </Button>
          <Button
            variant="default"
            onClick={() => {
              setUndoing(null);
              props.onTakeBack?.(asked.id);
            }}
          >
            {t('pan.undo-2')}
          </Button>
        </Odd>
      )}
      <ul className={css.readings} aria-label={t('pan.last-readings')}>
        {waiting.toReversed().map((entry) => (
          <li key={entry.key} className={css.waits}>
            <span>
              <b>{entry.text}</b> {entry.name}
              <br />
              <span className={look.soft}>
                {t('pan.saving-2', { slice: new Date(entry.at).toTimeString().slice(0, 5) })}
              </span>
            </span>
          </li>
        ))}
        {props.readings.map((reading) => (
          <li key={reading.id}>
            <span className={cx(reading.taken_back && css.back)}>
              <b>{reading.mass.text}</b> {reading.name}
              <br />
              <span className={look.soft}>
                {reading.at} {reading.by}
                {reading.taken_back ? `, ${reading.taken_back}` : ''}
              </span>
            </span>
            {!reading.taken_back && props.onTakeBack && (
              <Button
                variant="default"
                aria-label={t('pan.undo-3', { reading: reading.name, mass: reading.mass.text })}
                onClick={() => props.onTakeBack?.(reading.id)}
              >
                {t('pan.undo-2')}
              </Button>
            )}
          </li>
        ))}
      </ul>
      {demo && <DemoPan pan={pan} />}
      {props.next && <NextStage {...props.next} />}
    </aside>
  );
}

/** A question beside the scale, with its two answers. */
function Odd({ say, children }: { say: string; children: ReactNode }) {
  return (
    <div className={cx(css.remark, css.odd)} role="alert">
      <span>{say}</span>
      <div className={css.row}>{children}</div>
    </div>
  );
}

/** What the scale is doing, in a word. */
function stateOf({ shown, isThere }: ReturnType<typeof usePan>): string {
  if (!isThere) {
    return t('pan.no-scale-type-the-weight');
  }
  return !shown
    ? t('pan.no-scale')
    : shown.overload
      ? t('pan.too-much-on-the-scale')
      : shown.steady
        ? t('pan.steady')
        : t('pan.settling');
}

/** The sentence beside the scale: what was refused, if it was not asked about. */
export function refusedText(outbox: ReturnType<typeof useOutbox>): string | undefined {
  const fault = outbox.refused?.fault;
  return fault ? (faultAt(fault, '/weight') ?? asProblem(fault).detail) : undefined;
}

/** "9 lb 4.5 oz" is read as "9 lb 4.5" and "oz", "4210 g" as "4210" and "g". */
function split(text: string): [string, string] {
  const at = text.lastIndexOf(' ');
  return at < 0 ? [text, ''] : [text.slice(0, at), text.slice(at + 1)];
}
