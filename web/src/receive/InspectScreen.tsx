import { Button } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, faultAt, type InspectionForm } from '../api/client';
import { PREVIEW, useSettled } from '../api/preview';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { Several } from '../ui/Several';
import { useDraft } from '../ui/useDraft';
import { usePut } from '../ui/usePut';
import { FatGrades } from './FatGrades';
import { GradeDrawing } from './GradeDrawing';
import css from './InspectScreen.module.css';
import { PhotoButton } from './PhotoButton';
import { ProbePanel, type Taken } from './ProbePanel';
import { stateIn } from './states';

type Attribute = InspectionForm['attributes'][number]['attribute'];
type Rigor = InspectionForm['rigor'][number]['rigor'];

type FatGrade = InspectionForm['fat_grades'][number]['grade'];

type Done = InspectionForm['sold_done'][number];

type Draft = {
  grades: Partial<Record<Attribute, number>>;
  rigor: Rigor;
  core: Taken | null;
  missing?: string[];
  notDone?: Done[];
  fat?: FatGrade;
};

const DONE: Record<Done, string> = { gutted: t('inspect.gutted'), scaled: t('inspect.scaled') };

const NOTHING: Draft = { grades: {}, rigor: 'passed', core: null };

/** Fish of one line, smelled, seen and felt: each attribute by what it is like, the verdict asked from the kitchen computer. */
export function InspectScreen() {
  const { line = '' } = useParams();
  const { data, error } = api.useQuery('get', '/receive/lines/{line}/inspection', { params: { path: { line } } });
  if (error) {
    return <Missing stage="receive" error={error} />;
  }
  return data ? (
    <Look key={line} line={line} form={data} />
  ) : (
    <p className={cx(look.sheet, look.soft)}>{t('inspect.loading')}</p>
  );
}

function Look({ line, form }: { line: string; form: InspectionForm }) {
  const { demo } = useKitchen();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const unseen = form.fish.filter((fish) => fish.verdict === null).map((fish) => fish.id);
  const [chosen, setChosen] = useState<string[]>(unseen.length > 0 ? unseen : form.fish.map((fish) => fish.id));
  const [draft, setDraft, clearDraft] = useDraft(`inspect/${line}`, NOTHING);
  const [checking, setChecking] = useState(false);
  const { grades, rigor, core, missing = [], notDone = [] } = draft;
  const setGrades = (next: Draft['grades']) => setDraft({ ...draft, grades: next });
  const setRigor = (next: Rigor) => setDraft({ ...draft, rigor: next });
  const setCore = (next: Taken | null) => setDraft({ ...draft, core: next });
  const places = form.signs.map((_, place) => String(place));
  const body = {
    line,
    fish: chosen,
    grades,
    rigor,
    ...(missing.length > 0 ? { missing_signs: missing.map(Number) } : {}),
    ...(notDone.length > 0 ? { not_done: notDone } : {}),
    ...(core ? { temperature: core.sent } : {}),
    ...(draft.fat ? { fat_grade: draft.fat } : {}),
  };
  const seen = Object.keys(grades).length;
  const said = seen > 0 || core !== null || missing.length > 0;
  const judged = api.useQuery(
    'post',
    '/receive/lines/{line}/inspection',
    { params: { path: { line } }, body: useSettled(body) },
    { enabled: said && chosen.length > 0, ...PREVIEW },
  );
  const store = usePut(`inspect/${line}`, '/receive/inspections/{inspection}', {
    onSuccess: (door) => {
      clearDraft();
      queries.invalidateQueries();
      queries.setQueryData(
        api.queryOptions('get', '/receive/deliveries/{delivery}', { params: { path: { delivery: form.delivery } } })
          .queryKey,
        door,
      );
      navigate(`/receive/deliveries/${form.delivery}`, { state: { line } });
    },
  });
  const verdict = said ? judged.data : undefined;
  const held = form.held.find((one) => one.verdict === verdict?.verdict);
  const fault = faultAt(judged.error, '/temperature') ?? (store.error ? asProblem(store.error).detail : undefined);

  return (
    <div className={look.bench}>
      <section className={cx(look.board, css.look)}>
        <header className={look.headline}>
          <div>
            <h1>
              {form.title} <span style={{ fontWeight: 450 }}>{t('inspect.from', { supplier: form.supplier })}</span>
            </h1>
            <p className={look.soft}>
              {t('inspect.bought-tap-what-you-see', { state: stateIn(form.state) })}{' '}
              <Link to={`/receive/deliveries/${form.delivery}`} state={{ line }}>
                {t('inspect.back-to-the-delivery')}
              </Link>
            </p>
          </div>
          {form.signs.length > 0 && (
            <Button variant="default" aria-expanded={checking} onClick={() => setChecking(!checking)}>
              {checking
                ? t('inspect.back-to-the-grades')
                : missing.length > 0
                  ? t('inspect.signs-missing', { count: missing.length })
                  : t('inspect.is-it-that-fish')}
            </Button>
          )}
          <Button
            variant="default"
            onClick={() => setGrades(Object.fromEntries(form.attributes.map((a) => [a.attribute, 0])))}
          >
            {t('inspect.all-best-grade')}
          </Button>
        </header>
        <div className={css.about}>
          {form.sold_done.length > 0 && (
            <Several
              legend={t('inspect.as-sold')}
              chosen={form.sold_done.filter((done) => !notDone.includes(done))}
              options={form.sold_done.map((done) => ({ value: done, label: DONE[done] }))}
              onChange={(done) => setDraft({ ...draft, notDone: form.sold_done.filter((one) => !done.includes(one)) })}
            />
          )}
          <FatGrades form={form} grade={draft.fat ?? form.fat_grade} onGrade={(fat) => setDraft({ ...draft, fat })} />
          {form.fish.length > 1 && (
            <Several
              legend={t('inspect.applies-to')}
              chosen={chosen}
              options={form.fish.map((fish) => ({
                value: fish.id,
                label: `${fish.mass.text}${fish.verdict ? ` (${fish.verdict})` : ''}`,
              }))}
              onChange={setChosen}
            />
          )}
        </div>
        {checking ? (
          <div className={css.signs}>
            <h2>{t('inspect.is-it', { name: form.title })}</h2>
            <Several
              legend={t('inspect.signs')}
              quiet
              chosen={places.filter((place) => !missing.includes(place))}
              options={form.signs.map((sign, place) => ({ value: String(place), label: sign }))}
              onChange={(there) => setDraft({ ...draft, missing: places.filter((place) => !there.includes(place)) })}
            />
            <p>{[likeness(form), form.handling].filter(Boolean).join(' ')}</p>
          </div>
        ) : (
          <div className={css.grades}>
            {form.attributes.map((attribute) => (
              <fieldset className={css.gradeRow} key={attribute.attribute}>
                <legend>
                  {attribute.name}
                  {attribute.weight !== 1 && <small>{t('inspect.counts', { weight: attribute.weight })}</small>}
                </legend>
                {attribute.grades.map((words, grade) => (
                  <label className={css.grade} key={words}>
                    <input
                      type="radio"
                      name={attribute.attribute}
                      checked={grades[attribute.attribute] === grade}
                      onChange={() => setGrades({ ...grades, [attribute.attribute]: grade })}
                    />
                    <GradeDrawing attribute={attribute.attribute} grade={grade} />
                    <span>{words}</span>
                    {grade === 3 && attribute.fatal && <em>{t('inspect.refuses')}</em>}
                  </label>
                ))}
              </fieldset>
            ))}
          </div>
        )}
      </section>
      <aside className={look.pan} aria-label={t('inspect.probe-and-verdict')}>
        <ProbePanel warmest={form.warmest} rule={form.rule} taken={core} onTake={setCore} demo={demo} />
        <Chips
          legend={t('inspect.rigor')}
          name="rigor"
          value={rigor}
          options={form.rigor.map((r) => ({ value: r.rigor, label: r.name }))}
          onChange={setRigor}
        />
        <div className={cx(css.verdict, verdict?.verdict.replace(' ', '-') ?? '')} aria-live="polite">
          <h2>{verdict ? verdict.spoken : t('inspect.nothing-graded-yet')}</h2>
          {verdict ? (
            <>
              <p>{verdict.reasons.join(' ')}</p>
              <p className={look.soft}>
                {t('inspect.some-days-on-ice-so-far', {
                  count: Math.round(verdict.days_on_ice),
                  low: Math.round(verdict.days_left_low),
                  high: Math.round(verdict.days_left_high),
                })}{' '}
                {held && t('inspect.held', { verdict: verdict.spoken, held: held.held, lots: held.lots })}
              </p>
            </>
          ) : (
            <p className={look.soft}>{form.cautions.join(' ') || t('inspect.smell-it-first-then-look-then')}</p>
          )}
        </div>
        <p className={look.fault} role="alert">
          {fault ?? ''}
        </p>
        <div className={look.push} />
        <PhotoButton line={line} count={form.photos.length} />
        <Button
          size="xl"
          fullWidth
          color="gill.6"
          className={look.take}
          disabled={!verdict || chosen.length === 0 || store.isPending}
          onClick={() => store.mutate({ params: { path: { inspection: ulid() } }, body })}
        >
          {t('inspect.save-inspection')}
          <small>
            {chosen.length === 0
              ? t('inspect.no-fish-is-chosen')
              : t('inspect.of-of-graded', {
                  count: form.fish.length,
                  chosen: chosen.length,
                  fish: form.fish.length,
                  seen,
                  attributes: form.attributes.length,
                })}
          </small>
        </Button>
      </aside>
    </div>
  );
}

/** "Looks much like: Brill." */
function likeness(form: InspectionForm): string {
  return form.look_alikes.length > 0 ? t('inspect.look-alikes', { names: form.look_alikes.join(', ') }) : '';
}
