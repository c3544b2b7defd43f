import { NativeSelect } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { ulid } from 'ulid';
import { api, asProblem, type Workmanship } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import { WorkDrawing } from './WorkDrawing';
import css from './WorkPanel.module.css';

/** Who cut each side, and what the knife left on it: a tap on a drawing. Optional, and kept for the Log. */
export function WorkPanel({ fish }: { fish: string }) {
  const { people } = useKitchen();
  const queries = useQueryClient();
  const params = { params: { path: { fish } } };
  const { data } = api.useQuery('get', '/breakdown/fish/{fish}/workmanship', params);
  const store = usePut(`workmanship/${fish}`, '/breakdown/fish/{fish}/workmanship/{act}', {
    onSuccess: (answer) =>
      queries.setQueryData(api.queryOptions('get', '/breakdown/fish/{fish}/workmanship', params).queryKey, answer),
  });
  if (!data) {
    return <p className={look.soft}>{t('workPanel.loading')}</p>;
  }
  const put = (body: Parameters<typeof store.mutate>[0]['body']) =>
    store.mutate({ params: { path: { fish, act: ulid() } }, body });
  return (
    <div className={css.sides}>
      {data.sides.length === 0 && <p className={look.soft}>{t('workPanel.no-side-yet')}</p>}
      {data.sides.map((side) => (
        <section key={side.piece} className={css.side} aria-label={side.name}>
          <div className={css.sideWho}>
            <h3>{side.name}</h3>
            <NativeSelect
              label={t('workPanel.cut-by')}
              value={side.cut_by.id}
              data={people.map((one) => ({ value: one.id, label: one.name }))}
              onChange={(event) => put({ piece: side.piece, cut_by: event.currentTarget.value })}
            />
            <p className={look.soft}>
              {side.judged ? t('workPanel.judged', { who: side.judged }) : t('workPanel.not-judged')}
            </p>
          </div>
          {data.marks.map((mark) => (
            <Grades
              key={mark.mark}
              mark={mark}
              side={side.name}
              grade={side.marks.find((one) => one.mark === mark.mark)?.grade ?? null}
              onJudge={(grade) => put({ piece: side.piece, marks: { [mark.mark]: grade } })}
            />
          ))}
        </section>
      ))}
      <p className={look.fault} role="alert">
        {store.error ? asProblem(store.error).detail : ''}
      </p>
    </div>
  );
}

/** The four drawings of a mark. */
function Grades(props: {
  mark: Workmanship['marks'][number];
  side: string;
  grade: number | null;
  onJudge: (grade: number) => void;
}) {
  const { mark, grade } = props;
  return (
    <fieldset className={css.drawings}>
      <legend className={css.sideMark}>
        <span className={look.visuallyHidden}>{props.side}, </span>
        {mark.name}
      </legend>
      {mark.grades.map((said, i) => (
        <button
          key={said}
          type="button"
          aria-pressed={grade === i}
          className={cx(css.drawing, grade === i && css.drawingChosen)}
          onClick={() => props.onJudge(i)}
        >
          <WorkDrawing mark={mark.mark} grade={i} />
          <span>{said}</span>
        </button>
      ))}
    </fieldset>
  );
}
