import { SegmentedControl } from '@mantine/core';
import { useEffect, useState } from 'react';
import type { Drill } from '../api/client';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { useDraft } from '../ui/useDraft';
import css from './Drill.module.css';
import type { Playing } from './drill';

type Task = NonNullable<Drill['task']['raw']>;
type Case = Task['cases'][number];
type Ruling = Task['rulings'][number]['ruling'];

type Said = { may?: 'yes' | 'no'; ruling?: Ruling };

const PAPERS: Record<string, string> = { 'farmed feed': t('practise.paper-feed'), frozen: t('practise.paper-frozen') };

/** A dish, its fish and its papers; the freezer's record is read off its curve. */
export function RawDrill({ drill, task, result, onReady }: Playing<'raw'>) {
  const [at, setAt] = useState('0');
  const [{ said }, setDraft] = useDraft<{ said: Said[] }>(`drill/${drill.id}`, { said: task.cases.map(() => ({})) });
  useEffect(() => {
    const cases = said.flatMap((one) =>
      one.may && one.ruling ? [{ may: one.may === 'yes', ruling: one.ruling }] : [],
    );
    onReady(cases.length === task.cases.length ? { cases } : null);
  }, [said, task.cases.length, onReady]);
  const one = task.cases[Number(at)];
  const mine = said[Number(at)] ?? {};
  const judged = result?.cases[Number(at)];
  const change = (more: Said) =>
    setDraft({ said: said.map((each, i) => (String(i) === at ? { ...each, ...more } : each)) });

  return (
    <div className={css.drillRaw}>
      <SegmentedControl
        aria-label={t('practise.cases')}
        value={at}
        onChange={setAt}
        data={task.cases.map((_, i) => ({
          value: String(i),
          label: `${i + 1}${result ? (result.cases[i]?.points === 1 ? ' ✓' : ' ✗') : said[i]?.may && said[i]?.ruling ? ' ·' : ''}`,
        }))}
      />
      {one && (
        <>
          <p className={css.drillCaseSays}>
            {t('practise.case', { fish: one.fish, served: one.served })}{' '}
            {one.paper ? PAPERS[one.paper] : one.rule === null ? t('practise.no-paper') : ''}
          </p>
          {one.rule !== null && (
            <>
              <p className={look.soft}>{t('practise.asks', { rule: one.rule })}</p>
              <Curve one={one} />
            </>
          )}
        </>
      )}
      {judged ? (
        <p className={look.said}>
          {judged.may ? t('practise.may-be') : t('practise.may-not-be')} {judged.says}.{' '}
          {judged.points < 1 &&
            t('practise.you-said', {
              may: judged.may_said ? t('practise.meets') : t('practise.does-not-meet'),
              says: task.rulings.find((one) => one.ruling === judged.ruling_said)?.says ?? '',
            })}
        </p>
      ) : (
        <div className={css.drillDecide}>
          <Chips
            legend={t('practise.served-so')}
            name={`may-${at}`}
            value={mine.may ?? null}
            options={[
              { value: 'yes', label: t('practise.meets') },
              { value: 'no', label: t('practise.does-not-meet') },
            ]}
            onChange={(may) => change({ may })}
          />
          <Chips
            legend={t('practise.because')}
            name={`ruling-${at}`}
            value={mine.ruling ?? null}
            options={task.rulings.map((ruling) => ({ value: ruling.ruling, label: ruling.says }))}
            onChange={(ruling) => change({ ruling })}
          />
        </div>
      )}
      <p className={look.soft}>{task.check}</p>
    </div>
  );
}

const W = 660;
const H = 170;
const LEFT = 52;
const RIGHT = 24;

/** Air and core over the hours, with the level the rule asks for. */
function Curve({ one }: { one: Case }) {
  const all = [...one.air, ...one.core];
  const hours = Math.max(1, ...all.map(([hour = 0]) => hour));
  const lowest = Math.min(...all.map(([, celsius = 0]) => celsius), one.level_c ?? 0) - 2;
  const x = (hour: number) => LEFT + ((W - LEFT - RIGHT) * hour) / hours;
  const y = (celsius: number) => 8 + (H - 32) * (1 - (celsius - lowest) / (6 - lowest));
  const step = [2, 4, 6, 12, 24, 48].find((each) => hours / each <= 9) ?? 48;
  return (
    <svg
      className={css.drillCurve}
      viewBox={`0 0 ${W} ${H}`}
      role="img"
      aria-label={t('practise.curve', { hours: Math.round(hours), level: one.level_c ?? 0 })}
    >
      {[0, one.level_c ?? 0].map((level) => (
        <g key={level}>
          <path d={`M${LEFT} ${y(level)}H${W - RIGHT}`} className={level === 0 ? css.drillZero : css.drillLevel} />
          <text x={LEFT - 6} y={y(level) + 5} textAnchor="end">
            {level === 0 ? '0' : `−${-level}`}
          </text>
        </g>
      ))}
      {one.air.length > 0 && (
        <polyline points={one.air.map(([h = 0, c = 0]) => `${x(h)},${y(c)}`).join(' ')} className={css.drillAir} />
      )}
      {one.core.length > 0 && (
        <polyline points={one.core.map(([h = 0, c = 0]) => `${x(h)},${y(c)}`).join(' ')} className={css.drillCore} />
      )}
      {Array.from({ length: Math.floor(hours / step) + 1 }, (_, i) => (
        <text key={i} x={x(i * step)} y={H - 6} textAnchor="middle">
          {t('practise.hour', { hour: i * step })}
        </text>
      ))}
      <text x={W - RIGHT} y={16} textAnchor="end">
        {one.core.length > 0 ? t('practise.air-and-core') : t('practise.air-only')}
      </text>
    </svg>
  );
}
