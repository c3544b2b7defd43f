import { Button } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { Link } from 'react-router';
import { ulid } from 'ulid';
import type { NowThing } from '../api/client';
import { LOCALE, t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { nowSays, nowWhen, useNowList } from '../ui/Now';
import { useNow } from '../ui/useNow';
import { usePut } from '../ui/usePut';
import { HoldRooms } from './HoldRooms';
import css from './TimelineScreen.module.css';

/** Hours before and after now that the line shows. */
const BEFORE = 4;
const AFTER = 20;

const FAMILY: Partial<Record<NowThing['kind'], string>> = {
  treatment: 'portion',
  turn: 'portion',
  'made-up': 'portion',
  weigh: 'portion',
  cooling: 'stock',
  freezing: 'usable',
  out: 'discard',
};

/** Everything that runs, on one line of time with one now: each a shallow dish filling, its window before and after its end. */
export function TimelineScreen() {
  const { data, error } = useNowList();
  const now = useNow(data?.now);
  if (error) {
    return <Missing stage="hold" error={error} />;
  }
  if (!data) {
    return <p className={cx(look.sheet, look.soft)}>{t('timeline.loading')}</p>;
  }
  const from = now - BEFORE * 3600;
  const x = (at: number) =>
    (100 * (Math.max(from, Math.min(from + (BEFORE + AFTER) * 3600, at)) - from)) / ((BEFORE + AFTER) * 3600);
  const runs = data.things.filter((one) => one.from !== null);
  const due = data.things.filter((one) => one.from === null);
  const first = Math.ceil(from / 7200) * 7200;
  const hours = Array.from({ length: (BEFORE + AFTER) / 2 }, (_, i) => first + i * 7200).filter(
    (hour) => x(hour) > 2 && x(hour) < 97,
  );
  return (
    <section className={cx(look.sheet, look.wide)}>
      <HoldRooms />
      <div className={look.headline}>
        <div>
          <h1>{t('timeline.hold')}</h1>
          <p className={look.soft}>{t('timeline.intro')}</p>
        </div>
        <div className={css.timelineStart}>
          <Link to="/hold/treatments">{t('timeline.start-treatment')}</Link>
          <Link to="/hold/freezing">{t('timeline.start-freezing')}</Link>
          <Link to="/hold/thaw">{t('timeline.start-thaw')}</Link>
        </div>
      </div>
      {due.length > 0 && (
        <ul className={css.timelineDue}>
          {due.map((one) => (
            <li key={one.key} className={cx(one.urgent && css.timelineUrgent)}>
              <Link to={one.to}>
                {nowSays(one)} <b>{nowWhen(one, now)}</b>
              </Link>
            </li>
          ))}
        </ul>
      )}
      {runs.length === 0 ? (
        <div className={look.empty}>
          <h2>{t('timeline.nothing')}</h2>
          <p>{t('timeline.nothing-why')}</p>
        </div>
      ) : (
        <div className={css.timeline}>
          <div className={css.timelineHours} aria-hidden="true">
            {hours.map((hour) => (
              <span key={hour} style={{ left: `${x(hour)}%` }}>
                {new Date(hour * 1000).toLocaleTimeString(LOCALE, { hour: '2-digit', minute: '2-digit' })}
              </span>
            ))}
          </div>
          <ul>
            {runs.map((one) => (
              <Row key={one.key} one={one} x={x} now={now} />
            ))}
          </ul>
          <div className={css.timelineNow} style={{ '--at': x(now) } as React.CSSProperties} aria-hidden="true" />
        </div>
      )}
    </section>
  );
}

function Row({ one, x, now }: { one: NowThing; x: (at: number) => number; now: number }) {
  const queries = useQueryClient();
  const back = usePut('timeline', '/hold/out/{fish}/moved/{act}', { onSuccess: () => queries.invalidateQueries() });
  const [start, end] = [one.from ?? now, one.late ?? one.due ?? now];
  const until = Math.max(end, one.kind === 'freezing' && one.due === null ? now : end);
  const fish = one.fish;
  return (
    <li className={css.timelineRow}>
      <Link to={one.to}>
        <b>{nowSays(one)}</b>
        <span className={cx(one.urgent && css.timelineLate)}>{nowWhen(one, now)}</span>
      </Link>
      <div className={css.timelineTrack}>
        <i
          className={css.timelineDish}
          style={{ left: `${x(start)}%`, width: `${Math.max(0.6, x(until) - x(start))}%` }}
        >
          <i
            className={`fam-${FAMILY[one.kind] ?? 'portion'}`}
            style={{ width: `${Math.max(0, (100 * (x(now) - x(start))) / Math.max(0.6, x(until) - x(start)))}%` }}
          />
        </i>
        {one.early !== null && one.late !== null && (
          <i
            className={css.timelineWindow}
            style={{ left: `${x(one.early)}%`, width: `${x(one.late) - x(one.early)}%` }}
          />
        )}
        {one.due !== null && <i className={css.timelineMark} style={{ left: `${x(one.due)}%` }} />}
      </div>
      {fish !== null && (
        <Button
          variant="default"
          disabled={back.isPending}
          aria-label={t('timeline.put-back', { name: one.name })}
          onClick={() => back.mutate({ params: { path: { fish, act: ulid() } }, body: { back: true } })}
        >
          {t('outOfCold.put-back')}
        </Button>
      )}
    </li>
  );
}
