import { UnstyledButton } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import type { Choice } from '../api/client';
import { t } from '../lang';
import { look } from './look';
import css from './PartTray.module.css';

/** As many as there are digits; the rest waits behind one more button. */
const UNDER_A_DIGIT = 9;

/** The parts that can be weighed, each under its digit. */
export function PartTray({
  choices,
  chosen,
  onChoose,
}: {
  choices: Choice[];
  chosen: string | null;
  onChoose: (part: string) => void;
}) {
  const [all, setAll] = useState(false);
  const hidden = choices.length - UNDER_A_DIGIT - 1;
  const shown = all || hidden < 1 ? choices : choices.filter((c, i) => i < UNDER_A_DIGIT || c.part === chosen);

  return (
    <div className={cx(css.choices, choices.length === 8 && css.four)}>
      {shown.map((choice) => {
        const digit = choices.indexOf(choice) + 1;
        return (
          <UnstyledButton
            className={look.choice}
            key={choice.part}
            aria-pressed={choice.part === chosen}
            onClick={() => onChoose(choice.part)}
          >
            <span className={look.key} aria-hidden="true">
              {digit <= UNDER_A_DIGIT ? digit : ''}
            </span>
            <span className={look.name}>{choice.name}</span>
            <span className={look.mass}>
              {choice.mass
                ? `${choice.mass.text}${choice.count > 1 ? t('partTray.pieces', { n: choice.count }) : ''}`
                : t('partTray.not-weighed')}
            </span>
          </UnstyledButton>
        );
      })}
      {hidden >= 1 && (
        <UnstyledButton className={cx(look.choice, look.more)} aria-expanded={all} onClick={() => setAll(!all)}>
          <span className={look.name}>{all ? t('partTray.fewer-parts') : t('partTray.more-parts')}</span>
          <span className={look.mass}>
            {all
              ? t('partTray.only-the-usual-ones')
              : choices
                  .slice(UNDER_A_DIGIT)
                  .map((c) => c.name.toLowerCase())
                  .join(', ')}
          </span>
        </UnstyledButton>
      )}
    </div>
  );
}

/** Digits choose the part that stands under them. */
export function digitKeys(choices: { part: string }[], choose: (part: string) => void): Record<string, () => void> {
  return Object.fromEntries(
    choices.slice(0, UNDER_A_DIGIT).map((choice, i) => [String(i + 1), () => choose(choice.part)]),
  );
}
