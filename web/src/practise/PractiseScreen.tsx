import { Button, PasswordInput, Select, Table } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, faultAt, type PractiseHome } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './PractiseScreen.module.css';
import { SkillLines } from './SkillLines';
import { GATES, PROGRESS, SKILLS } from './skills';
import { useDraw } from './useDraw';

/** Today's minutes as one button, each skill from new to passed, and for the head chef everybody. */
export function PractiseScreen() {
  const { data, error } = api.useQuery('get', '/practise', {}, { staleTime: 0 });
  const draw = useDraw();
  const first = data?.today[0];
  return (
    <section className={cx(look.sheet, look.wide)}>
      <div className={look.headline}>
        <div>
          <h1>{t('practise.practise')}</h1>
          <p className={look.soft}>{data ? levelSays(data.me) : t('practise.loading')}</p>
        </div>
        {data && <Link to={`/practise/people/${data.me.id}`}>{t('practise.last-drills')}</Link>}
      </div>
      {(error || draw.fault) && (
        <p className={look.fault} role="alert">
          {draw.fault ?? asProblem(error).detail}
        </p>
      )}
      {data?.people && <People people={data.people} />}
      {data && (
        <div className={css.practiseHome}>
          <section aria-label={t('practise.today', { minutes: data.minutes })}>
            <h2>{t('practise.today', { minutes: data.minutes })}</h2>
            {first ? (
              <>
                <ol className={css.practiseToday}>
                  {data.today.map((item) => (
                    <li key={`${item.skill}${item.subject}`}>
                      <b>{SKILLS[item.skill]}</b>
                      <span>{item.name}</span>
                      <span className={look.soft}>
                        {t('practise.minutes', { minutes: item.minutes })}
                        {item.new && ` · ${t('practise.first-time')}`}
                      </span>
                    </li>
                  ))}
                </ol>
                <Button
                  size="xl"
                  fullWidth
                  disabled={draw.pending}
                  onClick={() => draw.draw({ skill: first.skill, subject: first.subject })}
                >
                  {t('practise.start', { name: SKILLS[first.skill] })}
                </Button>
              </>
            ) : (
              <p>{t('practise.today-done')}</p>
            )}
            <Beside />
          </section>
          <section aria-label={t('practise.where-you-stand')}>
            <h2>{t('practise.where-you-stand')}</h2>
            <SkillLines
              skills={data.me.skills}
              open={data.me.open}
              onPractise={(skill) => draw.draw({ skill })}
              busy={draw.pending}
            />
          </section>
        </div>
      )}
    </section>
  );
}

/** "Level 1. The next one opens when these are steady: …" */
function levelSays(me: PractiseHome['me']): string {
  return me.level < 4
    ? t('practise.to-next', {
        level: me.level,
        skills: me.to_pass.map((skill) => SKILLS[skill].toLowerCase().replace(/\?$/, '')).join(', '),
      })
    : t('practise.last-level', { level: me.level });
}

/** People against skills, with what each is signed for. */
function People({ people }: { people: NonNullable<PractiseHome['people']> }) {
  return (
    <section aria-label={t('practise.people')} className={css.practisePeople}>
      <h2>{t('practise.people')}</h2>
      <div>
        <Table>
          <Table.Thead>
            <Table.Tr>
              <Table.Th scope="col">{t('practise.person')}</Table.Th>
              <Table.Th scope="col">{t('practise.level-head')}</Table.Th>
              {people[0]?.skills.map((one) => (
                <Table.Th key={one.skill} scope="col">
                  {SKILLS[one.skill]}
                </Table.Th>
              ))}
              <Table.Th scope="col">{t('practise.gates')}</Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {people.map((one) => (
              <Table.Tr key={one.id}>
                <Table.Th scope="row">
                  <Link to={`/practise/people/${one.id}`}>{one.name}</Link>
                </Table.Th>
                <Table.Td>{one.level}</Table.Td>
                {one.skills.map((skill) => (
                  <Table.Td key={skill.skill} data-progress={skill.progress}>
                    {PROGRESS[skill.progress]}
                    {skill.mean_pct !== null && <small>{Math.round(skill.mean_pct)}</small>}
                  </Table.Td>
                ))}
                <Table.Td>{one.gates.map((gate) => GATES[gate]).join(', ')}</Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </div>
    </section>
  );
}

/** Whoever stands beside the learner chooses the fish and enters their PIN. */
function Beside() {
  const { me, people } = useKitchen();
  const queries = useQueryClient();
  const [opened, setOpened] = useState(false);
  const [fish, setFish] = useState<string | null>(null);
  const [who, setWho] = useState<string | null>(null);
  const [pin, setPin] = useState('');
  const waiting = api.useQuery('get', '/breakdown', {}, { enabled: opened, retry: false });
  const store = usePut('beside', '/practise/beside/{act}', {
    onSuccess: () => {
      setPin('');
      setOpened(false);
      queries.invalidateQueries({ queryKey: ['get', '/practise'] });
    },
  });
  if (!opened) {
    return (
      <p>
        <Button variant="default" onClick={() => setOpened(true)}>
          {t('practise.beside')}
        </Button>
      </p>
    );
  }
  return (
    <form
      className={css.practiseBeside}
      onSubmit={(event) => {
        event.preventDefault();
        if (fish && who) {
          store.mutate({ params: { path: { act: ulid() } }, body: { fish, beside: who, pin } });
        }
      }}
    >
      <p className={look.soft}>{waiting.error ? asProblem(waiting.error).detail : t('practise.beside-how')}</p>
      <Select
        label={t('practise.fish')}
        placeholder={waiting.data?.fish.length === 0 ? t('practise.no-fish') : t('practise.choose')}
        data={
          waiting.data?.fish.map((one) => ({
            value: one.fish.id,
            label: t('waitingList.no', { title: one.fish.title, number: one.fish.number }),
          })) ?? []
        }
        value={fish}
        onChange={setFish}
        error={faultAt(store.error, '/fish')}
      />
      <Select
        label={t('practise.who')}
        placeholder={t('practise.choose')}
        data={people
          .filter((one) => one.id !== me.id && one.role !== 'trainee')
          .map((one) => ({ value: one.id, label: one.name }))}
        value={who}
        onChange={setWho}
        error={faultAt(store.error, '/beside')}
      />
      <PasswordInput
        label={t('practise.pin')}
        inputMode="numeric"
        autoComplete="off"
        value={pin}
        onChange={(event) => setPin(event.currentTarget.value)}
        error={faultAt(store.error, '/pin')}
      />
      <Button type="submit" disabled={!fish || !who || pin.length < 4 || store.isPending}>
        {t('practise.beside-start')}
      </Button>
    </form>
  );
}
