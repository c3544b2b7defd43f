import type { Form } from '../api/client';
import { t } from '../lang';

export type State = 'round' | 'gutted' | 'gutted and scaled' | 'headless' | 'side' | 'tail';

export const STATES: Record<State, string> = {
  round: t('states.whole-ungutted'),
  gutted: t('states.gutted'),
  'gutted and scaled': t('states.gutted-and-scaled'),
  headless: t('states.headless'),
  side: t('states.side'),
  tail: t('states.tail'),
};

export const FORMS: Record<Form, string> = {
  round: t('states.round'),
  flat: t('states.flat'),
  tail: t('states.tail-only'),
};

export const chipsOf = <T extends string>(words: Record<T, string>) =>
  (Object.keys(words) as T[]).map((value) => ({ value, label: words[value] }));
