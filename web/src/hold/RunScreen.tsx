import { Button, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, type FreezingRun } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { usePut } from '../ui/usePut';
import { LoggerFileIn } from './LoggerFileIn';
import { RunCurve } from './RunCurve';
import css from './RunScreen.module.css';
import { RunThings } from './RunThings';

/** One freezing run: its record, the rules asked of it, and what is in it. */
export function RunScreen() {
  const { freezing = '' } = useParams();
  const queries = useQueryClient();
  const path = { freezing };
  const { data, error } = api.useQuery(
    'get',
    '/hold/freezing/{freezing}',
    { params: { path } },
    { refetchInterval: 30_000 },
  );
  if (error) {
    return <Missing stage="hold" error={error} />;
  }
  if (!data) {
    return <p className={cx(look.sheet, look.soft)}>{t('run.loading')}</p>;
  }
  const key = api.queryOptions('get', '/hold/freezing/{freezing}', { params: { path } }).queryKey;
  return (
    <Run
      run={data}
      onChanged={(run) => queries.setQueryData(key, run)}
      onLook={() => queries.invalidateQueries({ queryKey: key })}
    />
  );
}

type Props = { run: FreezingRun; onChanged: (run: FreezingRun) => void; onLook: () => void };

function Run({ run, onChanged, onLook }: Props) {
  const met = run.rules.find((rule) => rule.met);
  return (
    <div className={look.bench}>
      <section className={look.board}>
        <header className={look.headline}>
          <div>
            <h1>{t('run.record', { number: run.number })}</h1>
            <p className={look.soft}>
              {t('run.place-loaded-by', { place: run.place, loaded: run.loaded, by: run.by })}{' '}
              {run.ended && t('run.ended', { ended: run.ended })}{' '}
              <Link to="/hold/freezing">{t('run.all-records')}</Link>
            </p>
          </div>
          <p className={look.yield}>
            <b>{run.shows.core ?? run.shows.air ?? '–'}</b>
            <span className={look.soft}>
              {run.shows.core ? t('run.core-air', { air: run.shows.air ?? '–' }) : t('run.air')}
            </span>
          </p>
        </header>
        <RunCurve run={run} />
        <ul className={css.recordRules}>
          {run.rules.map((rule) => (
            <li key={rule.code} className={rule.met ? css.recordMet : ''}>
              <b>{rule.text}</b>
              <span>
                {rule.met
                  ? t('run.meets-since', { at: rule.met_at })
                  : t('run.does-not-meet', { missing: rule.missing?.say ?? '' })}{' '}
                {t('run.longest', { longest: rule.longest, needed: rule.needed })}{' '}
                {rule.due && t('run.due', { due: rule.due })}
              </span>
              {!rule.met && run.ended === null && (
                <span className={look.soft}>
                  {rule.of_core
                    ? t('run.breaks-core', { above: rule.breaks_above, gap: run.max_gap })
                    : t('run.breaks-either', { above: rule.breaks_above, gap: run.max_gap })}
                </span>
              )}
            </li>
          ))}
        </ul>
        <div className={css.recordFile}>
          <LoggerFileIn place={run.place_id} name={run.place} onTaken={onLook} />
        </div>
        {run.purpose === 'keep' && <p className={look.soft}>{t('run.kept-not-raw')}</p>}
        {run.refused.length > 0 && (
          <p className={look.soft}>{t('run.refused', { count: run.refused.length, first: run.refused[0]?.say })}</p>
        )}
      </section>
      <aside className={look.pan} aria-label={t('run.the-run')}>
        <p className={look.todo} data-testid="todo">
          {run.purpose === 'keep'
            ? t('run.todo-keep')
            : met
              ? t('run.todo-met', { at: met.met_at })
              : t('run.todo-not-met')}
        </p>
        {run.middle && (
          <p className={look.soft}>
            {run.middle.learned
              ? t('run.middle-learned', { by: run.middle.by, hours: run.middle.hours })
              : t('run.middle', { by: run.middle.by, hours: run.middle.hours })}
          </p>
        )}
        <RunThings run={run} onChanged={onChanged} />
        {run.asks_solid && run.solid === null && <Solid run={run} onChanged={onChanged} />}
        {run.solid && <p className={look.soft}>{t('run.solid-said', { at: run.solid.at, by: run.solid.by })}</p>}
        <div className={look.push} />
        {!run.logged && run.ended === null && <CoreByHand run={run} onLook={onLook} />}
        <div className={css.recordButtons}>
          <Button
            component="a"
            href={`/api/hold/freezing/${run.id}/evidence.pdf`}
            target="_blank"
            variant={met ? 'filled' : 'default'}
          >
            {t('run.print-evidence')}
          </Button>
        </div>
        {run.ended === null && <End run={run} onChanged={onChanged} />}
        <p className={look.soft}>{run.check}</p>
      </aside>
    </div>
  );
}

function Solid({ run, onChanged }: { run: FreezingRun; onChanged: (run: FreezingRun) => void }) {
  const [at, setAt] = useState('');
  const solid = usePut(`freezing/${run.id}`, '/hold/freezing/{freezing}/solid', { onSuccess: onChanged });
  return (
    <form
      className={look.typed}
      onSubmit={(event) => {
        event.preventDefault();
        solid.mutate({
          params: { path: { freezing: run.id } },
          body: { version: run.version, ...(at === '' ? {} : { at }) },
        });
      }}
    >
      <TextInput
        type="datetime-local"
        aria-label={t('run.solid-at')}
        value={at}
        error={solid.error ? asProblem(solid.error).detail : undefined}
        onChange={(event) => setAt(event.target.value)}
      />
      <Button type="submit" variant="default" disabled={solid.isPending}>
        {t('run.frozen-solid')}
      </Button>
    </form>
  );
}

/** Where no logger reads it: what the thermometers show now. */
function CoreByHand({ run, onLook }: { run: FreezingRun; onLook: () => void }) {
  const [typed, setTyped] = useState('');
  const [of, setOf] = useState<'air' | 'core'>('air');
  const read = api.useMutation('put', '/hold/places/{place}/readings/{reading}', {
    onSuccess: () => {
      setTyped('');
      onLook();
    },
  });
  return (
    <form
      className={look.typed}
      onSubmit={(event) => {
        event.preventDefault();
        read.mutate({
          params: { path: { place: run.place_id, reading: ulid() } },
          body: { of, temperature: { typed } },
        });
      }}
    >
      <TextInput
        aria-label={of === 'air' ? t('run.air-now') : t('run.core-now')}
        placeholder={of === 'air' ? t('run.air-now') : t('run.core-now')}
        value={typed}
        error={read.error ? asProblem(read.error).detail : undefined}
        onChange={(event) => setTyped(event.target.value)}
      />
      {run.core_probe && (
        <Button variant="default" onClick={() => setOf(of === 'air' ? 'core' : 'air')}>
          {of === 'air' ? t('run.of-air') : t('run.of-core')}
        </Button>
      )}
      <Button type="submit" variant="default" disabled={typed.trim() === ''}>
        {t('run.record-it')}
      </Button>
    </form>
  );
}

function End({ run, onChanged }: { run: FreezingRun; onChanged: (run: FreezingRun) => void }) {
  const end = usePut(`freezing/${run.id}`, '/hold/freezing/{freezing}/ended', { onSuccess: onChanged });
  return (
    <Button
      variant="default"
      disabled={end.isPending}
      onClick={() => end.mutate({ params: { path: { freezing: run.id } }, body: { version: run.version } })}
    >
      {t('run.end')}
    </Button>
  );
}
