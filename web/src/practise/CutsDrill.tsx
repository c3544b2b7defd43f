import { Button, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, asProblem, type Drill } from '../api/client';
import { t } from '../lang';
import { FilletDrawing } from '../portion/FilletDrawing';
import { look } from '../ui/look';
import { useKeys } from '../ui/useKeys';
import { usePut } from '../ui/usePut';
import css from './Drill.module.css';
import type { Playing } from './drill';

/** A step of an arrow key, cm. */
const STEP = 0.1;

/** The planner's own picture with the knife in the learner's hand: each cut is weighed, and the plan goes on from it. */
export function CutsDrill({ drill, task, result, onReady }: Playing<'cuts'>) {
  const queries = useQueryClient();
  const cut = task.pieces.at(-1)?.to_cm ?? 0;
  const [knife, setKnife] = useState(() => startAt(task));
  useEffect(() => setKnife(startAt(task)), [task]);
  useEffect(() => {
    onReady(task.pieces.length > 0 ? { done: true } : null);
  }, [task.pieces.length, onReady]);
  const move = usePut(`cuts/${drill.id}`, '/practise/drills/{drill}/moves/{number}', {
    onSuccess: (moved: Drill) =>
      queries.setQueryData(
        api.queryOptions('get', '/practise/{skill}/{seed}', {
          params: { path: { skill: moved.skill, seed: moved.seed }, query: {} },
        }).queryKey,
        moved,
      ),
  });
  const put = (cm: number) => setKnife(Math.round(Math.min(task.length_cm, Math.max(cut + 0.2, cm)) * 10) / 10);
  const doCut = () =>
    move.mutate({
      params: { path: { drill: drill.id, number: drill.moves.length + 1 } },
      body: { cm: knife },
    });
  useKeys(
    result
      ? {}
      : { right: () => put(knife + STEP), left: () => put(knife - STEP), c: move.isPending ? undefined : doCut },
  );
  const pieces = result?.pieces ?? task.pieces;
  const drawn = pieces.map((piece) => ({
    what: result ? SHOWN[piece.what] : ('done' as const),
    name: NAMES[piece.what],
    from_cm: piece.from_cm,
    to_cm: piece.to_cm,
    ends_at: '',
    mass: { mg: 0, text: piece.mass },
    width: '',
    face_cm2: null,
    thickness: '',
  }));
  const ahead = { ...drawn[0], what: 'planned' as const, name: t('practise.next-cut'), from_cm: cut, to_cm: knife };

  return (
    <div>
      <p>
        {t('practise.cuts-side', {
          mass: task.mass,
          length: task.length,
          square: task.square,
          target: task.target,
          band: task.band,
        })}
      </p>
      <FilletDrawing
        plan={{
          piece: 'drill',
          name: t('practise.side'),
          length: task.length,
          length_cm: task.length_cm,
          thickness: task.thickness,
          outline: task.outline,
          knife_cm: cut,
          marks_cm: [],
          pieces: result
            ? drawn
            : [
                ...drawn,
                {
                  ...ahead,
                  ends_at: '',
                  mass: { mg: 0, text: '?' },
                  width: '',
                  face_cm2: null,
                  thickness: '',
                },
              ],
        }}
        next={result ? null : knife}
        best={result?.best_cm ?? []}
        {...(result ? {} : { onMove: (marks: number[]) => put(marks.at(-1) ?? knife) })}
      />
      {!result && (
        <>
          <div className={look.lineActions}>
            <TextInput
              className={css.drillKnifeAt}
              label={t('practise.knife-at')}
              rightSection={t('practise.cm')}
              inputMode="decimal"
              value={String(knife)}
              onChange={(event) => {
                const typed = Number(event.currentTarget.value.replace(',', '.'));
                if (Number.isFinite(typed)) {
                  setKnife(typed);
                }
              }}
            />
            <Button disabled={move.isPending} onClick={doCut} data-testid="cut">
              {task.pieces.length === 0 ? t('practise.square-off') : t('practise.cut-here')}
            </Button>
            <p>
              {t('practise.to-come', { count: task.to_come, to_come: task.to_come })}{' '}
              {task.next_cm !== null && (
                <span className={look.soft}>{t('practise.table-says', { cm: task.next_cm })}</span>
              )}
            </p>
          </div>
          <p className={look.fault} role="alert">
            {move.error ? asProblem(move.error).detail : ''}
          </p>
        </>
      )}
      <ul className={css.drillWeighed} aria-label={t('practise.weighed')}>
        {pieces.map((piece) => (
          <li key={piece.to_cm} data-what={piece.what}>
            {piece.mass}
            <small>{NAMES[piece.what]}</small>
          </li>
        ))}
      </ul>
      {result && (
        <>
          <p className={look.said}>
            {t('practise.cuts-result', {
              portions: result.portions,
              possible: result.possible,
              lost: result.lost,
              value: result.value,
              best: result.best,
            })}
          </p>
          <p>
            {t('practise.cuts-more', {
              over: result.over,
              left: result.left,
              evenness: result.evenness,
            })}
          </p>
          <p className={look.soft}>{t('practise.best-marks', { marks: result.best_cm.join(' · ') })}</p>
        </>
      )}
    </div>
  );
}

type Task = NonNullable<Drill['task']['cuts']>;

/** The knife stands at the table's mark for a beginner, and else a little behind the last cut. */
function startAt(task: Task): number {
  const cut = task.pieces.at(-1)?.to_cm ?? 0;
  return task.next_cm ?? Math.round(Math.min(task.length_cm, cut + (task.pieces.length === 0 ? 1.5 : 4)) * 10) / 10;
}

/** How a piece is drawn once it is judged. */
const SHOWN = { square: 'square', portion: 'done', off: 'spare' } as const;

const NAMES: Record<Task['pieces'][number]['what'], string> = {
  square: t('practise.squared-off'),
  portion: t('practise.in-band'),
  off: t('practise.off-band'),
};
