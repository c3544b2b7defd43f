import { readdirSync, readFileSync } from 'node:fs';
import postcss, { type Rule } from 'postcss';
import { describe, expect, it } from 'vitest';

const ROOT = 'web/src';
const sheets = readdirSync(ROOT, { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.module.css'))
  .map((file) => ({ file, root: postcss.parse(readFileSync(`${ROOT}/${file}`, 'utf8')) }));
const classes = (selector: string) => [...selector.matchAll(/\.([a-zA-Z][\w-]*)/g)].map(([, name]) => name ?? '');
const selectors = (root: postcss.Root) => {
  const found: string[] = [];
  root.walkRules((rule: Rule) => {
    found.push(...rule.selectors);
  });
  return found;
};
/** Classes that are dressed for all screens; a screen may add to them beneath a class of its own. */
const common = new Set(
  sheets.filter(({ file }) => file.startsWith('ui/')).flatMap(({ root }) => selectors(root).flatMap(classes)),
);

describe('the looks of the page', () => {
  it('keep to their own stage: no class of one is dressed by another', () => {
    const stages = new Map<string, Set<string>>();
    for (const { file, root } of sheets.filter((sheet) => !sheet.file.startsWith('ui/'))) {
      const stage = file.split('/')[0] ?? '';
      for (const selector of selectors(root)) {
        const leading = classes(selector).find((name) => !common.has(name) && !name.startsWith('mantine'));
        if (leading !== undefined) {
          stages.set(leading, (stages.get(leading) ?? new Set()).add(stage));
        }
      }
    }
    const torn = [...stages].filter(([, of]) => of.size > 1).map(([name, of]) => `${name}: ${[...of].join(', ')}`);
    expect(torn).toEqual([]);
  });

  it('are left alone by a screen: no rule of one begins with what another sheet dresses', () => {
    const stageOf = (file: string) => file.split('/')[0] ?? '';
    const compounds = (selector: string) => selector.split(/[\s>+~]+/);
    const dressed = sheets.flatMap(({ file, root }) =>
      selectors(root).flatMap((selector) =>
        // What stages share dresses its own last word; of a stage's rules each word may stand alone on a screen.
        classes(stageOf(file) === 'ui' ? (compounds(selector).at(-1) ?? '') : selector).map((name) => ({
          name,
          stage: stageOf(file),
        })),
      ),
    );
    const stray = sheets
      .filter(({ file }) => stageOf(file) !== 'ui')
      .flatMap(({ file, root }) => {
        const elsewhere = new Set(dressed.filter(({ stage }) => stage !== stageOf(file)).map(({ name }) => name));
        const taken = (selector: string) => {
          const leading = classes(compounds(selector)[0] ?? '');
          return leading.length > 0 && leading.every((name) => elsewhere.has(name));
        };
        return selectors(root)
          .filter(taken)
          .map((selector) => `${file}: ${selector}`);
      });
    expect(stray).toEqual([]);
  });

  it('stand in their layer: what screens share never beats a screen', () => {
    const loose = sheets
      .filter(({ file }) => file.startsWith('ui/'))
      .filter(({ root }) => root.nodes.some((node) => node.type !== 'atrule' || node.name !== 'layer'))
      .map(({ file }) => file);
    expect(loose).toEqual([]);
  });
});
