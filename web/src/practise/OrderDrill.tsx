import { NativeSelect, UnstyledButton } from '@mantine/core';
import cx from 'clsx';
import { type PointerEvent, useEffect, useState } from 'react';
import { t } from '../lang';
import { look } from '../ui/look';
import { useDraft } from '../ui/useDraft';
import css from './Drill.module.css';
import { movedTo, type Playing } from './drill';

/** Steps put in order by dragging, by their arrows, or by keys; each caution asked at its step. */
export function OrderDrill({ drill, task, result, onReady }: Playing<'order'>) {
  const [draft, setDraft] = useDraft(`drill/${drill.id}`, {
    order: task.steps.map((step) => step.letter),
    cautions: {} as Record<string, string>,
  });
  const { order, cautions } = draft;
  const [held, setHeld] = useState<number | null>(null);
  const asked = task.cautions;
  useEffect(() => {
    onReady(asked.every((one) => cautions[one.letter]) ? { order, cautions } : null);
  }, [order, cautions, asked, onReady]);
  const shown = result ? result.right : order;
  const move = (from: number, to: number) => setDraft({ ...draft, order: movedTo(order, from, to) });
  const over = (event: PointerEvent) => {
    const row = document.elementFromPoint(event.clientX, event.clientY)?.closest('[data-place]');
    const to = Number(row?.getAttribute('data-place'));
    if (held !== null && row && to !== held) {
      move(held, to);
      setHeld(to);
    }
  };
  const place = new Map((result?.given ?? order).map((letter, i) => [letter, i]));

  return (
    <ol className={css.drillSteps} aria-label={t('practise.steps')}>
      {shown.map((letter, i) => {
        const step = task.steps.find((one) => one.letter === letter);
        const ask = asked.find((one) => one.letter === letter);
        const broken = result?.broken.filter((one) => one.then === letter) ?? [];
        const right = result?.cautions.find((one) => one.letter === letter);
        return (
          <li
            key={letter}
            className={cx(css.drillStep, held === i && css.drillHeld, broken.length > 0 && css.drillWrong)}
            data-place={i}
            data-letter={letter}
          >
            <span
              className={css.drillHandle}
              aria-hidden="true"
              onPointerDown={(event) => {
                if (!result) {
                  event.currentTarget.setPointerCapture(event.pointerId);
                  setHeld(i);
                }
              }}
              onPointerMove={over}
              onPointerUp={() => setHeld(null)}
              onPointerCancel={() => setHeld(null)}
            >
              {i + 1}
            </span>
            <div className={css.drillDoing}>
              <p>{step?.doing}</p>
              {result && <p className={look.soft}>{result.whys.find((one) => one.letter === letter)?.why}</p>}
              {broken.map((one) => (
                <p key={one.first} className={css.drillReason}>
                  {t('practise.order-broken', {
                    first: task.steps.find((other) => other.letter === one.first)?.doing ?? '',
                    why: one.why,
                  })}
                  {one.costs && ` ${t('practise.order-costs', { costs: one.costs })}`}
                </p>
              ))}
              {ask && !result && (
                <NativeSelect
                  aria-label={t('practise.caution-of', { step: step?.doing ?? '' })}
                  value={cautions[letter] ?? ''}
                  data={[{ value: '', label: t('practise.choose-caution') }, ...ask.choices]}
                  onChange={(event) =>
                    setDraft({ ...draft, cautions: { ...cautions, [letter]: event.currentTarget.value } })
                  }
                />
              )}
              {right && (
                <p className={right.said === right.right ? look.caution : css.drillReason}>
                  {t('practise.mind', { caution: right.right })}
                </p>
              )}
            </div>
            {result ? (
              <small className={look.soft}>{t('practise.yours', { place: (place.get(letter) ?? 0) + 1 })}</small>
            ) : (
              <span className={css.drillArrows}>
                <UnstyledButton
                  aria-label={t('practise.earlier', { step: step?.doing ?? '' })}
                  disabled={i === 0}
                  onClick={() => move(i, i - 1)}
                >
                  ↑
                </UnstyledButton>
                <UnstyledButton
                  aria-label={t('practise.later', { step: step?.doing ?? '' })}
                  disabled={i === order.length - 1}
                  onClick={() => move(i, i + 1)}
                >
                  ↓
                </UnstyledButton>
              </span>
            )}
          </li>
        );
      })}
    </ol>
  );
}
