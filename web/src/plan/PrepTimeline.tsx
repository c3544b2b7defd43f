import cx from 'clsx';
import { useRef, useState } from 'react';
import type { PrepDay, PrepTask } from '../api/client';
import { t } from '../lang';
import css from './PrepTimeline.module.css';
import { type Axis, along, axisOf, hourOf, lanes, minuteAt } from './prepTime';
import { FAMILY, taskName } from './prepWords';

/** So far a finger moves before it drags, px. */
const DRAGS = 6;

export type Hanging = { task: string; cutter: string; at: number };

type Laid = PrepTask & { start: number; end: number };

const isLaid = (one: PrepTask): one is Laid => one.start !== null && one.end !== null;

/**
 * Who does what when: a row a pair of hands, below them what runs by itself. A task that is dragged hangs where it would go,
 * and the others show where they would. The list below it says and does the same without a picture.
 */
export function PrepTimeline(props: {
  day: PrepDay;
  tasks: PrepTask[];
  chosen: string | null;
  canMove: boolean;
  hanging: Hanging | null;
  onChoose: (task: string) => void;
  onChooseCutter: (cutter: string) => void;
  onHang: (hanging: Hanging | null) => void;
  onDrop: (hanging: Hanging) => void;
}) {
  const { day, tasks, hanging } = props;
  const cutters = day.cutters.filter((one) => !one.off);
  const axis = axisOf(
    cutters,
    day.tasks,
    day.services.map((one) => one.at),
  );
  const rows = useRef<HTMLDivElement>(null);
  const [lifted, setLifted] = useState(false);
  const laid = tasks.filter(isLaid);
  const alone = lanes(laid.filter((one) => !one.hands));

  /** Where a finger is: whose row, and when the task would begin. */
  const under = (x: number, y: number, into: number, was: Laid): Hanging => {
    const tracks = [...(rows.current?.querySelectorAll('[data-cutter]') ?? [])];
    const boxes = tracks.map((track) => track.getBoundingClientRect());
    const row = boxes.findIndex((box) => y >= box.top && y < box.bottom);
    const found = row === -1 ? cutters.findIndex((one) => one.id === was.cutter) : row;
    const box = boxes[found];
    return {
      task: was.id,
      cutter: cutters[found]?.id ?? '',
      at: box ? minuteAt(axis, (x - into - box.left) / box.width) : was.start,
    };
  };
  const press = (event: React.PointerEvent, task: Laid) => {
    if (event.button !== 0) {
      return;
    }
    const [x, y] = [event.clientX, event.clientY];
    const into = x - event.currentTarget.getBoundingClientRect().left;
    const movable = props.canMove && task.hands;
    let hangs: Hanging | null = null;
    // The bar goes from row to row while it hangs, so the finger is followed wherever it is.
    const move = (now: PointerEvent) => {
      if (!movable || (!hangs && Math.hypot(now.clientX - x, now.clientY - y) < DRAGS)) {
        return;
      }
      const next = under(now.clientX, now.clientY, into, task);
      if (next.cutter !== hangs?.cutter || next.at !== hangs.at) {
        hangs = next;
        setLifted(true);
        props.onHang(next);
      }
    };
    const end = new AbortController();
    const release = (drops: boolean) => {
      end.abort();
      setLifted(false);
      if (!hangs) {
        drops && props.onChoose(task.id);
      } else if (drops) {
        props.onDrop(hangs);
      } else {
        props.onHang(null);
      }
    };
    const { signal } = end;
    window.addEventListener('pointermove', move, { signal });
    window.addEventListener('pointerup', () => release(true), { signal });
    window.addEventListener('pointercancel', () => release(false), { signal });
    window.addEventListener('keydown', (key) => key.key === 'Escape' && release(false), { signal });
  };
  const bar = (one: Laid) => (
    <TaskBar
      key={one.id}
      one={one}
      axis={axis}
      chosen={props.chosen === one.id}
      hangs={hanging?.task === one.id ? hanging : null}
      onPress={(event) => press(event, one)}
    />
  );
  const hours = Array.from({ length: (axis.to - axis.from) / 60 + 1 }, (_, i) => axis.from + 60 * i);
  const every = hours.length > 16 ? 2 : 1;
  return (
    <div className={cx(css.prepLine, lifted && css.lifting)} ref={rows}>
      <div className={css.prepHours} aria-hidden="true">
        {hours
          .filter((_, i) => i % every === 0)
          .map((hour) => (
            <span key={hour} style={{ left: `${along(axis, hour)}%` }}>
              {hourOf(hour).slice(0, 5)}
            </span>
          ))}
      </div>
      {cutters.map((cutter) => (
        <div key={cutter.id} className={css.prepRow}>
          <button type="button" className={css.prepName} onClick={() => props.onChooseCutter(cutter.id)}>
            <b>{cutter.name}</b>
            <span>{t('prep.shift', { from: hourOf(cutter.from), to: hourOf(cutter.to) })}</span>
          </button>
          <div className={css.prepTrack} data-cutter={cutter.id} aria-hidden="true">
            <i
              className={css.prepShift}
              style={{
                left: `${along(axis, cutter.from)}%`,
                width: `${along(axis, cutter.to) - along(axis, cutter.from)}%`,
              }}
            />
            {laid.filter((one) => (hanging?.task === one.id ? hanging.cutter : one.cutter) === cutter.id).map(bar)}
          </div>
        </div>
      ))}
      {alone.map((lane, i) => (
        <div key={lane[0]?.id} className={cx(css.prepRow, css.prepAlone)}>
          <span className={css.prepName}>{i === 0 && <b>{t('prep.by-itself')}</b>}</span>
          <div className={css.prepTrack} aria-hidden="true">
            {lane.map(bar)}
          </div>
        </div>
      ))}
      <div className={css.prepMarks} aria-hidden="true">
        {day.services.map((one) => (
          <div key={one.id} className={css.prepService} style={{ left: `${along(axis, one.at)}%` }}>
            <span>{one.name}</span>
          </div>
        ))}
        {day.now !== null && <div className={css.prepNow} style={{ left: `${along(axis, day.now)}%` }} />}
      </div>
    </div>
  );
}

function TaskBar(props: {
  one: Laid;
  axis: Axis;
  chosen: boolean;
  hangs: Hanging | null;
  onPress: (event: React.PointerEvent) => void;
}) {
  const { one, axis, hangs } = props;
  const start = hangs ? hangs.at : one.start;
  const [left, right] = [along(axis, start), along(axis, start + one.end - one.start)];
  const cleans = one.clean_from !== null && one.clean_from < one.start && !hangs;
  return (
    <>
      {cleans && (
        <i
          className={css.prepClean}
          style={{ left: `${along(axis, one.clean_from ?? 0)}%`, width: `${left - along(axis, one.clean_from ?? 0)}%` }}
        />
      )}
      <div
        data-task={one.id}
        className={cx(
          css.prepTask,
          FAMILY[one.doing],
          !one.hands && css.prepDish,
          one.raw && css.prepRaw,
          one.pinned && css.prepPinned,
          props.chosen && css.prepChosen,
          hangs && css.prepHangs,
        )}
        style={{ left: `${left}%`, width: `${right - left}%` }}
        title={`${taskName(one)}, ${hourOf(start)}`}
        onPointerDown={props.onPress}
      >
        {right - left > 2.4 && <span>{one.fish?.slice(0, right - left > 9 ? 14 : 1)}</span>}
      </div>
      {one.late > 0 && one.due !== null && !hangs && (
        <i
          className={css.prepTail}
          style={{
            left: `${along(axis, one.due)}%`,
            width: `${Math.max(0.4, along(axis, one.end) - along(axis, one.due))}%`,
          }}
        />
      )}
    </>
  );
}
