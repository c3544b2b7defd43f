import { t } from '../lang';

/** By the fourteen of the list, but for the fish itself. */
export const BESIDE_FISH = {
  gluten: t('dish.gluten'),
  crustaceans: t('dish.crustaceans'),
  eggs: t('dish.eggs'),
  peanuts: t('dish.peanuts'),
  soy: t('dish.soy'),
  milk: t('dish.milk'),
  nuts: t('dish.nuts'),
  celery: t('dish.celery'),
  mustard: t('dish.mustard'),
  sesame: t('dish.sesame'),
  sulphites: t('dish.sulphites'),
  lupin: t('dish.lupin'),
  molluscs: t('dish.molluscs'),
};

/** All of them. */
export const ALLERGENS = { fish: t('dish.fish-itself'), ...BESIDE_FISH };
