import type { Form } from '../api/client';

export type State = 'round' | 'gutted' | 'gutted and scaled' | 'headless' | 'side' | 'tail';

export const STATES: Record<State, string> = {
  round: 'Whole, ungutted',
  gutted: 'Gutted',
  'gutted and scaled': 'Gutted and scaled',
  headless: 'Headless',
  side: 'Side',
  tail: 'Tail',
};

export const FORMS: Record<Form, string> = { round: 'Round', flat: 'Flat', tail: 'Tail only' };

export const chipsOf = <T extends string>(words: Record<T, string>) =>
  (Object.keys(words) as T[]).map((value) => ({ value, label: words[value] }));
