import i18next from 'i18next';
import type api from './en/api.json';
import type breakdown from './en/breakdown.json';
import type cost from './en/cost.json';
import type fish from './en/fish.json';
import type hold from './en/hold.json';
import type kitchen from './en/kitchen.json';
import type log from './en/log.json';
import type plan from './en/plan.json';
import type portion from './en/portion.json';
import type practise from './en/practise.json';
import type receive from './en/receive.json';
import type route from './en/route.json';
import type ui from './en/ui.json';

type Words = typeof api &
  typeof breakdown &
  typeof cost &
  typeof fish &
  typeof hold &
  typeof kitchen &
  typeof log &
  typeof plan &
  typeof portion &
  typeof practise &
  typeof receive &
  typeof route &
  typeof ui;

/** A sentence of the page, by the screen that says it and what it says: `door.add-a-line`. */
export type Key = Counted<keyof Words>;

/** A sentence with a number has one form for one and one for more, or what else a language needs: `_one`, `_other`. */
type Counted<K> = K extends `${infer Base}_one` | `${infer Base}_other` ? Base : K;

/** What stands in a sentence's braces. A number comes without its unit: the words are in the sentence. */
type Values = Record<string, string | number | null | undefined>;

const files = import.meta.glob<Record<string, string>>('./*/*.json', { eager: true, import: 'default' });

/** Every language found beside this file, `./en/receive.json` and its like: a new one is a folder, not code. */
const resources: Record<string, { page: Record<string, string> }> = {};
for (const [path, words] of Object.entries(files)) {
  const [, language = 'en'] = path.split('/');
  resources[language] = { page: { ...resources[language]?.page, ...words } };
}

const page = i18next.createInstance();
page.init({
  lng: document.documentElement.lang || 'en',
  fallbackLng: 'en',
  resources,
  defaultNS: 'page',
  ns: ['page'],
  keySeparator: false,
  nsSeparator: false,
  initAsync: false,
  interpolation: { escapeValue: false, prefix: '{', suffix: '}' },
});

/** A sentence in the language of the page, its values in place. What has no value leaves its place empty. */
export function t(key: Key, values: Values = {}): string {
  const filled = Object.fromEntries(Object.entries(values).map(([name, value]) => [name, value ?? '']));
  return page.t(key, filled);
}
