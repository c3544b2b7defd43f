import { UnstyledButton } from '@mantine/core';
import type { LearnerDetail } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import type { Skill } from './drill';
import css from './PractiseScreen.module.css';
import { PROGRESS, SKILLS } from './skills';

type Props = {
  skills: LearnerDetail['skills'];
  open: Skill[];
  onPractise?: (skill: Skill) => void;
  busy?: boolean;
};

/** A line a skill from nothing to full marks: where this person stands, and how wide the doubt is. */
export function SkillLines({ skills, open, onPractise, busy }: Props) {
  return (
    <ul className={css.practiseSkills}>
      {skills.map((one) => {
        const can = open.includes(one.skill);
        return (
          <li key={one.skill} data-progress={one.progress}>
            {onPractise && can ? (
              <UnstyledButton
                className={css.practiseSkillName}
                disabled={busy}
                aria-label={t('practise.practise-this', { skill: SKILLS[one.skill] })}
                onClick={() => onPractise(one.skill)}
              >
                {SKILLS[one.skill]}
              </UnstyledButton>
            ) : (
              <span className={css.practiseSkillName}>{SKILLS[one.skill]}</span>
            )}
            <svg viewBox="0 0 200 24" preserveAspectRatio="none" aria-hidden="true">
              <path d="M0 12H200" className={css.practiseTrack} />
              <path d="M150 3v18" className={css.practiseAsked} />
              {one.low_pct !== null && one.high_pct !== null && (
                <path d={`M${2 * one.low_pct} 12H${2 * one.high_pct}`} className={css.practiseDoubt} />
              )}
              {one.mean_pct !== null && <path d={`M${2 * one.mean_pct} 4v16`} className={css.practiseMean} />}
            </svg>
            <span>
              <b>{can || one.drills > 0 ? PROGRESS[one.progress] : t('practise.not-open')}</b>
              {one.drills > 0 && ` · ${t('practise.drills', { count: one.drills, drills: one.drills })}`}
              <small className={look.soft}>
                {one.mean_pct !== null && t('practise.mean', { mean: Math.round(one.mean_pct) })}
                {one.low_pct !== null &&
                  one.high_pct !== null &&
                  `, ${t('practise.doubt', { low: Math.round(one.low_pct), high: Math.round(one.high_pct) })}`}
              </small>
            </span>
          </li>
        );
      })}
    </ul>
  );
}
