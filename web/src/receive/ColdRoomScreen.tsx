import { Button } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { Link } from 'react-router';
import { api, asProblem, type ColdRoom } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './ColdRoomScreen.module.css';
import { ReceiveRooms } from './ReceiveRooms';

type Group = ColdRoom['groups'][number];
type Row = Group['fish'][number];

/** Days the ruler spans, from the start of today. */
const SPAN = 7;

const at = (day: number) => `${(100 * Math.min(Math.max(day, 0), SPAN)) / SPAN}%`;

/** The first screen of the morning: what to cut first, and what stands at the door. */
export function ColdRoomScreen() {
  const { data, error } = api.useQuery('get', '/receive/cold-room', {}, { refetchInterval: 60_000 });
  const empty = data?.groups.every((group) => group.fish.length === 0);

  return (
    <section className={cx(look.sheet, look.wide)}>
      <ReceiveRooms />
      {error && <p role="alert">{asProblem(error).detail}</p>}
      {data && (
        <>
          <div className={look.headline}>
            <div>
              <h1>{t('coldRoom.cold-room')}</h1>
              <p className={look.soft}>
                {data.now}. {said(data)}
              </p>
            </div>
            <Link className={look.go} to="/receive/deliveries?new">
              {t('coldRoom.new-delivery')}
            </Link>
          </div>
          {data.at_the_door.map((delivery) => (
            <p className={cx(look.remark, look.quietRemark)} key={delivery.id}>
              <span>
                <b>{delivery.supplier}</b>
                {t('coldRoom.is-at-the-door-fish-weighed', {
                  number: delivery.number,
                  fish: delivery.fish,
                  mass: delivery.mass.text,
                })}
              </span>
              <Button component={Link} variant="default" to={`/receive/deliveries/${delivery.id}`}>
                {t('coldRoom.continue')}
              </Button>
            </p>
          ))}
          {empty && (
            <div className={look.empty}>
              <h2>{t('coldRoom.the-cold-room-is-empty')}</h2>
              <p>{t('coldRoom.fish-that-was-weighed-in-lies')}</p>
              <Link to="/receive/deliveries?new">{t('coldRoom.new-delivery')}</Link>
            </div>
          )}
          {!empty && (
            <div className={css.queue}>
              <p className={css.lastsKey} aria-hidden="true">
                <i className={css.raw} /> {t('coldRoom.raw-service')}
                <i className={css.keeps} /> {t('coldRoom.days-left-on-ice')}
                <i className={css.rests} /> {t('coldRoom.resting')}
                <i className={css.now} /> {t('coldRoom.now')}
              </p>
              {data.groups
                .filter((group) => group.fish.length > 0)
                .map((group, i) => (
                  <QueueGroup key={group.group} group={group} days={data.days} ruled={i === 0} />
                ))}
            </div>
          )}
        </>
      )}
    </section>
  );
}

function said(data: ColdRoom): string {
  const count = (group: Group['group']) => data.groups.find((g) => g.group === group)?.count ?? 0;
  const parts = [
    count('decide') > 0 ? t('coldRoom.to-be-decided', { n: count('decide') }) : '',
    t('coldRoom.to-be-cut', { n: count('cut') }),
    count('rest') > 0 ? t('coldRoom.resting-2', { n: count('rest') }) : '',
    data.on_the_board > 0 ? t('coldRoom.on-the-board-already', { on_the_board: data.on_the_board }) : '',
  ];
  return `${parts.filter(Boolean).join(', ')}.`;
}

function QueueGroup({ group, days, ruled }: { group: Group; days: string[]; ruled: boolean }) {
  return (
    <div>
      <div className={css.queueHead}>
        <h2>{group.title}</h2>
        {ruled ? (
          <div className={css.week} aria-hidden="true">
            {days.slice(0, SPAN).map((day, i) => (
              <span key={day} style={{ left: at(i) }}>
                {day}
              </span>
            ))}
          </div>
        ) : (
          <span />
        )}
        <span />
      </div>
      {group.fish.map((row, i) => (
        <QueueRow key={row.fish.id} row={row} group={group.group} place={i + 1} />
      ))}
      {group.more > 0 && <p className={cx(look.soft, look.more)}>{t('coldRoom.and-more', { more: group.more })}</p>}
    </div>
  );
}

function QueueRow({ row, group, place }: { row: Row; group: Group['group']; place: number }) {
  const { fish } = row;
  const name = (
    <span className={css.what}>
      <b>
        {group === 'cut' && <i className={css.place}>{place}</i>}
        {fish.title}{' '}
        {fish.count > 1 ? t('coldRoom.fish', { n: fish.count }) : t('coldRoom.no', { number: fish.number })}
      </b>
      <span className={css.why}>{row.reasons.join(' ')}</span>
    </span>
  );
  return (
    <div className={cx(css.queueRow, group)}>
      <Link to={group === 'decide' && row.delivery ? `/receive/deliveries/${row.delivery}` : `/breakdown/${fish.id}`}>
        {name}
        <Week row={row} />
        <span className={css.weight}>
          <b>{fish.whole.text}</b>
          <span className={look.soft}>{row.lot ?? fish.supplier}</span>
        </span>
      </Link>
      {group === 'decide' && <Decision row={row} />}
    </div>
  );
}

/** How long a fish lasts, along the week: until when it rests, is bright enough for raw service, and keeps. */
function Week({ row }: { row: Row }) {
  const { now_day: now, keeps_day: keeps, raw_day: raw, rests_day: rests } = row;
  const resting = rests !== null && rests > now;
  const from = resting ? rests : now;
  const says = [
    resting ? t('coldRoom.rests', { hours: hours(rests - now) }) : '',
    raw !== null && raw > now ? t('coldRoom.raw-service-for-more', { hours: hours(raw - now) }) : '',
    keeps !== null
      ? keeps > now
        ? t('coldRoom.keeps-more', { hours: hours(keeps - now) })
        : t('coldRoom.past-its-expected-life')
      : '',
  ].filter(Boolean);
  return (
    <span className={css.lasts} role="img" aria-label={says.join(', ')}>
      {[1, 2, 3, 4, 5, 6].map((day) => (
        <i key={day} className="tick" style={{ left: at(day) }} />
      ))}
      {resting && <i className={css.rests} style={{ left: at(now), right: `calc(100% - ${at(rests)})` }} />}
      {keeps !== null && keeps > from && (
        <i
          className={cx(css.keeps, keeps > SPAN && css.on)}
          style={{ left: at(from), right: `calc(100% - ${at(keeps)})` }}
        />
      )}
      {raw !== null && raw > from && (
        <i className={css.raw} style={{ left: at(from), right: `calc(100% - ${at(raw)})` }} />
      )}
      <i className={css.now} style={{ left: at(now) }} />
    </span>
  );
}

const hours = (days: number) =>
  days < 1.5 ? t('coldRoom.hours', { round: Math.round(24 * days) }) : t('coldRoom.days', { floor: Math.floor(days) });

function Decision({ row }: { row: Row }) {
  const { me } = useKitchen();
  const queries = useQueryClient();
  const decide = usePut('cold-room', '/receive/fish/{fish}/decision', {
    onSettled: () => queries.invalidateQueries(),
  });
  const say = (take: boolean) =>
    decide.mutate({ params: { path: { fish: row.fish.id } }, body: { take, version: row.fish.version } });
  if (me.role !== 'head chef') {
    return <p className={look.soft}>{t('coldRoom.the-head-chef-decides')}</p>;
  }
  return (
    <p className={css.decision}>
      <Button variant="default" disabled={decide.isPending} onClick={() => say(true)}>
        {t('coldRoom.accept-anyway')}
      </Button>
      <Button variant="default" disabled={decide.isPending} onClick={() => say(false)}>
        {t('coldRoom.reject')}
      </Button>
      <span className={look.fault} role="alert">
        {decide.error ? asProblem(decide.error).detail : ''}
      </span>
    </p>
  );
}
