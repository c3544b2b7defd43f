import { readdirSync, readFileSync } from 'node:fs';
import ts from 'typescript';
import { describe, expect, it, vi } from 'vitest';
import { type Key, t } from '.';

const ROOT = 'web/src';
const words: Record<string, string> = Object.assign(
  {},
  ...readdirSync(`${ROOT}/lang/en`).map((file) => JSON.parse(readFileSync(`${ROOT}/lang/en/${file}`, 'utf8'))),
);
const base = (key: string) => key.replace(/_(one|other)$/, '');
const places = (text: string) => [...text.matchAll(/\{(\w+)\}/g)].map(([, name]) => name ?? '');

type Said = { file: string; key: string; values: string[] };

/** Every call of `t` in the page's source, and every text between tags that is not said by key. */
function read(): { said: Said[]; bare: string[] } {
  const said: Said[] = [];
  const bare: string[] = [];
  const files = readdirSync(ROOT, { recursive: true, encoding: 'utf8' }).filter(
    (file) => /\.tsx?$/.test(file) && !/\.test\.|schema\.d/.test(file),
  );
  for (const file of files) {
    const source = ts.createSourceFile(file, readFileSync(`${ROOT}/${file}`, 'utf8'), ts.ScriptTarget.Latest, true);
    const walk = (node: ts.Node): void => {
      if (ts.isJsxText(node) && /[a-z]{2}/i.test(node.text)) {
        bare.push(`${file}: ${node.text.trim()}`);
      }
      if (ts.isCallExpression(node) && node.expression.getText() === 't') {
        const [key, values] = node.arguments;
        const given = values && ts.isObjectLiteralExpression(values) ? values.properties : [];
        if (key && ts.isStringLiteral(key)) {
          said.push({ file, key: key.text, values: given.map((value) => value.name?.getText() ?? '') });
        }
      }
      ts.forEachChild(node, walk);
    };
    walk(source);
  }
  return { said, bare };
}

describe('the words of the page', () => {
  const { said, bare } = read();

  it('stand in the language files and nowhere else', () => {
    expect(bare).toEqual([]);
  });

  it('are all said somewhere', () => {
    const heard = new Set(said.map(({ key }) => key));
    expect(Object.keys(words).filter((key) => !heard.has(base(key)))).toEqual([]);
  });

  it('have every place filled by the screen that says them', () => {
    const forms = new Map<string, [string, string][]>();
    for (const form of Object.entries(words)) {
      forms.set(base(form[0]), [...(forms.get(base(form[0])) ?? []), form]);
    }
    const unfilled = said.flatMap(({ file, key, values }) =>
      (forms.get(key) ?? [])
        .flatMap(([one, text]) => places(text).map((place) => ({ one, place })))
        .filter(({ place }) => !values.includes(place))
        .map(({ one, place }) => `${file}: ${one} {${place}}`),
    );
    expect(unfilled).toEqual([]);
  });

  it('have both forms where they are counted', () => {
    const odd = Object.keys(words).filter(
      (key) => key !== base(key) && !(`${base(key)}_one` in words && `${base(key)}_other` in words),
    );
    expect(odd).toEqual([]);
  });

  it.each(readdirSync(`${ROOT}/lang`).filter((one) => /^[a-z]{2}$/.test(one) && one !== 'en'))(
    'are all there in %s, with the same places, and none that nobody says',
    (language) => {
      for (const file of readdirSync(`${ROOT}/lang/en`)) {
        const read = (of: string): Record<string, string> =>
          JSON.parse(readFileSync(`${ROOT}/lang/${of}/${file}`, 'utf8'));
        const [english, theirs] = [read('en'), read(language)];
        expect(Object.keys(theirs), file).toEqual(Object.keys(english));
        const odd = Object.keys(english).filter(
          (key) => `${places(english[key] ?? '').sort()}` !== `${places(theirs[key] ?? '').sort()}`,
        );
        expect(odd, file).toEqual([]);
      }
    },
  );

  it('put a value in its place and leave the place of none empty', () => {
    const key: Key = 'planner.left-over';
    expect(t(key, { count: 1, left_over: '40 g' })).toBe('portion, 40 g left over');
    expect(t(key, { count: 3, left_over: null })).toBe('portions,  left over');
  });

  it.each([
    ['en', '63.3 % trimmed, our 18 fish'],
    ['es', '63,3 %'],
    ['fr', '63,3 %'],
  ])('are written in %s with its own mark, and counted all the same', async (code, written) => {
    vi.resetModules();
    vi.stubGlobal('document', { cookie: `sectum_language=${code}`, documentElement: {} });
    const there = await import('.');
    await there.spoken();
    expect(there.t('order.yield', { count: 18, pct: 63.3 })).toContain(written);
    expect(there.t('order.yield', { count: 1, pct: 63 })).not.toMatch(/[.,]\d/);
    // What a field is filled with is read back as it was, whichever mark is typed into it then.
    expect(there.amount(there.inMark(58.6))).toBe(58.6);
    expect(there.amount(' 0.95 ')).toBe(0.95);
    expect(there.amount('0,95')).toEqual(code === 'en' ? Number.NaN : 0.95);
    expect([there.inMark(null), there.inMark(3)]).toEqual(['', '3']);
    vi.unstubAllGlobals();
  });
});
