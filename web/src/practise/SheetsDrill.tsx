import { SegmentedControl, UnstyledButton } from '@mantine/core';
import cx from 'clsx';
import { useEffect, useState } from 'react';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { useDraft } from '../ui/useDraft';
import css from './Drill.module.css';
import type { Playing } from './drill';

type Kind = 'tare' | 'unit' | 'digits' | 'twice';

type Said = { piece?: string | null; kind?: Kind };

const KINDS: Record<Kind, string> = {
  tare: t('practise.tare'),
  unit: t('practise.unit'),
  digits: t('practise.digits'),
  twice: t('practise.twice'),
};

/** Yield sheets, most with one weight wrong: which, and what happened to it. */
export function SheetsDrill({ drill, task, result, onReady }: Playing<'sheets'>) {
  const [at, setAt] = useState('0');
  const [{ said }, setDraft] = useDraft<{ said: Said[] }>(`drill/${drill.id}`, { said: task.sheets.map(() => ({})) });
  useEffect(() => {
    const done = said.every((one) => one.piece === null || (one.piece !== undefined && one.kind));
    onReady(
      done
        ? { sheets: said.map((one) => (one.piece ? { piece: one.piece, kind: one.kind ?? null } : { piece: null })) }
        : null,
    );
  }, [said, onReady]);
  const sheet = task.sheets[Number(at)];
  const mine = said[Number(at)] ?? {};
  const judged = result?.sheets[Number(at)];
  const chosen = judged ? judged.piece_said : mine.piece;
  const change = (more: Said) =>
    setDraft({ said: said.map((one, i) => (String(i) === at ? { ...one, ...more } : one)) });
  const nameOf = (piece: string | null) => sheet?.pieces.find((one) => one.piece === piece)?.name ?? '';

  return (
    <div className={css.drillSheets}>
      <div className={look.lineActions}>
        <SegmentedControl
          aria-label={t('practise.sheets-of')}
          value={at}
          onChange={setAt}
          data={task.sheets.map((_, i) => ({ value: String(i), label: String(i + 1) }))}
        />
        <span>{task.species}</span>
        <span className={look.soft}>
          {t('practise.tares', { tares: task.tares.map((one) => `${one.name} ${one.mass}`).join(', ') })}
        </span>
      </div>
      <ul className={css.drillSheet} aria-label={t('practise.weights-of-sheet', { number: Number(at) + 1 })}>
        {sheet?.pieces.map((piece) => (
          <li key={piece.piece}>
            <UnstyledButton
              className={cx(look.choice, css.drillWeightRow, judged?.piece === piece.piece && css.drillRightOne)}
              aria-pressed={chosen === piece.piece}
              disabled={judged !== undefined}
              onClick={() => change({ piece: piece.piece })}
            >
              <span className={look.name}>{piece.name}</span>
              <b>{t('practise.grams', { grams: piece.grams })}</b>
              <span className={look.mass}>
                {piece.usual_pct === null ? '' : t('practise.usual-share', { pct: piece.usual_pct })}
              </span>
            </UnstyledButton>
          </li>
        ))}
        <li>
          <UnstyledButton
            className={cx(look.choice, judged?.piece === null && css.drillRightOne)}
            aria-pressed={chosen === null}
            disabled={judged !== undefined}
            onClick={() => change({ piece: null })}
          >
            <span className={look.name}>{t('practise.none-wrong')}</span>
          </UnstyledButton>
        </li>
      </ul>
      {judged ? (
        <p className={look.said}>
          {judged.piece === null
            ? t('practise.sheet-right')
            : t('practise.sheet-result', {
                piece: nameOf(judged.piece),
                kind: judged.kind ? KINDS[judged.kind] : '',
              })}
        </p>
      ) : (
        typeof mine.piece === 'string' && (
          <Chips
            legend={t('practise.what-happened')}
            name={`kind-${at}`}
            value={mine.kind ?? null}
            options={(Object.keys(KINDS) as Kind[]).map((kind) => ({ value: kind, label: KINDS[kind] }))}
            onChange={(kind) => change({ kind })}
          />
        )
      )}
    </div>
  );
}
