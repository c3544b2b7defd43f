import cx from 'clsx';
import type { InspectionForm } from '../api/client';
import { t } from '../lang';
import css from './FatGrades.module.css';

type Grade = InspectionForm['fat_grades'][number]['grade'];

const INK = '#12202a';
const FAT = '#ffffff';

/** Lines of fat in a steak cut across: each grade adds its own to those before. */
const LINES: Record<Grade, string[]> = {
  lean: [],
  good: ['M22 34q8 4 16 0'],
  fat: ['M22 34q8 4 16 0', 'M14 24q16-6 32 0', 'M12 18q18-8 36 0', 'M20 29q10 3 20 0'],
};

/** How fat the lot was landed: three drawings of a steak, one tap. */
export function FatGrades(props: { form: InspectionForm; grade: Grade | null; onGrade: (grade: Grade) => void }) {
  return (
    <fieldset className={css.fat}>
      <legend>{t('inspect.fat-grade')}</legend>
      {props.form.fat_grades.map(({ grade, says }) => (
        <button
          key={grade}
          type="button"
          aria-pressed={props.grade === grade}
          aria-label={says}
          title={says}
          className={cx(css.fatGrade, props.grade === grade && css.fatChosen)}
          onClick={() => props.onGrade(grade)}
        >
          <svg viewBox="0 0 60 44" aria-hidden="true" fill="none" strokeLinecap="round">
            <path d="M30 4Q52 6 54 22 52 40 38 40L30 34 22 40Q8 40 6 22 8 6 30 4z" fill="#e59a86" stroke={INK} />
            <circle cx="30" cy="22" r="3" fill={FAT} stroke={INK} />
            {LINES[grade].map((line) => (
              <path key={line} d={line} stroke={FAT} strokeWidth="2.6" />
            ))}
          </svg>
          {says.split(':')[0]}
        </button>
      ))}
    </fieldset>
  );
}
