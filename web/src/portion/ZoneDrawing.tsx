import type { Zones } from '../api/client';
import css from './ZonesScreen.module.css';

const MARGIN = 10;

const WASH: Record<Zones['zones'][number]['zone'], string | undefined> = {
  'head-end': css.zonesHeadEnd,
  middle: css.zonesMiddle,
  tail: css.zonesTail,
  belly: css.zonesBelly,
};

/** A side from above with its zones: those along the length, and the belly along its lower edge. */
export function ZoneDrawing({ zones }: { zones: Zones }) {
  const widest = Math.max(...zones.outline.map(([, width = 0]) => width * 10));
  const middle = MARGIN + widest / 2;
  const edge = (sign: number) => zones.outline.map(([cm = 0, width = 0]) => [cm * 10, middle + sign * width * 5]);
  const lines = (points: number[][]) => points.map((point) => point.join(' ')).join('L');
  const top = edge(-1);
  const bottom = edge(1);
  const long = zones.length_cm * 10;
  const flap = bottom.filter(([x = 0]) => x >= 0.05 * long && x <= 0.6 * long);
  // As high as its share of the side, spread over the stretch it runs along.
  const high = (zones.belly_pct / 100) * widest * 1.5;
  return (
    <svg
      className={css.zonesDrawn}
      viewBox={`${-MARGIN} 0 ${long + 2 * MARGIN} ${widest + 2 * MARGIN}`}
      aria-hidden="true"
    >
      <clipPath id="zones-side">
        <path d={`M${lines([...top, ...[...bottom].reverse()])}Z`} />
      </clipPath>
      <g clipPath="url(#zones-side)">
        {zones.zones.map(
          (zone) =>
            zone.from_cm !== null &&
            zone.to_cm !== null && (
              <rect
                key={zone.zone}
                className={WASH[zone.zone]}
                x={zone.from_cm * 10}
                y="0"
                width={(zone.to_cm - zone.from_cm) * 10}
                height={widest + 2 * MARGIN}
              />
            ),
        )}
        {zones.belly_pct > 0 && flap.length > 1 && (
          <path
            className={WASH.belly}
            d={`M${lines(flap)}L${lines(
              [...flap]
                .reverse()
                .map(([x = 0, y = 0]) => [x, y - high * Math.min(1, (x / long - 0.05) / 0.1, (0.6 - x / long) / 0.15)]),
            )}Z`}
          />
        )}
      </g>
      <path className={css.zonesEdge} d={`M${lines([...top, ...[...bottom].reverse()])}Z`} />
      {zones.zones.map(
        (zone) =>
          zone.from_cm !== null &&
          zone.to_cm !== null && (
            <text key={zone.zone} x={(zone.from_cm + zone.to_cm) * 5} y={middle} textAnchor="middle">
              {zone.name}
            </text>
          ),
      )}
    </svg>
  );
}
