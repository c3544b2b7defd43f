import { Button, NativeSelect } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { api, type PrepDay } from '../api/client';
import { PREVIEW, useSettled } from '../api/preview';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { usePut } from '../ui/usePut';
import { PlanRooms } from './PlanRooms';
import css from './PrepScreen.module.css';
import { PrepShiftPanel } from './PrepShiftPanel';
import { PrepTaskPanel } from './PrepTaskPanel';
import { type Hanging, PrepTimeline } from './PrepTimeline';
import { PrepWork } from './PrepWork';
import { daySays, taskName, wouldSay } from './prepWords';

type Open = { task: string } | { cutter: string; name: string } | null;

/** Who cuts what when on a day, backwards from its services. */
export function PrepScreen() {
  const [asked, setAsked] = useSearchParams();
  const day = asked.get('day');
  const params = { query: day ? { day } : {} };
  const { data, error } = api.useQuery('get', '/plan/prep', { params }, { refetchInterval: 60_000, staleTime: 0 });
  if (error) {
    return <Missing stage="plan" error={error} />;
  }
  if (!data) {
    return <p className={cx(look.sheet, look.soft)}>{t('prep.loading')}</p>;
  }
  return <Planned key={data.day} data={data} params={params} onDay={(next) => setAsked({ day: next })} />;
}

function Planned(props: { data: PrepDay; params: { query: { day?: string } }; onDay: (day: string) => void }) {
  const { data } = props;
  const { me } = useKitchen();
  const queries = useQueryClient();
  const canMove = me.role === 'head chef';
  const [open, setOpen] = useState<Open>(null);
  const [hanging, setHanging] = useState<Hanging | null>(null);
  const [dropped, setDropped] = useState(false);
  const settled = useSettled(hanging);
  const would = api.useQuery(
    'post',
    '/plan/prep/{day}',
    { params: { path: { day: data.day } }, body: settled ?? { task: '-' } },
    { ...PREVIEW, enabled: settled !== null },
  );
  const answered = (next: PrepDay) => {
    queries.setQueryData(api.queryOptions('get', '/plan/prep', { params: props.params }).queryKey, next);
    setHanging(null);
    setDropped(false);
  };
  const pin = usePut('prep', '/plan/prep/{day}/pins', {
    onSuccess: answered,
    onError: () => {
      setHanging(null);
      setDropped(false);
    },
  });
  const shown = hanging && settled && would.data && !would.isPlaceholderData ? would.data : null;
  const tasks = shown?.tasks ?? data.tasks;
  const leftOut = tasks.filter((one) => one.start === null && data.cutters.some((cutter) => !cutter.off));
  const one = open && 'task' in open ? data.tasks.find((task) => task.id === open.task) : undefined;
  const off = data.cutters.filter((cutter) => cutter.off);
  return (
    <section className={cx(look.sheet, look.wide)}>
      <PlanRooms />
      <div className={cx(look.headline, css.prepHead)}>
        <h1>{data.date}</h1>
        <div className={css.prepDays}>
          <Button
            variant="default"
            disabled={data.before === null}
            onClick={() => data.before && props.onDay(data.before)}
          >
            {t('prep.day-before')}
          </Button>
          <Button
            variant="default"
            disabled={data.after === null}
            onClick={() => data.after && props.onDay(data.after)}
          >
            {t('prep.day-after')}
          </Button>
          {data.tasks.length > 0 && (
            <Button component="a" variant="default" href={`/api/plan/prep/${data.day}/list.pdf`} target="_blank">
              {t('prep.print')}
            </Button>
          )}
          {canMove && (
            <NativeSelect
              aria-label={t('prep.add-hands')}
              value=""
              data={[
                { value: '', label: t('prep.add-hands') },
                ...[...off, ...data.others].map((who) => ({ value: who.id, label: who.name })),
              ]}
              onChange={(event) => {
                const who = [...off, ...data.others].find((person) => person.id === event.currentTarget.value);
                setOpen(who ? { cutter: who.id, name: who.name } : null);
              }}
            />
          )}
        </div>
      </div>
      <div className={cx(css.prepSays, hanging && css.hanging)} role="status">
        {daySays(data).map((sentence) => (
          <p key={sentence}>{sentence}</p>
        ))}
        {hanging && <p className={css.prepWould}>{dropped || !shown ? t('prep.working') : wouldSay(shown.would)}</p>}
      </div>
      {data.tasks.length > 0 && (
        <PrepTimeline
          day={data}
          tasks={tasks}
          chosen={one?.id ?? null}
          canMove={canMove}
          hanging={hanging}
          onChoose={(task) => setOpen({ task })}
          onChooseCutter={(id) =>
            canMove && setOpen({ cutter: id, name: data.cutters.find((who) => who.id === id)?.name ?? '' })
          }
          onHang={setHanging}
          onDrop={(hangs) => {
            setHanging(hangs);
            setDropped(true);
            pin.mutate({
              params: { path: { day: data.day } },
              body: { ...hangs, version: data.tasks.find((task) => task.id === hangs.task)?.version ?? 0 },
            });
          }}
        />
      )}
      {leftOut.length > 0 && (
        <p className={css.prepLeft}>
          <b>{t('prep.no-room-for')}</b> {leftOut.map(taskName).join(' · ')}
        </p>
      )}
      {one && (
        <PrepTaskPanel
          key={`${one.id} ${one.version}`}
          day={data}
          one={one}
          canMove={canMove}
          onDone={answered}
          onClose={() => setOpen(null)}
        />
      )}
      {open && 'cutter' in open && (
        <PrepShiftPanel
          key={open.cutter}
          day={data}
          who={{ id: open.cutter, name: open.name }}
          onDone={(next) => {
            answered(next);
            setOpen(null);
          }}
          onClose={() => setOpen(null)}
        />
      )}
      {data.tasks.length > 0 && <PrepWork day={data} onChoose={(task) => setOpen({ task })} />}
      {data.as_on && <p className={look.soft}>{t('prep.shifts-as-on', { day: data.as_on })}</p>}
    </section>
  );
}
