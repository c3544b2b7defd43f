/** Minutes a dragged task snaps to. */
const STEP = 5;

/** "09:05" of a minute of the day; what runs past midnight says the day after. */
export function hourOf(minute: number): string {
  const whole = Math.round(minute);
  const clock = `${String(Math.floor((whole % 1440) / 60)).padStart(2, '0')}:${String(whole % 60).padStart(2, '0')}`;
  return whole >= 1440 ? `${clock} +${Math.floor(whole / 1440)}` : clock;
}

/** "45 min", "2:05 h" */
export function spanOf(minutes: number): string {
  const all = Math.round(minutes);
  return all < 60 ? `${all} min` : `${Math.floor(all / 60)}:${String(all % 60).padStart(2, '0')} h`;
}

/** The minute of the day an hour like 09:05 means; null when it means none. */
export function minuteOf(hour: string): number | null {
  const found = /^([01]\d|2[0-3]):([0-5]\d)$/.exec(hour);
  return found ? 60 * Number(found[1]) + Number(found[2]) : null;
}

export type Axis = { from: number; to: number };

type Timed = { start: number | null; end: number | null; clean_from: number | null };

/** From the first hour anybody works or anything runs to the last, whole hours, a day at most. */
export function axisOf(shifts: { from: number; to: number }[], tasks: Timed[], marks: number[]): Axis {
  const starts = tasks.flatMap((one) => (one.start === null ? [] : [one.clean_from ?? one.start]));
  const ends = tasks.flatMap((one) => (one.end === null ? [] : [one.end]));
  const from = Math.min(...shifts.map((one) => one.from), ...starts, ...marks);
  const to = Math.max(...shifts.map((one) => one.to), ...ends, ...marks);
  if (!Number.isFinite(from)) {
    return { from: 480, to: 1080 };
  }
  const first = 60 * Math.floor(from / 60);
  return { from: first, to: Math.min(first + 1440, Math.max(first + 240, 60 * Math.ceil((to + 1) / 60))) };
}

/** Where a minute lies on the axis, percent; what lies beyond it lies at its end. */
export function along({ from, to }: Axis, minute: number): number {
  return (100 * (Math.max(from, Math.min(to, minute)) - from)) / (to - from);
}

/** The minute under a place on the axis, in steps a hand can hit. */
export function minuteAt({ from, to }: Axis, share: number): number {
  const minute = from + Math.max(0, Math.min(1, share)) * (to - from);
  return Math.min(1439, STEP * Math.round(minute / STEP));
}

/** Things in as few lines as they fit in without lying over each other, in the order they begin. */
export function lanes<T extends { start: number; end: number }>(things: T[]): T[][] {
  const found: T[][] = [];
  for (const one of [...things].sort((a, b) => a.start - b.start)) {
    const free = found.find((lane) => (lane.at(-1)?.end ?? 0) <= one.start);
    if (free) {
      free.push(one);
    } else {
      found.push([one]);
    }
  }
  return found;
}
