import { Checkbox, TextInput } from '@mantine/core';
import type { Planner } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import css from './KindsToCut.module.css';

type Plan = Planner['plan'];

type Props = {
  dishes: Planner['dishes'];
  counts: Plan['counts'];
  kinds: Plan['kinds'];
  onKinds: (kinds: Plan['kinds']) => void;
};

/** What may be cut from a fillet: each dish, how many the plan gives, and at most how many are wanted. */
export function KindsToCut({ dishes, counts, kinds, onKinds }: Props) {
  return (
    <ul className={css.kinds}>
      {dishes.map((dish) => {
        const kind = kinds.find((k) => k.dish === dish.id);
        const planned = counts.find((c) => c.dish === dish.id);
        return (
          <li key={dish.id}>
            <Checkbox
              size="lg"
              checked={kind !== undefined}
              onChange={() =>
                onKinds(kind ? kinds.filter((k) => k.dish !== dish.id) : [...kinds, { dish: dish.id, max: null }])
              }
              label={
                <span>
                  <b>{dish.name}</b> {dish.target.text}
                  <br />
                  <span className={look.soft}>{dish.stretch}</span>
                </span>
              }
            />
            {kind && (
              <>
                <b className={css.count}>{planned?.planned ?? 0}</b>
                <TextInput
                  className={css.most}
                  aria-label={t('planner.at-most', { dish: dish.name })}
                  placeholder={t('planner.any')}
                  inputMode="numeric"
                  value={kind.max ?? ''}
                  onChange={(event) => {
                    const typed = event.currentTarget.value.trim();
                    const max = typed === '' ? null : Number(typed);
                    if (max === null || Number.isInteger(max)) {
                      onKinds(kinds.map((k) => (k.dish === dish.id ? { ...k, max } : k)));
                    }
                  }}
                />
              </>
            )}
          </li>
        );
      })}
    </ul>
  );
}
