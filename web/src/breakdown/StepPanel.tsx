import { Button } from '@mantine/core';
import cx from 'clsx';
import { useEffect, useState } from 'react';
import type { Method } from '../api/client';
import { t } from '../lang';
import { minutes, running } from '../ui/clock';
import { look } from '../ui/look';
import { lowerFirst } from '../ui/words';
import css from './StepPanel.module.css';

/** The current step large, the next one small; what to mind and what to look at just here. */
export function StepPanel({ method, busy, onSaid }: { method: Method; busy: boolean; onSaid: (done: number) => void }) {
  const { at, steps } = method;
  const [asked, setAsked] = useState<number | null>(null);
  const how = asked === at;
  const setHow = (open: boolean) => setAsked(open ? at : null);
  const step = steps[at];
  const next = steps[at + 1];
  if (!step) {
    return (
      <div className={css.step}>
        <p className={css.stepDoing}>
          {t('stepPanel.every-step-is-done')}
          {method.begun_s !== null && <Clock since={method.begun_s} of={method.seconds} />}
        </p>
        <p className={look.lineActions}>
          <Button variant="default" disabled={busy} onClick={() => onSaid(at - 1)}>
            {t('stepPanel.back-a-step')}
          </Button>
        </p>
      </div>
    );
  }
  return (
    <section className={css.step} aria-label={t('stepPanel.current-step')}>
      <div className={css.stepNow}>
        <p className={css.stepDoing}>
          <i>
            {at + 1}/{steps.length}
          </i>{' '}
          {step.doing}
        </p>
        <p className={css.stepWhy}>
          {step.why}.{step.tools && ` ${t('stepPanel.with', { tools: step.tools })}`}
        </p>
        {step.caution && <p className={look.caution}>{step.caution}</p>}
        {how ? (
          <p className={css.stepLook}>
            {step.cue}. <b>{t('stepPanel.mistake')}</b> {lowerFirst(step.mistake)}. <b>{t('stepPanel.costs')}</b>{' '}
            {lowerFirst(step.mistake_costs)}.
          </p>
        ) : (
          <p className={css.stepLook}>
            {step.inspect && (
              <>
                <b>{t('stepPanel.look')}</b> {lowerFirst(step.inspect)}.{' '}
              </>
            )}
            {next && <span className={look.soft}>{t('stepPanel.then', { toLowerCase: lowerFirst(next.doing) })}</span>}
          </p>
        )}
      </div>
      <div className={css.stepSide}>
        {method.step_s !== null && <Clock key={at} since={method.step_s} of={step.seconds} />}
        {method.begun_s !== null && <Clock fish since={method.begun_s} of={method.seconds} />}
        <Button variant="default" disabled={busy} onClick={() => onSaid(at + 1)}>
          {t('stepPanel.next-step')}
        </Button>
        <Button variant="default" disabled={busy || at === 0} onClick={() => onSaid(at - 1)}>
          {t('stepPanel.back')}
        </Button>
        {step.cue && (
          <Button variant="default" className={css.how} aria-pressed={how} onClick={() => setHow(!how)}>
            {how ? t('stepPanel.less') : t('stepPanel.how')}
          </Button>
        )}
      </div>
    </section>
  );
}

/** Runs by itself and asks for nothing. */
function Clock({ since, of, fish = false }: { since: number; of: number; fish?: boolean }) {
  const [from] = useState(() => Date.now() - 1000 * since);
  const [now, setNow] = useState(Date.now);
  useEffect(() => {
    const tick = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(tick);
  }, []);
  const shown = running(from, now);
  return (
    <span className={cx(css.clock, fish && css.whole)}>
      {fish && 'fish: '}
      {shown && <b>{shown}</b>} {t('stepPanel.of-about', { minutes: minutes(of) })}
    </span>
  );
}
