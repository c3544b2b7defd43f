import { Button, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, faultAt } from '../api/client';
import { PREVIEW, useSettled } from '../api/preview';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { useKeys } from '../ui/useKeys';
import { usePut } from '../ui/usePut';
import { Amounts, TimeLine } from './PotLine';

/** A batch before it is begun: how much, what goes with it, which pots, and when to do what. */
export function MakeScreen() {
  const { recipe = '' } = useParams();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [id] = useState(ulid);
  const [mass, setMass] = useState<string | null>(null);
  const [species, setSpecies] = useState<string | null>(null);
  const settled = useSettled({ ...(mass?.trim() ? { mass } : {}), ...(species ? { species } : {}) });
  const { data, error, isFetching } = api.useQuery(
    'post',
    '/route/recipes/{recipe}/plan',
    { params: { path: { recipe } }, body: settled },
    PREVIEW,
  );
  const start = usePut('make', '/route/batches/{making}', {
    onSuccess: () => {
      queries.invalidateQueries();
      navigate(`/route/batches/${id}`);
    },
  });
  const begin = () => {
    const typed = mass?.trim() || data?.typed;
    if (typed) {
      const kind = species ?? data?.species;
      start.mutate({
        params: { path: { making: id } },
        body: { recipe, weight: { typed }, ...(data?.one_kind && kind ? { species: kind } : {}) },
      });
    }
  };
  useKeys({ Enter: begin });
  if (error && !data) {
    return <Missing stage="route" error={error} />;
  }
  if (!data) {
    return <p className={cx(look.sheet, look.soft)}>{t('make.calculating')}</p>;
  }
  const trouble = faultAt(error, '/mass') ?? faultAt(start.error, '/weight') ?? data.more ?? undefined;
  return (
    <div className={look.bench}>
      <section className={cx(look.board, look.makeBoard)}>
        <header className={look.headline}>
          <div>
            <h1>{data.name}</h1>
            <p className={look.soft}>
              {t('make.in-may-be-used', { have: data.have.text, toLowerCase: data.from.toLowerCase() })}{' '}
              <Link to="/route/batches">{t('make.all-batches')}</Link>
            </p>
          </div>
          {data.plan && (
            <p className={look.yield}>
              <b>{data.plan.expected}</b>
              <span className={look.soft}>{t('make.expected', { spread: data.plan.spread })}</span>
            </p>
          )}
        </header>
        {data.caution && <p className={look.caution}>{data.caution}</p>}
        {data.plan === null ? (
          <div className={look.empty}>
            <h2>{t('make.nothing-to-make-it-of')}</h2>
            <p>{t('make.is-empty-or-what-lies-there', { from: data.from })}</p>
            <Link to="/route/bins">{t('make.bins')}</Link>
          </div>
        ) : (
          <div className={cx(look.makeColumns, isFetching && look.asking)}>
            <div>
              <h2>{t('make.into-the-pot')}</h2>
              <Amounts plan={data.plan} fish={data.mass.text} />
            </div>
            <div>
              <h2>{t('make.if-it-starts-now')}</h2>
              <TimeLine plan={data.plan} />
            </div>
          </div>
        )}
      </section>
      <aside className={look.pan} aria-label={t('make.start')}>
        <p className={look.todo} data-testid="todo">
          {data.plan ? t('make.say-how-much-goes-in-then') : t('make.there-is-nothing-to-make-it')}
        </p>
        {data.one_kind && data.kinds.length > 0 && (
          <Chips
            legend={t('make.of-which-fish')}
            name="kind"
            value={species ?? data.species}
            options={data.kinds.map((kind) => ({ value: kind.species, label: `${kind.name}, ${kind.mass}` }))}
            onChange={(kind) => {
              setSpecies(kind);
              setMass(null);
            }}
          />
        )}
        <TextInput
          label={t('make.how-much')}
          value={mass ?? data.typed}
          onChange={(event) => setMass(event.currentTarget.value)}
          error={trouble}
        />
        <p className={look.soft}>{t('make.it-leaves-the-bin-oldest-first')}</p>
        <p className={look.fault} role="alert">
          {start.error && !faultAt(start.error, '/weight') ? asProblem(start.error).detail : ''}
        </p>
        <div className={look.push} />
        <Button disabled={start.isPending || data.plan === null} onClick={begin}>
          {t('make.start-the-batch')}
        </Button>
      </aside>
    </div>
  );
}
