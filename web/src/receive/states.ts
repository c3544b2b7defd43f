import type { Form } from '../api/client';
import { t } from '../lang';
import { lowerFirst } from '../ui/words';

export type State = 'round' | 'gutted' | 'gutted and scaled' | 'headless' | 'side' | 'bone-in side' | 'tail';

const STATES: Record<State, string> = {
  round: t('states.whole-ungutted'),
  gutted: t('states.gutted'),
  'gutted and scaled': t('states.gutted-and-scaled'),
  headless: t('states.headless'),
  side: t('states.side'),
  'bone-in side': t('states.bone-in-side'),
  tail: t('states.tail'),
};

/** How a fish was bought, within a sentence. */
export const stateIn = (state: string) => lowerFirst(STATES[state as State] ?? state);

export const FORMS: Record<Form, string> = {
  round: t('states.round'),
  flat: t('states.flat'),
  tail: t('states.tail-only'),
};

/** The states of those a build comes in, in their words; all of them while the build is not known. */
export const statesOf = (states: State[] | undefined): Partial<Record<State, string>> =>
  states ? Object.fromEntries(states.map((state) => [state, STATES[state]])) : STATES;

export const chipsOf = <T extends string>(words: Partial<Record<T, string>>) =>
  (Object.keys(words) as T[]).map((value) => ({ value, label: words[value] ?? value }));
