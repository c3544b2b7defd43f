import { Button, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { ulid } from 'ulid';
import { api, asProblem, faultAt, type Thaws } from '../api/client';
import { figure, t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { useOnScale } from '../ui/usePan';
import { usePut } from '../ui/usePut';
import { HoldRooms } from './HoldRooms';
import { PackPanel } from './PackPanel';
import css from './ThawScreen.module.css';

const thawsKey = api.queryOptions('get', '/hold/thaws', {}).queryKey;

const WAYS: Record<string, string> = {
  'still-air': t('thaw.still-air'),
  'moving-air': t('thaw.moving-air'),
  water: t('thaw.water'),
};

const WRAPS: Record<Thaws['drips'][number]['wrap'], string> = {
  none: t('thaw.not-wrapped'),
  once: t('thaw.wrapped-once'),
  twice: t('thaw.wrapped-twice'),
};

/** What is frozen here, planned backwards from when it is needed; what thaws; what is packed. */
export function ThawScreen() {
  const queries = useQueryClient();
  const { data, error } = api.useQuery('get', '/hold/thaws', {}, { refetchInterval: 30_000, staleTime: 0 });
  if (error) {
    return <Missing stage="hold" error={error} />;
  }
  if (!data) {
    return <p className={cx(look.sheet, look.soft)}>{t('thaw.loading')}</p>;
  }
  const settled = (thaws: Thaws) => queries.setQueryData(thawsKey, thaws);
  const going = data.thaws.filter((one) => one.finished === null);
  const done = data.thaws.filter((one) => one.finished !== null);
  return (
    <section className={cx(look.sheet, look.wide)}>
      <HoldRooms />
      <div>
        <h1>{t('thaw.thaw-and-pack')}</h1>
        <p className={look.soft}>
          {t('thaw.intro')} {data.check}
        </p>
      </div>
      <div className={css.thawColumns}>
        <div>
          <h2>{t('thaw.frozen')}</h2>
          {data.frozen.length === 0 && <p className={look.soft}>{t('thaw.nothing-frozen')}</p>}
          <ul>
            {data.frozen.map((one) => (
              <Frozen key={one.item} one={one} onPlanned={settled} />
            ))}
          </ul>
          <PackPanel thaws={data} onPacked={settled} />
        </div>
        <div>
          <h2>{t('thaw.in-progress')}</h2>
          {going.length === 0 && <p className={look.soft}>{t('thaw.none-now')}</p>}
          <ul>
            {going.map((one) => (
              <Going key={one.id} one={one} onChanged={settled} />
            ))}
          </ul>
          {data.drips.length > 0 && (
            <>
              <h2 className={css.thawDone}>{t('thaw.drip-by')}</h2>
              <ul>
                {data.drips.map((one) => (
                  <li key={`${one.place}${one.wrap}`} className={css.thawLine}>
                    <span>
                      {one.place}, {WRAPS[one.wrap]}
                    </span>
                    <b>
                      {one.sd === null
                        ? t('thaw.drip-of-one', { mean: one.mean })
                        : t('thaw.drip-of', { mean: one.mean, sd: one.sd, n: one.count })}
                    </b>
                  </li>
                ))}
              </ul>
            </>
          )}
          {done.length > 0 && (
            <>
              <h2 className={css.thawDone}>{t('thaw.done')}</h2>
              <ul>
                {done.map((one) => (
                  <li key={one.id} className={css.thawLine}>
                    <span>
                      <b>{one.name}</b>
                      <span className={cx(look.soft, look.block)}>
                        {t('thaw.thawed-at', { finished: one.finished, core: one.core })}
                      </span>
                    </span>
                    {one.drip && <b>{t('thaw.drip', { drip: one.drip })}</b>}
                  </li>
                ))}
              </ul>
            </>
          )}
        </div>
      </div>
    </section>
  );
}

function Frozen({ one, onPlanned }: { one: Thaws['frozen'][number]; onPlanned: (thaws: Thaws) => void }) {
  const [open, setOpen] = useState(false);
  const [how, setHow] = useState('still-air');
  const [needed, setNeeded] = useState('');
  const [thick, setThick] = useState<number | ''>(one.thick_mm ?? '');
  const plan = usePut('thaws', '/hold/thaws/{thaw}', { onSuccess: onPlanned });
  return (
    <li className={css.thawLine}>
      <span>
        <b>{one.name}</b>
        <span className={cx(look.soft, look.block)}>
          {t('thaw.record-in', { record: one.record, place: one.place, day: one.best_before })}{' '}
          {one.without_air && t('thaw.open-before')}
        </span>
      </span>
      <Button
        variant="default"
        aria-expanded={open}
        aria-label={t('thaw.plan-for', { name: one.name })}
        onClick={() => setOpen(!open)}
      >
        {t('thaw.plan')}
      </Button>
      {open && (
        <form
          className={css.thawForm}
          onSubmit={(event) => {
            event.preventDefault();
            plan.mutate({
              params: { path: { thaw: ulid() } },
              body: {
                item: one.item,
                how: how as 'still-air',
                ...(needed === '' ? {} : { needed_at: needed }),
                ...(thick === '' ? {} : { thick_mm: thick }),
              },
            });
          }}
        >
          <NativeSelect
            label={t('thaw.how')}
            value={how}
            data={Object.entries(WAYS).map(([value, label]) => ({ value, label }))}
            onChange={(event) => setHow(event.currentTarget.value)}
          />
          <TextInput
            type="datetime-local"
            label={t('thaw.needed')}
            value={needed}
            onChange={(event) => setNeeded(event.target.value)}
          />
          <NumberInput
            label={t('thaw.thickest')}
            value={thick}
            min={1}
            max={500}
            onChange={(value) => setThick(value === '' ? '' : Number(value))}
          />
          <Button type="submit" disabled={plan.isPending}>
            {t('thaw.save-plan')}
          </Button>
          {plan.error && (
            <p className={look.fault} role="alert">
              {asProblem(plan.error).detail}
            </p>
          )}
        </form>
      )}
    </li>
  );
}

function Going({ one, onChanged }: { one: Thaws['thaws'][number]; onChanged: (thaws: Thaws) => void }) {
  const shown = useOnScale();
  const [grams, setGrams] = useState('');
  const [core, setCore] = useState('');
  const settled = { onSuccess: onChanged };
  const start = usePut('thaws', '/hold/thaws/{thaw}/started', settled);
  const finish = usePut('thaws', '/hold/thaws/{thaw}/finished', settled);
  const weight = grams.trim() === '' ? {} : { weight: { typed: grams } };
  const path = { thaw: one.id };
  const problem = start.error ?? finish.error;
  return (
    <li className={css.thawGoing}>
      <b>{one.name}</b>
      <span className={cx(look.soft, one.late && css.thawLate)}>
        {one.started
          ? t('thaw.since', { started: one.started, by: one.thawed_by ?? '–' })
          : one.begin_by
            ? t('thaw.begin-by', { begin: one.begin_by, needed: one.needed, hours: one.hours })
            : t('thaw.not-begun')}
      </span>
      <div className={css.thawForm}>
        <TextInput
          label={one.started ? t('thaw.weight-after') : t('thaw.weight-before')}
          placeholder={shown ?? '850 g'}
          value={grams}
          error={faultAt(problem, '/weight')}
          onChange={(event) => setGrams(event.target.value)}
        />
        {one.started === null ? (
          <Button
            disabled={start.isPending}
            onClick={() =>
              start.mutate({
                params: { path },
                body: { version: one.version, ...weight, ...(one.open_first ? { opened: true } : {}) },
              })
            }
          >
            {one.open_first ? t('thaw.opened-and-out') : t('thaw.out-of-the-freezer')}
          </Button>
        ) : (
          <>
            <TextInput
              label={t('thaw.core')}
              placeholder={figure(2.1, 1)}
              value={core}
              error={faultAt(problem, '/temperature')}
              onChange={(event) => setCore(event.target.value)}
            />
            <Button
              disabled={core.trim() === '' || finish.isPending}
              onClick={() =>
                finish.mutate({
                  params: { path },
                  body: { version: one.version, temperature: { typed: core }, ...weight },
                })
              }
            >
              {t('thaw.it-has-thawed')}
            </Button>
          </>
        )}
        {problem && (
          <p className={look.fault} role="alert">
            {asProblem(problem).detail}
          </p>
        )}
      </div>
    </li>
  );
}
