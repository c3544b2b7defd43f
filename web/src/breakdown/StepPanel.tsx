import { Button } from '@mantine/core';
import cx from 'clsx';
import { useEffect, useState } from 'react';
import { api, type Method, type Workmanship } from '../api/client';
import { t } from '../lang';
import { minutes, running } from '../ui/clock';
import { look } from '../ui/look';
import { lowerFirst } from '../ui/words';
import { CueDrawing } from './CueDrawing';
import css from './StepPanel.module.css';
import { stepOf } from './steps';

/** The current step large, the next one small; what to mind and what to look at just here. */
export function StepPanel(props: { fish: string; method: Method; busy: boolean; onSaid: (done: number) => void }) {
  const { method, busy, onSaid } = props;
  const { at, steps } = method;
  const [asked, setAsked] = useState<{ at: number; open: boolean } | null>(null);
  const short = useFellShort(props.fish, method);
  const how = asked?.at === at ? asked.open : short !== undefined;
  const setHow = (open: boolean) => setAsked({ at, open });
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
        {!how && (
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
      {how && (
        <div className={css.cue}>
          <CueDrawing drawing={step.drawing} />
          <p className={css.stepLook}>
            {short && <b className={css.stepShort}>{short.say} </b>}
            {step.cue}. <b>{t('stepPanel.mistake')}</b> {lowerFirst(step.mistake)}. <b>{t('stepPanel.costs')}</b>{' '}
            {lowerFirst(step.mistake_costs)}.
          </p>
        </div>
      )}
    </section>
  );
}

/** In what this cutter's last fish fell short, at the step where that comes from. */
function useFellShort(fish: string, method: Method): Workmanship['fell_short'][number] | undefined {
  const { data } = api.useQuery('get', '/breakdown/fish/{fish}/workmanship', { params: { path: { fish } } });
  return data?.fell_short.find((one) => stepOf(one.actions, method.steps) === method.at);
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
      {fish && t('stepPanel.whole-fish')}
      {shown && <b>{shown}</b>} {t('stepPanel.of-about', { minutes: minutes(of) })}
    </span>
  );
}
