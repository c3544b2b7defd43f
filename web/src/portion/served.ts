import type { Dish } from '../api/client';
import { t } from '../lang';

/** How a dish reaches the guest. */
export const SERVED: Record<Dish['service'], string> = {
  cooked: t('dish.cooked'),
  raw: t('dish.raw'),
  seared: t('dish.seared'),
  marinated: t('dish.marinated'),
  'lightly-cured': t('dish.lightly-cured'),
  cured: t('dish.cured'),
};

export const CLASSES = Object.keys(SERVED) as Dish['service'][];

/** What is done to a portion once it is cut. */
export const PREPARED: Record<Dish['preparations'][number], string> = {
  square: t('dish.square'),
  'skin-off': t('dish.skin-off'),
  score: t('dish.score'),
  slant: t('dish.slant'),
  fold: t('dish.fold'),
  roll: t('dish.roll'),
  slice: t('dish.slice'),
  tie: t('dish.tie'),
};

export const PREPS = Object.keys(PREPARED) as Dish['preparations'];
