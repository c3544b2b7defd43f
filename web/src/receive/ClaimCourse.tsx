import { Button, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { ulid } from 'ulid';
import { asProblem, type ClaimFile, faultAt } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './ClaimCourse.module.css';

type Answer = 'agreed' | 'partly' | 'rejected';

const ANSWERED: Record<string, string> = {
  agreed: t('claimCourse.agreed'),
  partly: t('claimCourse.partly'),
  rejected: t('claimCourse.rejected'),
};

function useClaimStep(delivery: string, onSuccess: () => void) {
  const queries = useQueryClient();
  const put = usePut(`claim/${delivery}`, '/receive/deliveries/{delivery}/claim/{act}', {
    onSuccess: () => {
      queries.invalidateQueries();
      onSuccess();
    },
  });
  const act = (body: Parameters<typeof put.mutate>[0]['body']) =>
    put.mutate({ params: { path: { delivery, act: ulid() } }, body });
  return { ...put, act };
}

/** What happened to a claim, and what may happen next: sent, answered, credited. */
export function ClaimCourse({ claim }: { claim: ClaimFile }) {
  const { me } = useKitchen();
  const [open, setOpen] = useState<'answered' | 'credited' | null>(null);
  const close = () => setOpen(null);
  const step = useClaimStep(claim.delivery.id, close);
  const isSent = claim.state !== 'open';
  return (
    <div className={cx(css.course, look.noPrint)}>
      <h2>{t('claimCourse.title')}</h2>
      {claim.steps.length === 0 && <p className={look.soft}>{t('claimCourse.nothing-yet')}</p>}
      <ol className={css.steps}>
        {claim.steps.map((one) => (
          <li key={one.id}>
            <span>
              <b>{said(one)}</b> <span className={look.soft}>{t('claimCourse.by', { by: one.by, at: one.at })}</span>
              {one.note && <span className={css.note}>{one.note}</span>}
            </span>
            {one.can_undo && (
              <Button variant="subtle" loading={step.isPending} onClick={() => step.act({ undoes: one.id })}>
                {t('claimCourse.undo')}
              </Button>
            )}
          </li>
        ))}
      </ol>
      {isSent && claim.is_new && claim.text && <p className={look.remark}>{t('claimCourse.more-was-found')}</p>}
      {step.error && (
        <p className={look.fault} role="alert">
          {asProblem(step.error).detail}
        </p>
      )}
      {me.sees_prices && open === null && (
        <p className={look.lineActions}>
          {claim.is_new && claim.text && (
            <Button loading={step.isPending} onClick={() => step.act({ step: 'sent' })}>
              {isSent ? t('claimCourse.mark-as-sent-again') : t('claimCourse.mark-as-sent')}
            </Button>
          )}
          {isSent && (
            <>
              <Button variant="default" onClick={() => setOpen('answered')}>
                {t('claimCourse.the-supplier-answered')}
              </Button>
              <Button variant={claim.is_new ? 'default' : 'filled'} onClick={() => setOpen('credited')}>
                {t('claimCourse.enter-credit-note')}
              </Button>
            </>
          )}
        </p>
      )}
      {open === 'answered' && <AnswerForm delivery={claim.delivery.id} onDone={close} />}
      {open === 'credited' && <CreditNote claim={claim} onDone={close} />}
    </div>
  );
}

function said(one: ClaimFile['steps'][number]): string {
  if (one.answer) {
    return ANSWERED[one.answer] ?? '';
  }
  if (one.step === 'credited') {
    return t('claimCourse.credited', { number: one.number, money: one.money });
  }
  return one.money ? t('claimCourse.sent-with', { money: one.money }) : t('claimCourse.sent');
}

function AnswerForm({ delivery, onDone }: { delivery: string; onDone: () => void }) {
  const [answer, setAnswer] = useState<Answer | null>(null);
  const [note, setNote] = useState('');
  const step = useClaimStep(delivery, onDone);
  return (
    <form
      className={css.form}
      onSubmit={(event) => {
        event.preventDefault();
        step.act({ step: 'answered', ...(answer ? { answer } : {}), note });
      }}
    >
      <Chips
        legend={t('claimCourse.what-they-said')}
        name="answer"
        value={answer}
        options={[
          { value: 'agreed' as const, label: t('claimCourse.answer-agreed') },
          { value: 'partly' as const, label: t('claimCourse.answer-partly') },
          { value: 'rejected' as const, label: t('claimCourse.answer-rejected') },
        ]}
        onChange={setAnswer}
      />
      <TextInput
        label={t('claimCourse.note')}
        value={note}
        error={faultAt(step.error, '/note')}
        onChange={(event) => setNote(event.currentTarget.value)}
      />
      <Ending error={step.error} pending={step.isPending} save={t('claimCourse.save-answer')} onCancel={onDone} />
    </form>
  );
}

/** What was credited, item by item, as it was claimed until somebody types another amount. */
function CreditNote({ claim, onDone }: { claim: ClaimFile; onDone: () => void }) {
  const { currency_sign: sign } = useKitchen();
  const [number, setNumber] = useState('');
  const [amounts, setAmounts] = useState(claim.sent.map((item) => item.amount));
  const step = useClaimStep(claim.delivery.id, onDone);
  return (
    <form
      className={css.form}
      onSubmit={(event) => {
        event.preventDefault();
        step.act({ step: 'credited', ...(number.trim() ? { number } : {}), items: amounts });
      }}
    >
      <TextInput
        className={css.number}
        label={t('claimCourse.number')}
        value={number}
        data-autofocus
        error={faultAt(step.error, '/number')}
        onChange={(event) => setNumber(event.currentTarget.value)}
      />
      {claim.sent.map((item, i) => (
        <div className={css.item} key={item.sentence}>
          <p>
            {item.sentence}{' '}
            <span className={look.soft}>{item.carried ? t('claimCourse.lowers') : t('claimCourse.lowers-not')}</span>
          </p>
          <TextInput
            label={t('claimCourse.credited-for')}
            leftSection={sign}
            inputMode="decimal"
            value={amounts[i] ?? ''}
            error={faultAt(step.error, `/items/${i}`)}
            onChange={(event) => {
              const typed = event.currentTarget.value;
              setAmounts((all) => all.map((amount, place) => (place === i ? typed : amount)));
            }}
          />
        </div>
      ))}
      <Ending error={step.error} pending={step.isPending} save={t('claimCourse.save-credit-note')} onCancel={onDone} />
    </form>
  );
}

/** The last line of a form: save, cancel, and what was wrong with it as a whole. */
function Ending(props: { error: unknown; pending: boolean; save: string; onCancel: () => void }) {
  const problem = props.error ? asProblem(props.error) : null;
  const atField = problem?.errors?.some((fault) => /^\/(number|items\/\d+|note)/.test(fault.pointer));
  return (
    <p className={look.lineActions}>
      <Button type="submit" loading={props.pending}>
        {props.save}
      </Button>
      <Button variant="subtle" onClick={props.onCancel}>
        {t('claimCourse.cancel')}
      </Button>
      {problem && !atField && (
        <span className={look.fault} role="alert">
          {problem.detail}
        </span>
      )}
    </p>
  );
}
