import { Button, Checkbox, SegmentedControl, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, faultAt, type LearnerDetail } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './PractiseScreen.module.css';
import { SkillLines } from './SkillLines';
import { GATES, SKILLS } from './skills';

/** One person: skills, gates with what there is to sign on, the eye by size, and the last drills. */
export function PersonScreen() {
  const { person = '' } = useParams();
  const { me } = useKitchen();
  const { data, error } = api.useQuery(
    'get',
    '/practise/people/{person}',
    { params: { path: { person } } },
    { retry: false, staleTime: 0 },
  );
  const chef = me.role === 'head chef';
  return (
    <section className={cx(look.sheet, look.wide)}>
      <div className={look.headline}>
        <div>
          <h1>{data?.name ?? t('practise.practise')}</h1>
          <p className={look.soft}>
            <Link to="/practise">{t('practise.back')}</Link>
            {data && ` · ${t('practise.level', { level: data.level })}`}
            {data && data.beside > 0 && ` · ${t('practise.beside-count', { count: data.beside, beside: data.beside })}`}
          </p>
        </div>
        {data && (
          <Button component="a" variant="default" href={`/api/practise/people/${data.id}/certificate.pdf`}>
            {t('practise.certificate')}
          </Button>
        )}
      </div>
      {error && <p role="alert">{asProblem(error).detail}</p>}
      {data && (
        <div className={css.practiseHome}>
          <section aria-label={t('practise.gates')}>
            {chef && <LevelForm key={data.version} person={data} />}
            <h2>{t('practise.gates')}</h2>
            <ul className={css.practiseGateList}>
              {data.gates.map((gate) => (
                <Gate key={gate.gate} gate={gate} person={data.id} chef={chef} />
              ))}
            </ul>
            {data.eyes.length > 0 && <h2>{t('practise.eyes')}</h2>}
            <ul>
              {data.eyes.map((eye) => (
                <li key={`${eye.kind}${eye.size}`}>
                  {eye.low_pct === null || eye.high_pct === null
                    ? t('practise.eye-few', { name: eye.name, guesses: eye.guesses })
                    : t('practise.eye-row', {
                        name: eye.name,
                        low: eye.low_pct,
                        high: eye.high_pct,
                        guesses: eye.guesses,
                      })}{' '}
                  {eye.passes
                    ? t('practise.eye-passes')
                    : eye.more_at_least === null
                      ? t('practise.eye-never')
                      : t('practise.eye-more', { more: eye.more_at_least })}
                </li>
              ))}
            </ul>
          </section>
          <section aria-label={t('practise.where-they-stand', { name: data.name })}>
            <h2>{t('practise.where-they-stand', { name: data.name })}</h2>
            <SkillLines skills={data.skills} open={data.open} />
            <h2>{t('practise.last-drills')}</h2>
            <ul className={css.practiseLast}>
              {data.drills.map((one) => (
                <li key={`${one.skill}${one.seed}`}>
                  <Link to={`/practise/${one.skill}/${one.seed}${data.id === me.id ? '' : `?person=${data.id}`}`}>
                    {SKILLS[one.skill]}
                  </Link>
                  <span>{one.name}</span>
                  <span>{one.day}</span>
                  <b>{one.score_pct === null ? '' : t('practise.score', { score: Math.round(one.score_pct) })}</b>
                  <small className={look.soft}>{one.counts ? '' : t('practise.not-counted')}</small>
                </li>
              ))}
            </ul>
          </section>
        </div>
      )}
    </section>
  );
}

function useKept(person: string) {
  const queries = useQueryClient();
  return (answered: LearnerDetail) => {
    queries.setQueryData(
      api.queryOptions('get', '/practise/people/{person}', { params: { path: { person } } }).queryKey,
      answered,
    );
    queries.invalidateQueries({ queryKey: ['get', '/practise'] });
  };
}

function LevelForm({ person }: { person: LearnerDetail }) {
  const kept = useKept(person.id);
  const [level, setLevel] = useState(String(person.level));
  const [bench, setBench] = useState(person.bench);
  const store = usePut(`learner/${person.id}`, '/practise/people/{person}', { onSuccess: kept });
  return (
    <form
      className={look.lineActions}
      onSubmit={(event) => {
        event.preventDefault();
        store.mutate({
          params: { path: { person: person.id } },
          body: { level: Number(level), bench, version: person.version },
        });
      }}
    >
      <span>{t('practise.set-level')}</span>
      <SegmentedControl
        aria-label={t('practise.set-level')}
        data={['1', '2', '3', '4']}
        value={level}
        onChange={setLevel}
      />
      {person.role === 'trainee' && (
        <Checkbox
          size="md"
          label={t('practise.bench-open')}
          checked={bench}
          onChange={(event) => setBench(event.currentTarget.checked)}
        />
      )}
      <Button
        type="submit"
        variant="default"
        disabled={store.isPending || (level === String(person.level) && bench === person.bench)}
      >
        {t('practise.save')}
      </Button>
      {store.error && (
        <p className={look.fault} role="alert">
          {asProblem(store.error).detail}
        </p>
      )}
    </form>
  );
}

function Gate({ gate, person, chef }: { gate: LearnerDetail['gates'][number]; person: string; chef: boolean }) {
  const kept = useKept(person);
  const [why, setWhy] = useState('');
  const sign = usePut(`sign/${person}`, '/practise/people/{person}/gates/{gate}/signed/{act}', { onSuccess: kept });
  const back = usePut(`back/${person}`, '/practise/people/{person}/gates/{gate}/taken-back', { onSuccess: kept });
  const needsWhy = gate.signed !== null || !gate.passes;
  const fault = faultAt(sign.error ?? back.error, '/why');
  return (
    <li>
      <h3>{GATES[gate.gate]}</h3>
      <p>{gate.says}</p>
      <p className={look.soft}>
        {gate.signed ? t('practise.signed-by', { by: gate.signed.by, at: gate.signed.at }) : t('practise.not-signed')}{' '}
        {gate.asked ? t('practise.asked-here') : t('practise.not-asked')}
      </p>
      {chef && (
        <form
          className={look.lineActions}
          onSubmit={(event) => {
            event.preventDefault();
            if (gate.signed) {
              back.mutate({ params: { path: { person, gate: gate.gate } }, body: { why: why.trim() } });
            } else {
              sign.mutate({ params: { path: { person, gate: gate.gate, act: ulid() } }, body: { why: why.trim() } });
            }
            setWhy('');
          }}
        >
          {needsWhy && (
            <TextInput
              className={css.practiseWhy}
              label={gate.signed ? t('practise.why') : t('practise.why-sign')}
              value={why}
              error={fault}
              onChange={(event) => setWhy(event.currentTarget.value)}
            />
          )}
          <Button
            type="submit"
            variant={gate.signed ? 'default' : 'filled'}
            disabled={(needsWhy && why.trim().length < 3) || sign.isPending || back.isPending}
          >
            {gate.signed ? t('practise.take-back') : t('practise.sign')}
          </Button>
        </form>
      )}
    </li>
  );
}
