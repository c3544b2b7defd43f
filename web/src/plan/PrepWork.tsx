import cx from 'clsx';
import type { PrepDay, PrepTask } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import css from './PrepWork.module.css';
import { hourOf } from './prepTime';
import { taskName } from './prepWords';

/** The same in words, hand by hand: what is done in which order, to read or to print. */
export function PrepWork({ day, onChoose }: { day: PrepDay; onChoose: (task: string) => void }) {
  const hands = day.cutters.filter((one) => !one.off);
  const alone = inOrder(day.tasks.filter((one) => !one.hands));
  return (
    <div className={css.prepWork}>
      {hands.map((hand) => {
        const tasks = inOrder(day.tasks.filter((one) => one.cutter === hand.id));
        return (
          <section key={hand.id} aria-label={t('prep.work-of', { name: hand.name })}>
            <h2>{hand.name}</h2>
            {tasks.length === 0 ? (
              <p className={look.soft}>{t('prep.no-work')}</p>
            ) : (
              <Lines tasks={tasks} onChoose={onChoose} />
            )}
          </section>
        );
      })}
      {alone.length > 0 && (
        <section aria-label={t('prep.by-itself')}>
          <h2>{t('prep.by-itself')}</h2>
          <Lines tasks={alone} onChoose={onChoose} />
        </section>
      )}
    </div>
  );
}

function inOrder(tasks: PrepTask[]): PrepTask[] {
  return tasks.filter((one) => one.start !== null).sort((a, b) => (a.start ?? 0) - (b.start ?? 0));
}

function Lines({ tasks, onChoose }: { tasks: PrepTask[]; onChoose: (task: string) => void }) {
  return (
    <ol>
      {tasks.map((one) => (
        <li key={one.id}>
          <button type="button" onClick={() => onChoose(one.id)}>
            <b>{hourOf(one.start ?? 0)}</b>
            <span className={cx(one.late > 0 && css.prepLate)}>
              {taskName(one)}
              {one.late > 0 && `, ${t('prep.so-late', { count: Math.ceil(one.late) })}`}
            </span>
            {one.pinned && <i>{t('prep.kept-so')}</i>}
          </button>
        </li>
      ))}
    </ol>
  );
}
