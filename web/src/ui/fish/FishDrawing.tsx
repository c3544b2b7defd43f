import cx from 'clsx';
import type { Family, Form } from '../../api/client';
import { t } from '../../lang';
import css from './FishDrawing.module.css';
import { COVERS, DRAWINGS } from './shapes';

type Weighed = { part: string; family: Family; text: string };

type Props = {
  form: Form;
  title: string;
  /** What has been weighed off it. */
  weighed: Weighed[];
  /** The part that is being weighed. */
  chosen: string | null;
  /** Parts that can be chosen by touching the drawing. */
  choosable: string[];
  onChoose: (part: string) => void;
  /** Where the current step is done. */
  place?: string;
};

const FILL: Record<Family, string> = {
  portion: 'var(--portion)',
  usable: 'url(#tex-usable)',
  stock: 'url(#tex-stock)',
  discard: 'url(#tex-discard)',
};

/** The fish on the board, taken apart as the work takes it apart; touching a part chooses it. */
export function FishDrawing({ form, title, weighed, chosen, choosable, onChoose, place }: Props) {
  const drawing = DRAWINGS[form];
  const standsFor = (region: string) =>
    choosable.includes(region) ? region : choosable.find((part) => COVERS[part]?.includes(region));
  const weightOf = (region: string) =>
    weighed.find((w) => w.part === region) ?? weighed.find((w) => COVERS[w.part]?.includes(region));

  return (
    <div className={css.fishBoard}>
      <svg viewBox="-10 -26 920 366" role="img" aria-label={t('fishDrawing.on-the-board', { title })}>
        <defs>
          <pattern id="tex-usable" width="9" height="9" patternUnits="userSpaceOnUse">
            <rect width="9" height="9" fill="var(--usable-wash)" />
            <circle cx="4.5" cy="4.5" r="2.1" fill="var(--usable)" />
          </pattern>
          <pattern id="tex-stock" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(35)">
            <rect width="9" height="9" fill="var(--stock-wash)" />
            <path d="M0 0V9" stroke="var(--stock)" strokeWidth="4.4" />
          </pattern>
          <pattern id="tex-discard" width="10" height="10" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect width="10" height="10" fill="var(--discard-wash)" />
            <path d="M0 0H10M0 0V10" stroke="var(--discard)" strokeWidth="2.6" />
          </pattern>
        </defs>
        {drawing.regions.map((region) => {
          const done = weightOf(region.part);
          const part = standsFor(region.part);
          const carrier = drawing.regions.find((r) => r.part === region.on && weightOf(r.part));
          const [dx, dy] = (done ? region : carrier)?.off ?? [0, 0];
          const transform = dx || dy ? `translate(${dx}px, ${dy}px)` : undefined;
          return (
            // biome-ignore lint/a11y/noStaticElementInteractions: every part is also a button in the tray below, which the keyboard reaches.
            <g key={region.part} data-part={region.part} onClick={part ? () => onChoose(part) : undefined}>
              <path
                className={cx(
                  css.fishPart,
                  part !== undefined && part === chosen && css.chosen,
                  region.part === place && css.here,
                )}
                d={region.d}
                style={{ transform, fill: done ? FILL[done.family] : undefined }}
              />
              {drawing.details
                .filter((detail) => detail.part === region.part)
                .map((detail) => (
                  <path
                    key={detail.d}
                    className={css.fishDetail}
                    d={detail.d}
                    style={{ transform, stroke: done?.family === 'portion' ? '#fff' : undefined }}
                  />
                ))}
            </g>
          );
        })}
        {labels(drawing.regions, weightOf).map(({ key, x, y, text }) => (
          <text key={key} className={css.fishLabel} x={x} y={y}>
            {text}
          </text>
        ))}
      </svg>
    </div>
  );
}

/** One label a weight: where a weight covers several parts, on the largest of them, which is drawn last. */
function labels(regions: (typeof DRAWINGS)['round']['regions'], weightOf: (region: string) => Weighed | undefined) {
  const found = new Map<string, { key: string; x: number; y: number; text: string }>();
  for (const region of regions) {
    const done = weightOf(region.part);
    if (done) {
      const [x, y] = [region.label[0] + region.off[0], region.label[1] + region.off[1]];
      found.set(done.part, { key: done.part, x, y, text: done.text });
    }
  }
  return [...found.values()];
}
