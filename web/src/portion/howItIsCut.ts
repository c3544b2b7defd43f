import type { Dish } from '../api/client';

type Cut = Pick<
  Dish,
  | 'name'
  | 'target'
  | 'minus'
  | 'plus'
  | 'species'
  | 'stretch'
  | 'service'
  | 'preparations'
  | 'fat_grades'
  | 'per_plate'
  | 'treatment'
  | 'size_of'
  | 'share_pct'
  | 'allergens'
  | 'slant_deg'
  | 'min_thickness_mm'
  | 'max_thickness_mm'
  | 'min_evenness'
  | 'priority'
> & { value?: string | null };

/** What a dish is besides its plate, as it is written down. */
export function howItIsCut(dish: Cut) {
  const {
    name,
    target,
    minus,
    plus,
    species,
    stretch,
    service,
    preparations,
    fat_grades,
    slant_deg,
    priority,
    value,
    per_plate,
    treatment,
  } = dish;
  const { size_of, share_pct, allergens } = dish;
  const { min_thickness_mm, max_thickness_mm, min_evenness } = dish;
  return {
    name,
    target,
    minus: minus || '0',
    plus: plus || '0',
    species,
    stretch,
    service,
    preparations,
    fat_grades,
    per_plate,
    treatment,
    size_of,
    share_pct,
    allergens: allergens as 'milk'[],
    slant_deg,
    min_thickness_mm,
    max_thickness_mm,
    min_evenness,
    priority,
    ...(value ? { value } : {}),
  };
}
