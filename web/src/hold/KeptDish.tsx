import { Button, UnstyledButton } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import type { Kept } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import css from './KeptDish.module.css';
import { usePress } from './usePress';

type Dish = Kept['dishes'][number];

/** The stroke is as long as an evening, minutes. */
const EVENING = 240;

const MOST_AT_ONCE = 12;

/** One dish on the pass: the figure is a button that serves one, held it asks how many. */
export function KeptDish(props: { dish: Dish; opened: boolean; onServe: (count: number) => void; onOpen: () => void }) {
  const { dish } = props;
  const [several, setSeveral] = useState(false);
  const press = usePress(
    () => props.onServe(1),
    () => setSeveral(true),
  );
  const gone = dish.left === 0 && (dish.served > 0 || dish.kept > 0);
  return (
    <li className={cx(css.keptDish, gone && css.dishGone)}>
      <UnstyledButton
        className={css.dishServe}
        disabled={dish.left === 0}
        aria-label={t('kept.serve-one', { name: dish.name, left: dish.left })}
        {...press}
      >
        <b className={css.dishLeft} data-testid={`left-${dish.name}`}>
          {dish.left}
        </b>
        <span className={css.dishName}>{dish.name}</span>
        <span className={look.soft}>{sentence(dish)}</span>
      </UnstyledButton>
      <div className={css.dishStroke} aria-hidden="true">
        {dish.lasts_minutes !== null && (
          <i style={{ width: `${Math.min(100, (100 * dish.lasts_minutes) / EVENING)}%` }} />
        )}
      </div>
      <div className={css.dishMore}>
        <Button variant="default" disabled={dish.left < 2} onClick={() => setSeveral(!several)}>
          {t('kept.several')}
        </Button>
        <Button variant="default" aria-expanded={props.opened} onClick={props.onOpen}>
          {t('kept.trays')}
        </Button>
      </div>
      {several && (
        <fieldset className={css.dishSeveral} aria-label={t('kept.how-many-of', { name: dish.name })}>
          {Array.from({ length: Math.min(MOST_AT_ONCE, dish.left) }, (_, i) => i + 1).map((count) => (
            <Button
              key={count}
              variant="default"
              onClick={() => {
                props.onServe(count);
                setSeveral(false);
              }}
            >
              {count}
            </Button>
          ))}
        </fieldset>
      )}
    </li>
  );
}

function sentence(dish: Dish): string {
  if (dish.kept === 0 && dish.served === 0) {
    return t('kept.not-yet', { need: dish.need ?? 0 });
  }
  if (dish.left === 0) {
    return dish.substitute
      ? t('kept.offer', { name: dish.substitute.name, left: dish.substitute.left })
      : t('kept.sold-out');
  }
  if (dish.lasts_minutes !== null) {
    return t('kept.lasts', { minutes: Math.round(dish.lasts_minutes), served: dish.served });
  }
  return dish.served > 0 ? t('kept.served', { served: dish.served }) : t('kept.none-served');
}
