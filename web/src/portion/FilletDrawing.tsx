import cx from 'clsx';
import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from 'react';
import type { Plan } from '../api/client';
import { t } from '../lang';
import css from './FilletDrawing.module.css';
import { MARGIN, marksOf, movedMark, placeUnder } from './marks';

type Props = {
  plan: Pick<
    Plan,
    'piece' | 'name' | 'length' | 'length_cm' | 'thickness' | 'outline' | 'pieces' | 'knife_cm' | 'marks_cm'
  >;
  /** Where the knife stands, or stops; the line that is to be cut next. */
  next?: number | null;
  /** Moving a mark; without it nothing can be moved. */
  onMove?: (marks: number[]) => void;
  /** Where cuts would have been best, cm; drawn over what was cut. */
  best?: number[];
  /** Whether the masses are being asked for. */
  asking?: boolean;
};

const FAMILY = { done: 'portion', square: 'usable', planned: 'plan', spare: 'usable', tail: 'usable' } as const;

/** Between the two views, and under them, mm of the drawing. */
const GAP = 26;
const RULER = 34;

/** A fillet from above and from the side, to scale on a ruler: what is cut, what is planned, and the marks. */
export function FilletDrawing({ plan, next, onMove, asking, best = [] }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<{ i: number; cm: number; moving: boolean } | null>(null);
  // A mark that was let go stays where it was put until the masses have followed.
  useEffect(() => setHeld((mark) => (mark?.moving ? mark : null)), [plan]);
  const x = (cm: number) => cm * 10;
  const widest = Math.max(...plan.outline.map(([, width = 0]) => width * 10));
  const thickest = Math.max(...plan.outline.map(([, , mm = 0]) => mm));
  const middle = MARGIN + widest / 2;
  const board = MARGIN + widest + GAP + thickest;
  const ruler = board + 6;
  const height = ruler + RULER;
  const end = plan.pieces.length > 0 ? Math.max(...plan.pieces.map((p) => p.to_cm)) : plan.length_cm;
  const marks = marksOf(plan);
  const shownMarks = marks.map((cm, i) => (held?.i === i ? held.cm : cm));
  const moved = (i: number, cm: number) => movedMark(plan, shownMarks, i, cm);
  const at = (event: PointerEvent) => placeUnder(event.clientX, svg.current?.getBoundingClientRect(), plan.length_cm);
  const drop = (i: number, cm: number) => onMove?.(marks.map((mark, j) => (j === i ? cm : mark)));
  const keyed = (event: KeyboardEvent, i: number, cm: number) => {
    const by = event.key === 'ArrowLeft' ? -0.1 : event.key === 'ArrowRight' ? 0.1 : 0;
    if (by !== 0) {
      event.preventDefault();
      event.stopPropagation();
      drop(i, moved(i, cm + by));
    }
  };

  return (
    <svg
      ref={svg}
      className={cx(css.fillet, asking && css.asking)}
      viewBox={`${-MARGIN} 0 ${plan.length_cm * 10 + 2 * MARGIN} ${height}`}
      aria-label={t('filletDrawing.long-thick-drawn-to-scale', {
        plan: plan.name,
        plan2: plan.length,
        thickness: plan.thickness,
      })}
    >
      <defs>
        <clipPath id={`above-${plan.piece}`}>
          <path d={above(plan, middle)} />
        </clipPath>
        <clipPath id={`side-${plan.piece}`}>
          <path d={side(plan, board)} />
        </clipPath>
        <pattern id="fillet-dots" width="9" height="9" patternUnits="userSpaceOnUse">
          <rect width="9" height="9" fill="var(--usable-wash)" />
          <circle cx="4.5" cy="4.5" r="2" fill="var(--usable)" />
        </pattern>
      </defs>
      {[`above-${plan.piece}`, `side-${plan.piece}`].map((clip) => (
        <g key={clip} clipPath={`url(#${clip})`}>
          <rect x="0" y="0" width={x(plan.length_cm)} height={board} className={css.flesh} />
          {plan.pieces.map((piece) => (
            <rect
              key={`${piece.what}${piece.from_cm}`}
              className={cx(css.stretch, FAMILY[piece.what])}
              x={x(piece.from_cm)}
              y="0"
              width={x(piece.to_cm - piece.from_cm)}
              height={board}
            />
          ))}
        </g>
      ))}
      <path d={above(plan, middle)} className={css.edge} />
      <path d={side(plan, board)} className={css.edge} />
      {best.map((cm) => (
        <path key={`best${cm}`} className={css.best} d={`M${x(cm)} ${MARGIN / 2}V${ruler + 12}`} />
      ))}
      {plan.pieces.map((piece) => {
        const width = x(piece.to_cm - piece.from_cm);
        return (
          <g key={`${piece.what}${piece.from_cm}`} className={cx(css.told, FAMILY[piece.what])}>
            <title>
              {t('filletDrawing.wide-thick', {
                piece: piece.name,
                mass: piece.mass.text,
                width: piece.width,
                thickness: piece.thickness,
              })}
            </title>
            {width >= 32 && (
              <>
                <rect
                  x={x(piece.from_cm) + width / 2 - Math.min(22, width / 2 - 1)}
                  y={middle - 11}
                  width={Math.min(44, width - 2)}
                  height="22"
                  rx="2"
                />
                <text
                  x={x(piece.from_cm) + width / 2}
                  y={middle + 5}
                  fontSize={width < 38 ? 11.5 : width < 48 ? 13 : 16}
                >
                  {piece.mass.text}
                </text>
              </>
            )}
          </g>
        );
      })}
      <text x={x(thickestAt(plan))} y={board - thickest - 5} className="tick">
        {plan.thickness}
      </text>
      <line x1="0" x2={x(plan.length_cm)} y1={ruler} y2={ruler} className={css.rule} />
      {Array.from({ length: Math.floor(plan.length_cm) + 1 }, (_, cm) => (
        <line key={cm} x1={x(cm)} x2={x(cm)} y1={ruler} y2={ruler + (cm % 5 === 0 ? 10 : 5)} className={css.rule} />
      ))}
      {Array.from({ length: Math.floor((plan.length_cm - 7) / 10) + 1 }, (_, ten) => (
        <text key={ten} x={x(10 * ten)} y={ruler + 26} className="tick">
          {10 * ten}
        </text>
      ))}
      {shownMarks.map((cm, i) => (
        <g
          key={i}
          className={cx(css.mark, next !== undefined && next !== null && Math.abs(cm - next) < 0.06 && css.now)}
          {...(onMove
            ? {
                role: 'slider',
                tabIndex: 0,
                'aria-label': t('filletDrawing.mark', { i: i + 1 }),
                'aria-valuemin': 0,
                'aria-valuemax': plan.length_cm,
                'aria-valuenow': cm,
                'aria-valuetext': t('filletDrawing.cm', { cm }),
                onPointerDown: (event: PointerEvent<SVGGElement>) => {
                  event.currentTarget.setPointerCapture(event.pointerId);
                  setHeld({ i, cm, moving: true });
                },
                onPointerMove: (event: PointerEvent<SVGGElement>) =>
                  held?.i === i && held.moving && setHeld({ i, cm: moved(i, at(event)), moving: true }),
                onPointerUp: () => {
                  if (held?.i === i && held.moving) {
                    const put = held.cm !== marks[i];
                    setHeld(put ? { ...held, moving: false } : null);
                    if (put) {
                      drop(i, held.cm);
                    }
                  }
                },
                onKeyDown: (event: KeyboardEvent<SVGGElement>) => keyed(event, i, cm),
              }
            : {})}
        >
          <line x1={x(cm)} x2={x(cm)} y1={MARGIN / 2} y2={ruler} />
          {onMove && (
            <>
              <rect x={x(cm) - 16} y="0" width="32" height={height} className={css.grip} />
              <circle cx={x(cm)} cy={ruler} r="9" />
            </>
          )}
        </g>
      ))}
      {plan.pieces.some((p) => p.what === 'done') && (
        <path
          className={css.knife}
          d={`M${x(plan.knife_cm)} ${MARGIN - 4} l-7 -8 h14 z M${x(plan.knife_cm)} 0 V${ruler}`}
        />
      )}
      {end > 0 && (
        <text x={x(plan.length_cm) + MARGIN} y={ruler + 26} textAnchor="end">
          {plan.length}
        </text>
      )}
    </svg>
  );
}

/** Where it is thickest, cm from the head end. */
function thickestAt(plan: Props['plan']): number {
  const [cm = 0] = plan.outline.reduce((best, point) => ((point[2] ?? 0) > (best[2] ?? 0) ? point : best));
  return cm;
}

/** From above: as wide as it is, around the middle line. */
function above(plan: Props['plan'], middle: number): string {
  const top = plan.outline.map(([cm = 0, width = 0]) => `${cm * 10} ${middle - width * 5}`);
  const bottom = plan.outline.map(([cm = 0, width = 0]) => `${cm * 10} ${middle + width * 5}`).reverse();
  return `M${[...top, ...bottom].join('L')}Z`;
}

/** From the side: as thick as it is, lying on the board. */
function side(plan: Props['plan'], board: number): string {
  const top = plan.outline.map(([cm = 0, , mm = 0]) => `${cm * 10} ${board - mm}`);
  return `M0 ${board}L${top.join('L')}L${plan.length_cm * 10} ${board}Z`;
}
