import { UnstyledButton } from '@mantine/core';
import cx from 'clsx';
import { useEffect, useState } from 'react';
import type { Drill } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { useDraft } from '../ui/useDraft';
import { useKeys } from '../ui/useKeys';
import css from './Drill.module.css';
import type { Answer, Playing } from './drill';

type Task = NonNullable<Drill['task']['bins']>;
type Bins = NonNullable<Answer['bins']>;

const NOTES: Record<Task['parts'][number]['notes'][number], string> = {
  scaled: t('practise.scaled'),
  'scales-on': t('practise.scales-on'),
  'sac-open': t('practise.sac-open'),
  past: t('practise.past'),
  prized: t('practise.prized'),
  'raw-open': t('practise.raw-open'),
  'raw-closed': t('practise.raw-closed'),
  bright: t('practise.bright'),
  dull: t('practise.dull'),
};

/** Parts at the left, the house's bins at the right: a part is chosen, then its bin, and the next part stands ready. */
export function BinsDrill({ drill, task, result, onReady }: Playing<'bins'>) {
  const [at, setAt] = useState(0);
  const [{ said }, setDraft] = useDraft<{ said: (string | null)[] }>(`drill/${drill.id}`, {
    said: task.parts.map(() => null),
  });
  useEffect(() => {
    onReady(said.every((bin) => bin !== null) ? { bins: said as Bins } : null);
  }, [said, onReady]);
  const nameOf = (bin: string | null) => task.bins.find((one) => one.bin === bin)?.name ?? '';
  const put = (bin: string) => {
    const next = said.map((one, i) => (i === at ? bin : one));
    setDraft({ said: next });
    const empty = next.indexOf(null);
    if (empty >= 0) {
      setAt(empty);
    }
  };
  useKeys(
    result
      ? {}
      : {
          ...Object.fromEntries(task.bins.map((bin, i) => [String(i + 1), () => put(bin.bin)])),
          down: () => setAt(Math.min(task.parts.length - 1, at + 1)),
          up: () => setAt(Math.max(0, at - 1)),
        },
  );

  return (
    <div className={css.drillBins}>
      <ol className={css.drillParts}>
        {task.parts.map((part, i) => {
          const judged = result?.parts[i];
          return (
            <li key={`${part.part}${i}`}>
              <UnstyledButton
                className={cx(look.choice, judged && (judged.points === 1 ? css.drillRightOne : css.drillWrong))}
                aria-pressed={!result && at === i}
                onClick={() => setAt(i)}
              >
                <span className={look.name}>
                  {part.name}, {part.mass}
                </span>
                <span className={look.mass}>{part.notes.map((note) => NOTES[note]).join(' · ')}</span>
                <b>{nameOf(judged ? judged.bin_said : (said[i] ?? null))}</b>
              </UnstyledButton>
              {judged && (
                <p className={judged.points === 1 ? look.soft : css.drillReason}>
                  {judged.points === 1
                    ? judged.why
                    : t('practise.bin-result', { bin: nameOf(judged.bin), why: judged.why, not: judged.why_said })}
                </p>
              )}
            </li>
          );
        })}
      </ol>
      {!result && (
        <ul className={css.drillBinList} aria-label={t('practise.bins-of')}>
          {task.bins.map((bin, i) => (
            <li key={bin.bin}>
              <UnstyledButton className={look.choice} onClick={() => put(bin.bin)}>
                <span className={look.key} aria-hidden="true">
                  {i + 1}
                </span>
                <span className={look.name}>{bin.name}</span>
              </UnstyledButton>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
