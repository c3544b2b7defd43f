import { Button, TextInput, UnstyledButton } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { api, asProblem, type Kitchen } from '../api/client';
import { signedIn } from '../api/session';
import { t } from '../lang';
import { DRAWINGS } from '../ui/fish/shapes';
import { look } from '../ui/look';
import { useEverythingWaiting } from '../ui/usePut';
import { Languages } from './Languages';
import { lastHere } from './lastHere';
import { ROLES } from './roles';
import css from './SignIn.module.css';

/** Characters of the longest phrase. */
const LONGEST = 70;

const KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9'];

/** Choose your name, then your PIN, on large keys or a keyboard. */
export function SignIn({ kitchen }: { kitchen: Kitchen }) {
  const [person, setPerson] = useState<string | null>(() => {
    const last = lastHere();
    return kitchen.people.some((p) => p.id === last) ? last : null;
  });
  const waiting = useEverythingWaiting().filter((entry) => entry.text !== '');
  const [pin, setPin] = useState('');
  const [phrase, setPhrase] = useState(false);
  const queries = useQueryClient();
  const signIn = api.useMutation('post', '/session', {
    onSuccess: (data) => {
      void signedIn();
      queries.setQueryData(api.queryOptions('get', '/kitchen').queryKey, data);
    },
    onError: () => setPin(''),
  });
  const chosen = kitchen.people.find((p) => p.id === person);
  const submit = () => {
    if (person && pin.length >= 4) {
      signIn.mutate({ body: { person, pin } });
    }
  };

  return (
    <main className={css.door}>
      <div className={css.doorSide}>
        <p className={css.mark}>{t('signIn.sectum')}</p>
        <h1>{kitchen.name}</h1>
        <p>{t('signIn.whole-fish-in-portions-yield-and')}</p>
        <DoorFish />
        {kitchen.demo && (
          <div className={css.demoNote}>
            <h2>{t('signIn.a-made-up-kitchen-to-try')}</h2>
            <ul>
              {kitchen.people.map((p) => (
                <li key={p.id}>
                  {t('signIn.pin', { p: p.name, role: ROLES[p.role] })} <b>{p.demo_pin}</b>
                </li>
              ))}
            </ul>
          </div>
        )}
      </div>
      <form
        className={css.doorForm}
        onSubmit={(event) => {
          event.preventDefault();
          submit();
        }}
      >
        <h2 id="who">{t('signIn.who-is-at-the-board')}</h2>
        <ul className={css.people} aria-labelledby="who">
          {kitchen.people.map((p) => (
            <li key={p.id}>
              <UnstyledButton
                className={css.choice}
                aria-pressed={p.id === person}
                onClick={() => {
                  setPerson(p.id);
                  setPin('');
                  signIn.reset();
                  document.getElementById('pin')?.focus();
                }}
              >
                <span className={look.name}>{p.name}</span>
                <span className={look.mass}>{ROLES[p.role]}</span>
              </UnstyledButton>
            </li>
          ))}
        </ul>
        {waiting.length > 0 && (
          <p className={cx(look.remark, look.quietRemark)} role="status">
            {t('signIn.on-this-tablet-for-sent-when', {
              count: waiting.length,
              join: [...new Set(waiting.map((entry) => entry.personName))].join(', '),
              waiting: waiting.length,
            })}
          </p>
        )}
        <label htmlFor="pin">{chosen ? t('signIn.pin-of', { chosen: chosen.name }) : 'PIN'}</label>
        <TextInput
          id="pin"
          className={css.pinField}
          type="password"
          inputMode={phrase ? 'text' : 'numeric'}
          autoComplete="off"
          maxLength={LONGEST}
          value={pin}
          onChange={(event) => setPin(event.target.value)}
          aria-describedby="pin-fault"
        />
        <p id="pin-fault" className={look.fault} role="alert">
          {signIn.error ? asProblem(signIn.error).detail : ''}
        </p>
        <Button
          variant="subtle"
          aria-pressed={phrase}
          onClick={() => {
            setPhrase((on) => !on);
            document.getElementById('pin')?.focus();
          }}
        >
          {phrase ? t('signIn.type-digits') : t('signIn.type-phrase')}
        </Button>
        <div className={css.pinKeys}>
          {KEYS.map((key) => (
            <Button variant="default" key={key} onClick={() => setPin((p) => (p + key).slice(0, LONGEST))}>
              {key}
            </Button>
          ))}
          <Button variant="default" onClick={() => setPin('')}>
            {t('signIn.clear')}
          </Button>
          <Button variant="default" onClick={() => setPin((p) => `${p}0`.slice(0, LONGEST))}>
            0
          </Button>
          <Button type="submit" className="enter" disabled={!person || pin.length < 4 || signIn.isPending}>
            {signIn.isPending ? t('signIn.signing-in') : t('signIn.sign-in')}
          </Button>
        </div>
      </form>
      {/* After the form, so that the first stop of a keyboard is a name. */}
      <div className={css.doorLanguages}>
        <Languages />
      </div>
    </main>
  );
}

/** The fish, cut: a picture for the door. */
function DoorFish() {
  return (
    <svg className={css.doorFish} viewBox="-10 -34 920 430" aria-hidden="true">
      {DRAWINGS.round.regions.map((region) => (
        <path key={region.part} d={region.d} transform={`translate(${region.off[0]} ${region.off[1]})`} />
      ))}
    </svg>
  );
}
