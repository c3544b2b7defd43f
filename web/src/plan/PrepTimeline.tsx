import cx from 'clsx';
import { useRef, useState } from 'react';
import type { PrepDay, PrepTask } from '../api/client';
import { t } from '../lang';
import css from './PrepTimeline.module.css';
import { type Axis, along, axisOf, hourOf, lanes, minuteAt } from './prepTime';
import { DOING, FAMILY, taskName } from './prepWords';

/** So far a finger moves before it drags, px. */
const DRAGS = 6;

export type Hanging = { task: string; cutter: string; at: number };

type Laid = PrepTask & { start: number; end: number };

const isLaid = (one: PrepTask): one is Laid => one.start !== null && one.end !== null;

/**
 * Who does what when: a row a pair of hands, below them what runs by itself. A task that is dragged hangs where it would go,
 * and the others show where they would.
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
  const grip = useRef<{ task: Laid; x: number; y: number; into: number; hangs: Hanging | null } | null>(null);
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
  const press = (event: React.PointerEvent<HTMLButtonElement>, task: Laid) => {
    if (!props.canMove || !task.hands || event.button !== 0) {
      return;
    }
    event.currentTarget.setPointerCapture(event.pointerId);
    const into = event.clientX - event.currentTarget.getBoundingClientRect().left;
    grip.current = { task, x: event.clientX, y: event.clientY, into, hangs: null };
  };
  const move = (event: React.PointerEvent) => {
    const held = grip.current;
    if (!held || (!lifted && Math.hypot(event.clientX - held.x, event.clientY - held.y) < DRAGS)) {
      return;
    }
    setLifted(true);
    const next = under(event.clientX, event.clientY, held.into, held.task);
    if (next.cutter !== held.hangs?.cutter || next.at !== held.hangs.at) {
      held.hangs = next;
      props.onHang(next);
    }
  };
  const release = (drops: boolean) => {
    const held = grip.current;
    grip.current = null;
    setLifted(false);
    if (held?.hangs && drops) {
      props.onDrop(held.hangs);
    } else if (held?.hangs) {
      props.onHang(null);
    }
  };
  const bar = (one: Laid) => (
    <TaskBar
      key={one.id}
      one={one}
      axis={axis}
      chosen={props.chosen === one.id}
      hangs={hanging?.task === one.id ? hanging : null}
      movable={props.canMove && one.hands}
      onPress={(event) => press(event, one)}
      onMove={move}
      onRelease={release}
      onChoose={() => props.onChoose(one.id)}
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
          <div className={css.prepTrack} data-cutter={cutter.id}>
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
          <div className={css.prepTrack}>{lane.map(bar)}</div>
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
  movable: boolean;
  onPress: (event: React.PointerEvent<HTMLButtonElement>) => void;
  onMove: (event: React.PointerEvent) => void;
  onRelease: (drops: boolean) => void;
  onChoose: () => void;
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
      <button
        type="button"
        className={cx(
          css.prepTask,
          FAMILY[one.doing],
          !one.hands && css.prepDish,
          one.raw && css.prepRaw,
          one.pinned && css.prepPinned,
          hangs && css.prepHangs,
        )}
        style={{ left: `${left}%`, width: `${right - left}%` }}
        aria-pressed={props.chosen}
        aria-label={t('prep.task', {
          name: taskName(one),
          from: hourOf(one.start),
          to: hourOf(one.end),
          count: Math.ceil(one.late),
        })}
        title={`${DOING[one.doing]}: ${one.fish ?? ''} ${hourOf(start)}`}
        onPointerDown={props.onPress}
        onPointerMove={props.onMove}
        onPointerUp={() => props.onRelease(true)}
        onPointerCancel={() => props.onRelease(false)}
        onKeyDown={(event) => event.key === 'Escape' && props.onRelease(false)}
        onClick={props.onChoose}
      >
        {right - left > 2.4 && <span>{one.fish?.slice(0, right - left > 9 ? 14 : 1)}</span>}
      </button>
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
