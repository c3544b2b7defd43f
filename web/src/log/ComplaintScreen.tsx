import { Button, Textarea } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, type Complaint } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { usePut } from '../ui/usePut';
import css from './ComplaintScreen.module.css';
import { KINDS } from './ComplaintsScreen';
import { LogRooms } from './LogRooms';

const DONE: Record<Complaint['steps'][number]['what'], string> = {
  held: t('complaint.was-held'),
  released: t('complaint.was-released'),
  answered: t('complaint.was-answered'),
  noted: t('complaint.was-noted'),
  closed: t('complaint.was-closed'),
};

/** One complaint: what is on record of the fish, what lies there of it, what was done. */
export function ComplaintScreen() {
  const { complaint = '' } = useParams();
  const { data, error } = api.useQuery(
    'get',
    '/log/complaints/{complaint}',
    { params: { path: { complaint } } },
    { retry: false, staleTime: 0 },
  );
  if (error) {
    return <Missing stage="log" error={error} />;
  }
  if (!data) {
    return <p className={cx(look.sheet, look.soft)}>{t('routes.loading')}</p>;
  }
  return (
    <section className={cx(look.sheet, look.wide)}>
      <LogRooms />
      <div className={look.headline}>
        <div>
          <p>
            <Link to="/log/complaints">{t('complaint.complaints')}</Link>
          </p>
          <h1>
            {t('complaint.one', {
              number: data.number,
              kind: KINDS.find((kind) => kind.value === data.kind)?.label.toLowerCase(),
            })}
          </h1>
          <p className={look.soft}>{headOf(data)}</p>
        </div>
        <Button component="a" variant="default" href={`/api/log/complaints/${data.id}/report.pdf`} target="_blank">
          {t('complaint.print')}
        </Button>
      </div>
      <p className={css.complaintQuote}>“{data.said}”</p>
      <div className={look.columns}>
        <div className={css.complaintColumn}>
          <OnRecord of={data} />
        </div>
        <div className={css.complaintColumn}>
          <Siblings of={data} />
          <Steps of={data} />
        </div>
      </div>
    </section>
  );
}

function headOf(one: Complaint): string {
  return [
    one.dish_name,
    one.date,
    one.table ? t('complaint.at-table', { table: one.table }) : '',
    t('complaint.guests-of', { count: one.guests }),
    t('complaint.written', { by: one.by, at: one.written }),
  ]
    .filter((said) => said)
    .join(', ');
}

function OnRecord({ of }: { of: Complaint }) {
  return (
    <>
      {of.trays.map((tray) => (
        <div key={tray.id}>
          <h2>
            <Link to={`/portion/trays/${tray.id}`}>
              {t('complaint.tray-no', { number: tray.number, dish: tray.dish })}
            </Link>
          </h2>
          <p className={look.soft}>{t('complaint.tray-made', { made: tray.made, by: tray.by, use: tray.use_by })}</p>
        </div>
      ))}
      {of.fish.length === 0 && <p>{t('complaint.no-fish')}</p>}
      {of.fish.map((fish) => (
        <div key={fish.fish}>
          <h2>
            <Link to={`/log/${fish.fish}`}>{t('log.no', { title: fish.name, number: fish.number })}</Link>{' '}
            <span className={look.soft}>
              <Link to={`/log/recall?q=${encodeURIComponent(fish.lot)}`}>{t('complaint.lot', { lot: fish.lot })}</Link>,{' '}
              {fish.supplier}
            </span>
          </h2>
          <p className={look.soft}>
            {fish.from} {t('complaint.received', { at: fish.received })}{' '}
            {fish.cutter && t('complaint.cut-by', { name: fish.cutter })}
          </p>
          <ul>
            {fish.checks.map((check) => (
              <li key={check}>{check}</li>
            ))}
          </ul>
        </div>
      ))}
      <div>
        <h2>{t('complaint.cold-places')}</h2>
        {of.places.length === 0 ? (
          <p>{t('complaint.none-out')}</p>
        ) : (
          <ul>
            {of.places.map((said) => (
              <li key={said}>{said}</li>
            ))}
          </ul>
        )}
      </div>
    </>
  );
}

function useStep(complaint: string) {
  const queries = useQueryClient();
  const step = usePut('complaint step', '/log/complaints/{complaint}/steps/{act}', {
    onSuccess: () => queries.invalidateQueries(),
  });
  return {
    step,
    send: (what: 'held' | 'released' | 'answered' | 'noted' | 'closed', text = '') =>
      step.mutate({ params: { path: { complaint, act: ulid() } }, body: { what, text } }),
  };
}

function Siblings({ of }: { of: Complaint }) {
  const { step, send } = useStep(of.id);
  const [why, setWhy] = useState('');
  const free = of.siblings.filter((one) => !one.held);
  const held = of.siblings.filter((one) => one.held);
  return (
    <div>
      <h2>{t('complaint.of-the-same-fish')}</h2>
      {of.siblings.length === 0 && <p>{t('complaint.nothing-left')}</p>}
      <ul>
        {of.siblings.map((one) => (
          <li key={one.lot} className={css.sibling}>
            <b>{one.dish}</b>
            <span>
              {t('complaint.left', { count: one.left })}
              {one.tray !== null && t('complaint.on-tray', { number: one.tray })}
              {t('complaint.until', { until: one.until })}
            </span>
            <span className={one.held ? css.isHeld : look.soft}>
              {one.held ? t('complaint.is-held', { why: one.held }) : t('complaint.may-be-served')}
            </span>
          </li>
        ))}
      </ul>
      {free.length > 0 && (
        <Button disabled={step.isPending} onClick={() => send('held')}>
          {t('complaint.hold', { count: free.length })}
        </Button>
      )}
      {held.length > 0 && (
        <form
          className={look.typed}
          onSubmit={(event) => {
            event.preventDefault();
            send('released', why.trim());
            setWhy('');
          }}
        >
          <Textarea
            aria-label={t('complaint.why-release')}
            placeholder={t('complaint.why-release')}
            autosize
            minRows={1}
            value={why}
            onChange={(event) => setWhy(event.target.value)}
          />
          <Button type="submit" variant="default" disabled={why.trim() === '' || step.isPending}>
            {t('complaint.release')}
          </Button>
        </form>
      )}
      {of.elsewhere.length > 0 && (
        <p className={look.soft}>{t('complaint.elsewhere', { places: of.elsewhere.join('; ') })}</p>
      )}
      {step.error && (
        <p className={look.fault} role="alert">
          {asProblem(step.error).detail}
        </p>
      )}
    </div>
  );
}

function Steps({ of }: { of: Complaint }) {
  const { step, send } = useStep(of.id);
  const [text, setText] = useState('');
  const closed = of.steps.some((one) => one.what === 'closed');
  return (
    <div>
      <h2>{t('complaint.what-was-done')}</h2>
      <ol>
        {of.steps.map((one) => (
          <li key={`${one.at} ${one.what} ${one.text}`}>
            <span className={look.soft}>
              {one.at}, {one.by}:
            </span>{' '}
            {DONE[one.what]}{' '}
            {one.text && (one.what === 'held' ? t('complaint.lots', { count: Number(one.text) }) : one.text)}
          </li>
        ))}
        {of.steps.length === 0 && <li>{t('complaint.nothing-done')}</li>}
      </ol>
      <Textarea
        label={t('complaint.answer-or-note')}
        autosize
        minRows={2}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <p className={look.lineActions}>
        <Button
          variant="default"
          disabled={text.trim() === '' || step.isPending}
          onClick={() => {
            send('answered', text.trim());
            setText('');
          }}
        >
          {t('complaint.answered')}
        </Button>
        <Button
          variant="default"
          disabled={text.trim() === '' || step.isPending}
          onClick={() => {
            send('noted', text.trim());
            setText('');
          }}
        >
          {t('complaint.note')}
        </Button>
        {!closed && (
          <Button variant="default" disabled={step.isPending} onClick={() => send('closed', text.trim())}>
            {t('complaint.close')}
          </Button>
        )}
      </p>
      {step.error && (
        <p className={look.fault} role="alert">
          {asProblem(step.error).detail}
        </p>
      )}
    </div>
  );
}
