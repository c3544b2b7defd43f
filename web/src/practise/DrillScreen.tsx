import { Button } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { type ComponentType, useCallback, useEffect, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { api, asProblem, type Drill, saysCode } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { useKeys } from '../ui/useKeys';
import { usePut } from '../ui/usePut';
import { BinsDrill } from './BinsDrill';
import { BonesDrill } from './BonesDrill';
import { CutsDrill } from './CutsDrill';
import css from './Drill.module.css';
import type { Answer, Playing, Skill } from './drill';
import { FreshDrill } from './FreshDrill';
import { OrderDrill } from './OrderDrill';
import { RawDrill } from './RawDrill';
import { SheetsDrill } from './SheetsDrill';
import { SKILLS } from './skills';
import { useDraw } from './useDraw';
import { WeightDrill } from './WeightDrill';

const DRILLS: { [S in Skill]: ComponentType<Playing<S>> } = {
  order: OrderDrill,
  bones: BonesDrill,
  weight: WeightDrill,
  cuts: CutsDrill,
  fresh: FreshDrill,
  sheets: SheetsDrill,
  bins: BinsDrill,
  raw: RawDrill,
};

/** A drill by its address: played where it is still open, and else shown with its result. */
export function DrillScreen() {
  const { skill = '', seed = '' } = useParams();
  const [search] = useSearchParams();
  const person = search.get('person') ?? undefined;
  const { data, error } = api.useQuery(
    'get',
    '/practise/{skill}/{seed}',
    { params: { path: { skill, seed }, query: person ? { person } : {} } },
    { retry: false },
  );
  if (error) {
    return <NotDrawn said={asProblem(error).detail} skill={skill} seed={seed} />;
  }
  return data ? (
    <Play key={data.id} drill={data} />
  ) : (
    <p className={cx(look.sheet, look.soft)}>{t('practise.loading')}</p>
  );
}

/** The seed of somebody else, or an old one: it may be drawn here too, for practice. */
function NotDrawn({ said, skill, seed }: { said: string; skill: string; seed: string }) {
  const draw = useDraw();
  const known = skill in DRILLS;
  return (
    <section className={look.sheet}>
      <h1>{t('practise.not-drawn')}</h1>
      <p role="alert">{draw.fault ?? said}</p>
      <p className={look.lineActions}>
        {known && (
          <Button onClick={() => draw.draw({ skill: skill as Skill, seed })}>{t('practise.draw-this-seed')}</Button>
        )}
        <Link to="/practise">{t('practise.back')}</Link>
      </p>
    </section>
  );
}

function Play({ drill: drawn }: { drill: Drill }) {
  const queries = useQueryClient();
  const draw = useDraw();
  const [drill, setDrill] = useState(drawn);
  const [answer, setAnswer] = useState<Answer | null>(null);
  // A move made on the drill comes back by the same address.
  useEffect(() => setDrill(drawn), [drawn]);
  const store = usePut(`drill/${drill.id}`, '/practise/drills/{drill}/answer', {
    onSuccess: (answered) => {
      setDrill(answered);
      queries.setQueryData(
        api.queryOptions('get', '/practise/{skill}/{seed}', {
          params: { path: { skill: answered.skill, seed: answered.seed }, query: {} },
        }).queryKey,
        answered,
      );
      queries.invalidateQueries({ queryKey: ['get', '/practise'] });
    },
  });
  const onReady = useCallback((next: Answer | null) => setAnswer(next), []);
  const done = drill.answered_at !== null;
  const fault = store.error ? asProblem(store.error) : null;
  const over = drill.over || saysCode(fault, 'over') || saysCode(fault, 'changed-meanwhile');
  const send = () => answer && store.mutate({ params: { path: { drill: drill.id } }, body: answer });
  const another = () => draw.draw({ skill: drill.skill });
  useKeys({ Enter: done || over ? another : answer ? send : undefined });
  const Board = DRILLS[drill.skill] as ComponentType<Playing<Skill>>;
  const task = drill.task[drill.skill];
  return (
    <div className={look.bench}>
      <section className={cx(look.board, css.drillBoard)}>
        <header className={look.headline}>
          <div>
            <h1>{SKILLS[drill.skill]}</h1>
            <p className={look.soft}>
              {drill.name} · {t('practise.level', { level: drill.level })} ·{' '}
              <Link to="/practise">{t('practise.back')}</Link>
            </p>
          </div>
        </header>
        {task && <Board drill={drill} task={task} result={drill.result?.[drill.skill]} onReady={onReady} />}
      </section>
      <aside className={cx(look.pan, css.drillSide)} aria-label={t('practise.what-to-do')}>
        <p className="todo" data-testid="todo">
          {done ? t('practise.done') : over ? t('practise.over') : HOW[drill.skill]}
        </p>
        {drill.score_pct !== null && (
          <p className={css.drillScore} role="status">
            <span className="figure">{Math.round(drill.score_pct)}</span>
            <span>{t('practise.of-100')}</span>
          </p>
        )}
        {!done && !over && <p className={look.soft}>{KEYS[drill.skill]}</p>}
        {!drill.counts && <p className={look.soft}>{t('practise.counts-not')}</p>}
        <p className={look.fault} role="alert">
          {fault?.detail ?? draw.fault ?? ''}
        </p>
        <div className={look.push} />
        {!done && !over && <p className={look.soft}>{t('practise.answer-by', { at: drill.answer_by })}</p>}
        <p className={look.soft}>{t('practise.seed', { seed: drill.seed })}</p>
        {done || over ? (
          <Button size="xl" fullWidth className="take" disabled={draw.pending} onClick={another}>
            {t('practise.another')}
          </Button>
        ) : (
          <Button size="xl" fullWidth className="take" disabled={answer === null || store.isPending} onClick={send}>
            {t('practise.answer')}
          </Button>
        )}
      </aside>
    </div>
  );
}

const HOW: Record<Skill, string> = {
  order: t('practise.how-order'),
  bones: t('practise.how-bones'),
  weight: t('practise.how-weight'),
  cuts: t('practise.how-cuts'),
  fresh: t('practise.how-fresh'),
  sheets: t('practise.how-sheets'),
  bins: t('practise.how-bins'),
  raw: t('practise.how-raw'),
};

const KEYS: Record<Skill, string> = {
  order: t('practise.keys-order'),
  bones: t('practise.keys-bones'),
  weight: t('practise.keys-weight'),
  cuts: t('practise.keys-cuts'),
  fresh: t('practise.keys-fresh'),
  sheets: t('practise.keys-sheets'),
  bins: t('practise.keys-bins'),
  raw: t('practise.keys-raw'),
};
