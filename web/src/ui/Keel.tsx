import { useElementSize } from '@mantine/hooks';
import cx from 'clsx';
import { useState } from 'react';
import type { Family, Keel as KeelData } from '../api/client';
import { t } from '../lang';
import css from './Keel.module.css';
import { look } from './look';

const FAMILIES: { family: Family; name: string }[] = [
  { family: 'portion', name: t('keel.portion') },
  { family: 'usable', name: t('keel.usable') },
  { family: 'stock', name: t('keel.stock') },
  { family: 'discard', name: t('keel.discard') },
];

/** Narrower than this no finger finds it, px; the list of parts beside the bar does the same. */
const FINGER = 24;

/** The share of the bar a name needs, on the narrowest bench; a segment that is narrower carries none. */
const needs = (name: string) => 0.02 + 0.0125 * name.length;

const pct = (part: number, whole: number) => `${whole > 0 ? (100 * part) / whole : 0}%`;

/** The keel: the fish as a bar as long as it is heavy. Small in lists; with ruler and words on a bench. */
export function Keel(props: { keel: KeelData; small?: boolean; onChoose?: (piece: string) => void }) {
  const { keel, small } = props;
  const [pointed, setPointed] = useState<string | null>(null);
  const { ref, width } = useElementSize();
  let at = 0;
  const segments = keel.segments.map((segment) => {
    const from = at;
    at += segment.mass.mg;
    return { ...segment, from, id: `${segment.piece}:${from}` };
  });
  const shown = segments.find((segment) => segment.id === pointed);
  const went = keel.excess ? keel.length_mg - keel.excess.mg : null;
  const label = segments.map((s) => `${s.name} ${s.mass.text}`).join(', ');
  let ahead = 0;
  const expected = keel.expected.map((part) => {
    const from = ahead;
    ahead += part.mass.mg;
    return { ...part, from };
  });
  const outlook = t('keel.uncut-expected', {
    join: expected.map((part) => `${part.name} ${part.mass.text}`).join(', '),
    portions: keel.portions ? `; ${keel.portions}` : '',
  });

  const onBoard = t('keel.on-the-board', { rest: keel.rest?.text });
  return (
    <div className={cx(css.keel, small && css.small)}>
      <div
        ref={ref}
        className={css.bar}
        {...(small
          ? {
              role: 'img',
              'aria-label': label || (expected.length > 0 ? outlook : t('keel.nothing-weighed-off-it-yet')),
            }
          : { role: 'group', 'aria-label': t('keel.keel') })}
      >
        {segments.map((segment) =>
          small || (segment.mass.mg / keel.length_mg) * width < FINGER ? (
            <span
              key={segment.id}
              className={cx(css.seg, `fam-${segment.family}`)}
              style={{ left: pct(segment.from, keel.length_mg), width: pct(segment.mass.mg, keel.length_mg) }}
            />
          ) : (
            <button
              type="button"
              key={segment.id}
              className={cx(css.seg, `fam-${segment.family}${segment.id === pointed ? ' chosen' : ''}`)}
              style={{ left: pct(segment.from, keel.length_mg), width: pct(segment.mass.mg, keel.length_mg) }}
              aria-label={`${segment.name}, ${segment.mass.text}`}
              onClick={() => {
                setPointed(segment.id === pointed ? null : segment.id);
                props.onChoose?.(segment.piece);
              }}
            >
              {segment.mass.mg / keel.length_mg > needs(segment.name) && <span>{segment.name}</span>}
            </button>
          ),
        )}
        {expected.map((part) => (
          <span
            key={part.part}
            className={cx(css.ahead, `fam-${part.family}`)}
            style={{ left: pct(part.from, keel.length_mg), width: pct(part.mass.mg, keel.length_mg) }}
          >
            {!small && part.mass.mg / keel.length_mg > needs(part.name) && <span>{part.name}</span>}
          </span>
        ))}
        {small && keel.portions && <span className={css.outlook}>{keel.portions}</span>}
        {keel.rest && expected.length === 0 && (
          <div className={css.rest} style={{ left: `calc(${pct(at, keel.length_mg)} + 5px)` }}>
            {!small && keel.rest.mg / keel.length_mg > needs(onBoard) && onBoard}
          </div>
        )}
        {went !== null && <div className={css.wentOn} style={{ left: pct(went, keel.length_mg) }} />}
      </div>
      {!small && (
        <>
          <div className={css.ruler} aria-hidden="true">
            {keel.marks.map((mark) => (
              <i key={mark.mg} style={{ left: pct(mark.mg, keel.length_mg) }} />
            ))}
            {keel.marks.map((mark) => (
              <b
                key={mark.mg}
                style={{
                  left: pct(mark.mg, keel.length_mg),
                  transform: mark.mg > 0.95 * keel.length_mg ? 'translateX(-100%)' : undefined,
                }}
              >
                {mark.mg === 0 ? '0' : mark.text}
              </b>
            ))}
          </div>
          <div className={css.keelNote} aria-live="polite">
            {shown ? (
              <>
                <b>
                  {shown.name}: {shown.mass.text}
                </b>
                <span>
                  {shown.share} {t('keel.of-the-fish')}
                </span>
                {shown.expected && <span>{t('keel.usually', { expected: shown.expected })}</span>}
                <span>{shown.destination}</span>
              </>
            ) : expected.length > 0 ? (
              <span>
                {keel.portions
                  ? t('keel.uncut-with-portions', { portions: keel.portions })
                  : t('keel.uncut-what-it-should-give-is')}
              </span>
            ) : (
              FAMILIES.map(({ family, name }) => (
                <span className={css.key} key={family}>
                  <i className={cx(look.swatch, `fam-${family}`)} />
                  {name}
                </span>
              ))
            )}
          </div>
        </>
      )}
    </div>
  );
}
