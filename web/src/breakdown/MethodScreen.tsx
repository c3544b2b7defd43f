import { Button, Textarea, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, faultAt, type MethodInFull } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import css from './MethodScreen.module.css';

type Step = MethodInFull['steps'][number] & { key: string };

const NEW: Omit<Step, 'key'> = {
  action: '',
  choices: '',
  doing: '',
  why: '',
  parts: '',
  place: '',
  tools: '',
  caution: '',
  inspect: '',
  cue: '',
  mistake: '',
  mistake_costs: '',
  drawing: '',
  seconds: 30,
  seconds_per_kg: 20,
};

/** The house's own way: a method copied and changed, step by step. */
export function MethodScreen() {
  const { method: code = '' } = useParams();
  const [search] = useSearchParams();
  const from = search.get('from');
  const { data, error } = api.useQuery('get', '/breakdown/methods/{method}', {
    params: { path: { method: from ?? code } },
  });
  if (error) {
    return <Missing stage="breakdown" error={error} />;
  }
  return data ? (
    <Writing key={code} code={code} source={data} copy={from !== null} />
  ) : (
    <p className={cx(look.sheet, look.soft)}>{t('method.loading')}</p>
  );
}

function Writing({ code, source, copy }: { code: string; source: MethodInFull; copy: boolean }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [name, setName] = useState(copy ? `${source.name}, ours` : source.name);
  const [why, setWhy] = useState(source.why);
  const [steps, setSteps] = useState<Step[]>(() => source.steps.map((step) => ({ ...step, key: ulid() })));
  const store = api.useMutation('put', '/breakdown/methods/{method}', {
    onSuccess: () => {
      queries.invalidateQueries();
      navigate(-1);
    },
  });
  const change = (key: string, more: Partial<Step>) =>
    setSteps(steps.map((step) => (step.key === key ? { ...step, ...more } : step)));
  const move = (i: number, by: number) => {
    const next = [...steps];
    const [step] = next.splice(i, 1);
    if (step) {
      next.splice(i + by, 0, step);
      setSteps(next);
    }
  };

  return (
    <section className={cx(look.sheet, look.wide)}>
      <div className={look.headline}>
        <h1>{copy ? t('method.our-method') : source.name}</h1>
        <p className={look.lineActions}>
          <Button
            loading={store.isPending}
            onClick={() =>
              store.mutate({
                params: { path: { method: code } },
                body: {
                  from: copy ? source.method : (source.from ?? source.method),
                  name,
                  why,
                  version: copy ? 0 : source.version,
                  steps: steps.map(({ key: _, ...step }) => step),
                },
              })
            }
          >
            {t('method.save-method')}
          </Button>
          <Button variant="default" onClick={() => navigate(-1)}>
            {t('method.cancel')}
          </Button>
        </p>
      </div>
      <p className={look.fault} role="alert">
        {store.error ? asProblem(store.error).detail : ''}
      </p>
      <div className={look.columns}>
        <TextInput
          label={t('method.name')}
          value={name}
          error={faultAt(store.error, '/name')}
          onChange={(event) => setName(event.currentTarget.value)}
        />
        <TextInput
          label={t('method.why-this-way')}
          value={why}
          onChange={(event) => setWhy(event.currentTarget.value)}
        />
      </div>
      <ol className={css.writing}>
        {steps.map((step, i) => (
          <li key={step.key}>
            <div className={cx(look.fields, look.four)}>
              <Textarea
                className={look.two}
                label={t('method.step', { i: i + 1 })}
                autosize
                minRows={1}
                value={step.doing}
                error={faultAt(store.error, `/steps/${i}/doing`)}
                onChange={(event) => change(step.key, { doing: event.currentTarget.value })}
              />
              <Textarea
                className={look.two}
                label={t('method.why')}
                autosize
                minRows={1}
                value={step.why}
                onChange={(event) => change(step.key, { why: event.currentTarget.value })}
              />
              <TextInput
                label={t('method.parts-that-come-off')}
                placeholder={t('method.head-collar')}
                value={step.parts}
                error={faultAt(store.error, `/steps/${i}/parts`)}
                onChange={(event) => change(step.key, { parts: event.currentTarget.value })}
              />
              <TextInput
                label={t('method.caution')}
                value={step.caution}
                onChange={(event) => change(step.key, { caution: event.currentTarget.value })}
              />
              <TextInput
                label={t('method.inspect')}
                value={step.inspect}
                onChange={(event) => change(step.key, { inspect: event.currentTarget.value })}
              />
              <p className={look.lineActions}>
                <Button
                  variant="default"
                  disabled={i === 0}
                  onClick={() => move(i, -1)}
                  aria-label={t('method.step-earlier', { i: i + 1 })}
                >
                  ↑
                </Button>
                <Button
                  variant="default"
                  disabled={i === steps.length - 1}
                  onClick={() => move(i, 1)}
                  aria-label={t('method.step-later', { i: i + 1 })}
                >
                  ↓
                </Button>
                <Button variant="default" onClick={() => setSteps(steps.filter((s) => s.key !== step.key))}>
                  {t('method.remove')}
                </Button>
              </p>
            </div>
          </li>
        ))}
      </ol>
      <p>
        <Button variant="default" onClick={() => setSteps([...steps, { ...NEW, key: ulid() }])}>
          {t('method.add-a-step')}
        </Button>
      </p>
    </section>
  );
}
