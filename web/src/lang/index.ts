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

/** The languages of the page, each by its own name. */
const LANGUAGES = { en: 'English', es: 'Español', fr: 'Français' } as const;

export type Language = keyof typeof LANGUAGES;

/** To choose from. */
export const languages = () => Object.entries(LANGUAGES).map(([value, label]) => ({ value: value as Language, label }));

/** What a tablet was last read in; the server reads it too. */
const COOKIE = 'sectum_language';

/** English comes with the page, since every sentence that is missing elsewhere is said in it; the others when asked. */
const english = import.meta.glob<Record<string, string>>('./en/*.json', { eager: true, import: 'default' });
const others = import.meta.glob<Record<string, string>>(['./*/*.json', '!./en/*.json'], { import: 'default' });

const known = (code: string | undefined): code is Language => code !== undefined && code in LANGUAGES;

function asked(): Language {
  const last = document.cookie.match(new RegExp(`${COOKIE}=(\\w\\w)`))?.[1];
  const wished = [last, ...navigator.languages.map((one) => one.slice(0, 2))];
  return wished.find(known) ?? 'en';
}

/** What the page is read in, from before anything is drawn until it is loaded again. */
export const language: Language = asked();

const page = i18next.createInstance();
page.init({
  lng: language,
  fallbackLng: 'en',
  resources: { en: { page: Object.assign({}, ...Object.values(english)) } },
  defaultNS: 'page',
  ns: ['page'],
  keySeparator: false,
  nsSeparator: false,
  initAsync: false,
  interpolation: { escapeValue: false, prefix: '{', suffix: '}' },
});

/** The words of the page's language are there: only then may a module say something as it is read. */
export async function spoken(): Promise<void> {
  document.documentElement.lang = language;
  const files = Object.entries(others).filter(([path]) => path.startsWith(`./${language}/`));
  for (const words of await Promise.all(files.map(([, fetch]) => fetch()))) {
    page.addResourceBundle(language, 'page', words, true);
  }
}

/** From now on this tablet is read in another language: all of the page, so it is loaded again. */
export function speak(other: Language) {
  // biome-ignore lint/suspicious/noDocumentCookie: over plain HTTP there is no store of cookies
  document.cookie = `${COOKIE}=${other}; path=/; max-age=31536000; samesite=lax`;
  location.reload();
}

/** A figure as the page's language writes it, with so many decimals. */
export function figure(value: number, decimals: number): string {
  return marked(value.toFixed(decimals));
}

/** For dates and times of the page's own. */
export const LOCALE = language === 'en' ? 'en-GB' : language;

/** Before the decimals of a figure that is typed. */
export const MARK = language === 'en' ? '.' : ',';

const marked = (number: string) => number.replace('.', MARK);

/** A number as it is typed into a field, with the page's own mark; empty where there is none. */
export const inMark = (value: number | null | undefined): string => marked(String(value ?? ''));

/** A number that was typed, with the page's own mark or a point; not a number where it is none. */
export const amount = (text: string): number => Number(text.trim().replace(MARK, '.'));

/** A number as the page's language writes it; the one a plural goes by stays a number. */
const written = (name: string, value: Values[string]) =>
  typeof value === 'number' && name !== 'count' ? marked(String(value)) : (value ?? '');

/** A sentence in the language of the page, its values in place. What has no value leaves its place empty. */
export function t(key: Key, values: Values = {}): string {
  const filled = Object.fromEntries(Object.entries(values).map(([name, value]) => [name, written(name, value)]));
  return page.t(key, filled);
}
