import { NativeSelect, SegmentedControl, Slider } from '@mantine/core';
import cx from 'clsx';
import { useEffect, useState } from 'react';
import type { Drill } from '../api/client';
import { t } from '../lang';
import { LookDrawing } from '../receive/GradeDrawing';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { useDraft } from '../ui/useDraft';
import css from './Drill.module.css';
import type { Playing } from './drill';

type Task = NonNullable<Drill['task']['fresh']>;
type Verdict = Task['verdicts'][number]['verdict'];
type Attribute = Task['lots'][number]['signs'][number]['attribute'];

type Said = { grades: Partial<Record<Attribute, number>>; verdict?: Verdict; decides?: Attribute; sure: number };

const NOTHING: Said = { grades: {}, sure: 70 };

/** Lots by the inspection's own drawings: each sign graded, the lot decided on, the sign that decides named. */
export function FreshDrill({ drill, task, result, onReady }: Playing<'fresh'>) {
  const [at, setAt] = useState('0');
  const [{ said }, setDraft] = useDraft<{ said: Said[] }>(`drill/${drill.id}`, { said: task.lots.map(() => NOTHING) });
  useEffect(() => {
    const lots = said.flatMap((one, i) =>
      one.verdict && one.decides && Object.keys(one.grades).length === task.lots[i]?.signs.length
        ? [{ grades: one.grades, verdict: one.verdict, decides: one.decides, sure_pct: one.sure }]
        : [],
    );
    onReady(lots.length === task.lots.length ? { lots } : null);
  }, [said, task.lots, onReady]);
  const lot = task.lots[Number(at)];
  const mine = said[Number(at)] ?? NOTHING;
  const judged = result?.lots[Number(at)];
  const change = (more: Partial<Said>) =>
    setDraft({ said: said.map((one, i) => (String(i) === at ? { ...one, ...more } : one)) });
  const nameOf = (attribute: Attribute) => lot?.signs.find((sign) => sign.attribute === attribute)?.name ?? '';

  return (
    <div className={css.drillFresh}>
      <div className={look.lineActions}>
        <SegmentedControl
          aria-label={t('practise.lots')}
          value={at}
          onChange={setAt}
          data={task.lots.map((_, i) => ({ value: String(i), label: t('practise.lot', { number: i + 1 }) }))}
        />
        <span>{task.species}</span>
      </div>
      <ul className={css.drillSigns}>
        {lot?.signs.map((sign) => {
          const right = judged?.grades[sign.attribute];
          return (
            <li key={sign.attribute} className={cx(judged?.decides === sign.attribute && css.drillDecides)}>
              <b>{sign.name}</b>
              <LookDrawing attribute={sign.attribute} look={sign.look} />
              <span>{sign.says}</span>
              <SegmentedControl
                aria-label={t('practise.grade-of', { sign: sign.name })}
                fullWidth
                readOnly={judged !== undefined}
                data={['0', '1', '2', '3']}
                value={String(judged?.said[sign.attribute] ?? mine.grades[sign.attribute] ?? '')}
                onChange={(grade) => change({ grades: { ...mine.grades, [sign.attribute]: Number(grade) } })}
              />
              {judged && (
                <small className={right === judged.said[sign.attribute] ? look.soft : css.drillReason}>
                  {t('practise.right-grade', { grade: right ?? 0 })}
                </small>
              )}
            </li>
          );
        })}
      </ul>
      {judged ? (
        <div>
          <p className={look.said}>
            {t('practise.fresh-result', {
              verdict: judged.spoken,
              decides: nameOf(judged.decides),
              said: task.verdicts.find((one) => one.verdict === judged.verdict_said)?.name ?? '',
              sign: nameOf(judged.decides_said),
            })}
          </p>
          <p>{judged.reasons.join(' ')}</p>
          {result && (
            <p className={look.soft}>
              {t('practise.calibration', { sure: result.sure_pct, right: result.right, of: result.lots.length })}
            </p>
          )}
        </div>
      ) : (
        <div className={css.drillDecide}>
          <Chips
            legend={t('practise.verdict')}
            name={`verdict-${at}`}
            value={mine.verdict ?? null}
            options={task.verdicts.map((one) => ({ value: one.verdict, label: one.name }))}
            onChange={(verdict) => change({ verdict })}
          />
          <NativeSelect
            label={t('practise.deciding-sign')}
            data={[
              { value: '', label: t('practise.choose') },
              ...(lot?.signs.map((sign) => ({ value: sign.attribute, label: sign.name })) ?? []),
            ]}
            value={mine.decides ?? ''}
            onChange={(event) => {
              const decides = lot?.signs.find((sign) => sign.attribute === event.currentTarget.value)?.attribute;
              change(decides ? { decides } : {});
            }}
          />
          <div>
            <p>{t('practise.how-sure', { sure: mine.sure })}</p>
            <Slider
              thumbLabel={t('practise.how-sure-label')}
              min={25}
              max={100}
              step={5}
              label={null}
              value={mine.sure}
              onChange={(sure) => change({ sure })}
            />
          </div>
        </div>
      )}
    </div>
  );
}
