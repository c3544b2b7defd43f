import { Button } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { type PointerEvent, useEffect, useRef, useState } from 'react';
import { api, type Drill } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { useDraft } from '../ui/useDraft';
import { useKeys } from '../ui/useKeys';
import { usePut } from '../ui/usePut';
import css from './Drill.module.css';
import type { Playing, Spot } from './drill';

const W = 900;
const H = 330;
const LEFT = 22;
const MIDDLE = H / 2;
/** How far from the middle the edges are at the widest. */
const HALF = 128;

/** A finger that goes less far than this, px, has tapped. */
const A_TAP = 9;

/** How near to what was felt a tap means it, units of the drawing. */
const SNAPS = 22;

/** One press of an arrow, along and across. */
const STEP = 0.01;
const FINE = 0.002;

const x = (along: number) => LEFT + (W - 2 * LEFT) * along;
const y = (across: number) => MIDDLE - HALF * across;
const clamp = (value: number, low: number, high: number) => Math.min(high, Math.max(low, value));

/** A side to be stroked: what is felt shows for a moment where the finger was, and a tap says a bone is there. */
export function BonesDrill({ drill, task, result, onReady }: Playing<'bones'>) {
  const queries = useQueryClient();
  const svg = useRef<SVGSVGElement>(null);
  const down = useRef<{ at: Spot; px: [number, number]; since: number } | null>(null);
  const strokes = useRef(drill.moves.length);
  const [finger, setFinger] = useState<Spot>([0.05, 0.05]);
  const [felt, setFelt] = useState<Spot[]>([]);
  const [draft, setDraft] = useDraft(`drill/${drill.id}`, { taps: [] as Spot[], pass: 1 });
  const { taps, pass } = draft;
  const setTaps = (next: Spot[]) => setDraft({ ...draft, taps: next });
  const stroke = usePut(`bones/${drill.id}`, '/practise/drills/{drill}/moves/{number}', {
    onSuccess: (moved: Drill) => {
      const last = moved.moves.at(-1);
      strokes.current = Math.max(strokes.current, moved.moves.length);
      setFelt((last?.said.felt ?? []).map(([along = 0, across = 0]) => [along, across]));
      queries.setQueryData(
        api.queryOptions('get', '/practise/{skill}/{seed}', {
          params: { path: { skill: moved.skill, seed: moved.seed }, query: {} },
        }).queryKey,
        moved,
      );
    },
  });
  useEffect(() => {
    onReady(pass === 2 ? { taps } : null);
  }, [taps, pass, onReady]);

  const send = (from: Spot, to: Spot, seconds: number) => {
    strokes.current += 1;
    stroke.mutate({
      params: { path: { drill: drill.id, number: strokes.current } },
      body: { stroke: [from, to], seconds: Math.max(0.01, Math.round(seconds * 100) / 100) },
    });
  };
  const under = (event: PointerEvent): Spot => {
    const box = svg.current?.getBoundingClientRect();
    const px = ((event.clientX - (box?.left ?? 0)) / (box?.width ?? 1)) * W;
    const py = ((event.clientY - (box?.top ?? 0)) / (box?.height ?? 1)) * H;
    return [
      Math.round(clamp((px - LEFT) / (W - 2 * LEFT), 0, 1) * 10_000) / 10_000,
      Math.round(clamp((MIDDLE - py) / HALF, -1, 1) * 1000) / 1000,
    ];
  };
  // Whoever taps beside what was just felt means that: a finger is wider than a bone.
  const tap = (at: Spot) => {
    const near = felt.find(([along, across]) => Math.hypot(x(along) - x(at[0]), y(across) - y(at[1])) < SNAPS);
    if (!result) {
      setTaps([...taps, near ?? at]);
    }
  };
  const walk = (along: number, across: number) => () => {
    const to: Spot = [
      Math.round(clamp(finger[0] + along, 0, 1) * 10_000) / 10_000,
      Math.round(clamp(finger[1] + across, -1, 1) * 1000) / 1000,
    ];
    setFinger(to);
    if (along !== 0) {
      send(finger, to, 0.3);
    }
  };
  useKeys(
    result
      ? {}
      : {
          right: walk(STEP, 0),
          left: walk(-STEP, 0),
          up: walk(0, 0.05),
          down: walk(0, -0.05),
          '.': walk(FINE, 0),
          ',': walk(-FINE, 0),
          b: () => tap(finger),
          z: () => setTaps(taps.slice(0, -1)),
        },
  );
  const side = `M${x(0)} ${y(0.75)}C${x(0.18)} ${y(1.1)} ${x(0.5)} ${y(1.08)} ${x(1)} ${y(0.22)}L${x(1)} ${y(
    -0.2,
  )}C${x(0.55)} ${y(-1.12)} ${x(0.2)} ${y(-1.1)} ${x(0.02)} ${y(-0.62)}C${x(-0.01)} ${y(-0.2)} ${x(-0.01)} ${y(
    0.3,
  )} ${x(0)} ${y(0.75)}Z`;

  return (
    <div className={css.drillBonesDrill}>
      <p>
        {task.species}.{' '}
        <span className={look.soft}>
          {t('practise.bones-usual', { low: task.usual_low, high: task.usual_high, count: task.rows })}
        </span>
      </p>
      <svg
        ref={svg}
        className={css.drillSideOfFish}
        viewBox={`0 0 ${W} ${H}`}
        role="img"
        aria-label={t('practise.bones-side', { species: task.species })}
        data-testid="side"
        onPointerDown={(event) => {
          if (!result) {
            event.currentTarget.setPointerCapture(event.pointerId);
            down.current = { at: under(event), px: [event.clientX, event.clientY], since: event.timeStamp };
          }
        }}
        onPointerMove={(event) => down.current && setFinger(under(event))}
        onPointerUp={(event) => {
          const from = down.current;
          down.current = null;
          if (!from) {
            return;
          }
          const far = Math.hypot(event.clientX - from.px[0], event.clientY - from.px[1]);
          if (far < A_TAP) {
            tap(from.at);
          } else {
            send(from.at, under(event), (event.timeStamp - from.since) / 1000);
          }
        }}
      >
        <path d={side} className={css.drillFlesh} />
        <path d={`M${x(0.02)} ${y(0)}H${x(0.96)}`} className={css.drillMidLine} />
        {!result &&
          felt.map(([along, across]) => (
            <circle key={`${along}:${across}`} cx={x(along)} cy={y(across)} r="10" className={css.drillFelt} />
          ))}
        {result?.bones.map((bone) => (
          <path
            key={bone.along}
            d={`M${x(bone.along) - 3} ${y(bone.across) + 14}L${x(bone.along) + 3} ${y(bone.across) - (bone.broken ? 2 : 14)}`}
            className={bone.missed ? css.drillBoneMissed : css.drillBoneFound}
          />
        ))}
        {(result ? result.taps : taps).map(([along = 0, across = 0], i) => (
          <g key={`${i}:${along}`} className={result?.beside.includes(i) ? css.drillTapBeside : css.drillTap}>
            <circle cx={x(along)} cy={y(across)} r="6" />
            {result?.beside.includes(i) && <path d={`M${x(along) - 8} ${y(across) - 8}l16 16m0 -16l-16 16`} />}
          </g>
        ))}
        {!result && (
          <g className={css.drillFinger}>
            <circle cx={x(finger[0])} cy={y(finger[1])} r="17" />
            <path d={`M${x(finger[0])} ${y(finger[1]) - 5}v10`} />
          </g>
        )}
      </svg>
      {result ? (
        <p className={look.said}>
          {t('practise.bones-result', {
            found: result.found,
            of: result.bones.length,
            missed: result.missed,
            beside: result.beside.length,
          })}
        </p>
      ) : (
        <div className={look.lineActions}>
          <p className={css.drillCount} aria-live="polite">
            {t('practise.bones-tapped', { count: taps.length, taps: taps.length })}
          </p>
          <Button variant="default" disabled={taps.length === 0} onClick={() => setTaps(taps.slice(0, -1))}>
            {t('practise.undo-tap')}
          </Button>
          <Button variant="default" disabled={pass > 1} onClick={() => setDraft({ ...draft, pass: 2 })}>
            {pass > 1 ? t('practise.second-pass') : t('practise.first-pass-done')}
          </Button>
        </div>
      )}
      {result && <p className={look.soft}>{t('practise.bones-key')}</p>}
    </div>
  );
}
