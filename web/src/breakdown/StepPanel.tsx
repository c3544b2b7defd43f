import { Button } from '@mantine/core';
import cx from 'clsx';
import { useEffect, useState } from 'react';
import type { Method } from '../api/client';
import { t } from '../lang';
import { minutes, running } from '../ui/clock';
import { look } from '../ui/look';
import css from './StepPanel.module.css';

/** The current step large, the next one small; what to mind and what to look at just here. */
export function StepPanel({ method, busy, onSaid }: { method: Method; busy: boolean; onSaid: (done: number) => void }) {
  const { at, steps } = method;
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
        <p className={css.stepLook}>
          {step.inspect && (
            <>
              <b>{t('stepPanel.look')}</b> {step.inspect.charAt(0).toLowerCase() + step.inspect.slice(1)}.{' '}
            </>
          )}
          {next && (
            <span className={look.soft}>
              {t('stepPanel.then', { toLowerCase: next.doing.charAt(0).toLowerCase() + next.doing.slice(1) })}
            </span>
          )}
        </p>
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
