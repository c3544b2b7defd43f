import { Button, Slider, TextInput } from '@mantine/core';
import { useEffect, useRef, useState } from 'react';
import type { Drill, Form } from '../api/client';
import { t } from '../lang';
import { DRAWINGS } from '../ui/fish/shapes';
import { look } from '../ui/look';
import { useDraft } from '../ui/useDraft';
import css from './Drill.module.css';
import { drawnAt, laidOut, type Playing, type Spot } from './drill';

type Piece = NonNullable<Drill['task']['weight']>['pieces'][number];

/** A bank card is so wide, ISO/IEC 7810 ID-1. */
const CARD_CM = 8.56;

const KEPT = 'sectum.px-per-cm';

const USUAL_PX = 37.8;

/** What there is for a drawing, px. */
const ROOM: Spot = [680, 330];

/** One piece after the other, drawn to scale with a ruler under it; its weight is said before anything shows it. */
export function WeightDrill({ drill, task, result, onReady }: Playing<'weight'>) {
  const [at, setAt] = useState(0);
  const [{ guesses }, setDraft] = useDraft(`drill/${drill.id}`, { guesses: task.pieces.map(() => '') });
  const [px, setPx] = useState(() => Number(localStorage.getItem(KEPT)) || USUAL_PX);
  const [measuring, setMeasuring] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    onReady(guesses.every((guess) => guess.trim() !== '') ? { guesses: guesses.map((guess) => guess.trim()) } : null);
  }, [guesses, onReady]);
  const piece = task.pieces[at];
  const says = result?.pieces[at];
  const next = () => {
    const empty = guesses.findIndex((guess, i) => i !== at && guess.trim() === '');
    if (empty >= 0) {
      setAt(empty);
    }
    field.current?.focus();
  };
  const across = task.kind === 'portion';
  const box: Spot =
    piece === undefined
      ? [1, 1]
      : task.kind === 'whole'
        ? [piece.outline.at(-1)?.[0] ?? 1, piece.outline[1]?.[1] ?? 1]
        : laidOut(piece.outline, across).box;
  const scale = drawnAt(box, px, ROOM);

  return (
    <div className={css.drillWeight}>
      <nav className={css.drillPieces} aria-label={t('practise.pieces')}>
        {task.pieces.map((_, i) => (
          <button key={i} type="button" aria-current={i === at} onClick={() => setAt(i)}>
            {i + 1}
            <small>{result ? `${result.pieces[i]?.off_pct} %` : guesses[i]}</small>
          </button>
        ))}
      </nav>
      {piece && (
        <div className={css.drillToScale}>
          {task.kind === 'whole' ? (
            <WholeFish piece={piece} scale={scale} />
          ) : (
            <CutPiece piece={piece} across={across} scale={scale} />
          )}
          <Ruler cm={box[0]} scale={scale} />
          <p className={look.soft}>
            {scale >= px * 0.99 ? t('practise.true-size') : t('practise.part-size', { part: Math.round(px / scale) })}
          </p>
        </div>
      )}
      {says ? (
        <p className={look.said}>
          {t('practise.weight-result', { guess: says.guess, true: says.weighs, off: signed(says.off_pct) })}
        </p>
      ) : (
        <form
          className={look.lineActions}
          onSubmit={(event) => {
            event.preventDefault();
            next();
          }}
        >
          <TextInput
            ref={field}
            className={css.drillGuess}
            label={t('practise.it-weighs', { number: at + 1, of: task.pieces.length })}
            placeholder={t('practise.weight-example')}
            autoComplete="off"
            inputMode="decimal"
            value={guesses[at] ?? ''}
            onChange={(event) => {
              const typed = event.currentTarget.value;
              setDraft({ guesses: guesses.map((one, i) => (i === at ? typed : one)) });
            }}
          />
          <Button type="submit" disabled={(guesses[at] ?? '').trim() === ''}>
            {t('practise.next-piece')}
          </Button>
          <Button variant="default" onClick={() => setMeasuring(!measuring)}>
            {t('practise.calibrate')}
          </Button>
        </form>
      )}
      {measuring && !result && (
        <div className={css.drillCalibrate}>
          <p>{t('practise.calibrate-how')}</p>
          <div className={css.drillCard} style={{ width: CARD_CM * px }} />
          <Slider
            thumbLabel={t('practise.calibrate')}
            min={20}
            max={110}
            step={0.1}
            value={px}
            label={null}
            onChange={setPx}
            onChangeEnd={(value) => localStorage.setItem(KEPT, String(value))}
          />
        </div>
      )}
      {result && <p>{t('practise.weight-bias', { bias: signed(result.bias_pct) })}</p>}
    </div>
  );
}

const signed = (pct: number) => `${pct > 0 ? '+' : pct < 0 ? '−' : ''}${Math.abs(pct)}`;

/** A piece of flesh from above and from the side. */
function CutPiece({ piece, across, scale }: { piece: Piece; across: boolean; scale: number }) {
  const { box, above, side } = laidOut(piece.outline, across);
  const path = (spots: Spot[]) => `M${spots.map(([cm, other]) => `${cm * scale} ${other * scale}`).join('L')}Z`;
  const widest = Math.max(...piece.outline.map(([, wide = 0]) => wide));
  const thickest = Math.max(...piece.outline.map(([, , mm = 0]) => mm));
  return (
    <svg
      width={box[0] * scale + 2}
      height={box[1] * scale + 2}
      viewBox={`-1 -1 ${box[0] * scale + 2} ${box[1] * scale + 2}`}
      role="img"
      aria-label={t('practise.piece-drawn', { length: piece.outline.at(-1)?.[0], wide: widest, thick: thickest })}
    >
      <path d={path(above)} className={css.drillFlesh} />
      <path d={path(side)} className={css.drillFlesh} />
    </svg>
  );
}

/** A whole fish as long and as deep as it is. */
function WholeFish({ piece, scale }: { piece: Piece; scale: number }) {
  const [, deep = 1] = piece.outline[1] ?? [];
  const length = piece.outline.at(-1)?.[0] ?? 1;
  return (
    <svg
      width={length * scale}
      height={deep * scale}
      viewBox={extent(piece.shape as Form)}
      preserveAspectRatio="none"
      role="img"
      aria-label={t('practise.fish-drawn', { length, deep })}
    >
      {DRAWINGS[piece.shape as Form].regions.map((region) => (
        <path key={region.part} d={region.d} className={css.drillFish} />
      ))}
      {DRAWINGS[piece.shape as Form].details.map((detail) => (
        <path key={detail.d} d={detail.d} className={css.drillFishLine} />
      ))}
    </svg>
  );
}

/** The box a fish's drawing fills, so that it can be stretched to any length and depth. */
function extent(form: Form): string {
  const places = DRAWINGS[form].regions.flatMap((region) => (region.d.match(/-?\d+(?:\.\d+)?/g) ?? []).map(Number));
  const xs = places.filter((_, i) => i % 2 === 0);
  const ys = places.filter((_, i) => i % 2 === 1);
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  return `${left} ${top} ${Math.max(...xs) - left} ${Math.max(...ys) - top}`;
}

function Ruler({ cm, scale }: { cm: number; scale: number }) {
  const marks = Math.floor(cm) + 1;
  return (
    <svg width={cm * scale + 1} height="34" aria-hidden="true" className={css.drillRuler}>
      {Array.from({ length: marks }, (_, i) => (
        <g key={i}>
          <path d={`M${i * scale + 0.5} 0v${i % 5 === 0 ? 12 : 6}`} />
          {i % 5 === 0 && (
            <text x={i * scale + (i === 0 ? 0 : -5)} y="28">
              {i}
            </text>
          )}
        </g>
      ))}
    </svg>
  );
}
