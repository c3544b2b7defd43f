import cx from 'clsx';
import type { FreezingRun } from '../api/client';
import { t } from '../lang';
import css from './RunCurve.module.css';

const W = 660;
const LEFT = 52;
const H = 232;
/** A rule's strip under the curve. */
const STRIP = 34;
const COLDEST = -45;
const WARMEST = 12;

type Point = FreezingRun['air'][number];

/** Pieces of a line: a silence is a gap. */
function parts(points: Point[]): Point[][] {
  const all: Point[][] = [];
  for (const point of points) {
    if (point.breaks || all.length === 0) {
      all.push([]);
    }
    all.at(-1)?.push(point);
  }
  return all;
}

/** Hours between two marks, so that there are about eight. */
function step(hours: number): number {
  return [1, 2, 4, 6, 12, 24, 48].find((one) => hours / one <= 9) ?? 96;
}

/** Air and core over the hours; under it each rule's unbroken stretches, growing to its mark. */
export function RunCurve({ run }: { run: FreezingRun }) {
  const until = Math.max(run.minutes, 60, run.middle?.minute ?? 0) * 1.02;
  const x = (minute: number) => LEFT + ((W - LEFT - 8) * Math.min(minute, until)) / until;
  const y = (celsius: number) => 6 + (H - 12) * (1 - (Math.max(COLDEST, celsius) - COLDEST) / (WARMEST - COLDEST));
  const each = step(until / 60);
  const hours = Array.from({ length: Math.floor(until / 60 / each) + 1 }, (_, i) => i * each);
  const levels = [...new Set([0, ...run.rules.map((rule) => rule.level_c)])];
  const height = H + 22 + run.rules.length * STRIP;
  return (
    <svg className={css.curveRun} viewBox={`0 0 ${W} ${height}`} role="img" aria-label={t('run.curve')}>
      {levels.map((celsius) => (
        <g key={celsius}>
          <path className={cx(css.curveLevel, celsius !== 0 && css.curveAsked)} d={`M${LEFT} ${y(celsius)}H${W - 8}`} />
          <text x={LEFT - 8} y={y(celsius) + 5} textAnchor="end">
            {celsius === 0 ? '0' : `−${-celsius}`} °C
          </text>
        </g>
      ))}
      {(['air', 'core'] as const).map((probe) =>
        parts(run[probe]).map((part) => (
          <polyline
            key={`${probe}${part[0]?.minute}`}
            className={css[`curve${probe === 'air' ? 'Air' : 'Core'}`]}
            points={part.map((one) => `${x(one.minute)},${y(one.celsius)}`).join(' ')}
          />
        )),
      )}
      {run.middle && run.middle.minute < until && (
        <g className={css.curveMiddle}>
          <path d={`M${x(run.middle.minute)} ${y(-1.5)}v14`} />
          <text x={x(run.middle.minute) + 6} y={y(-1.5) + 14}>
            {t('run.middle-frozen')}
          </text>
        </g>
      )}
      <path className={css.curveNow} d={`M${x(run.minutes)} 6V${H + 4}`} />
      {hours.map((hour) => (
        <text
          key={hour}
          x={x(hour * 60)}
          y={H + 16}
          textAnchor={hour === 0 ? 'start' : x(hour * 60) > W - 20 ? 'end' : 'middle'}
        >
          {`${hour} h`}
        </text>
      ))}
      {run.rules.map((rule, i) => {
        const top = H + 26 + i * STRIP;
        const long = rule.stretches.at(-1);
        const mark = rule.met_minute ?? (long ? long.from + rule.needed_minutes : null);
        return (
          <g key={rule.code}>
            <rect className={css.curveStrip} x={LEFT} y={top} width={W - LEFT - 8} height={16} />
            {rule.stretches.map((one) => (
              <rect
                key={one.from}
                className={rule.met ? css.curveMet : css.curveGrows}
                x={x(one.from)}
                y={top}
                width={Math.max(1, x(one.to) - x(one.from))}
                height={16}
              />
            ))}
            <text x={LEFT - 8} y={top + 13} textAnchor="end">
              {rule.needed}
            </text>
            {mark !== null && mark <= until && <path className={css.curveMark} d={`M${x(mark)} ${top - 4}v24`} />}
          </g>
        );
      })}
    </svg>
  );
}
