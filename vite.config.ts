import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

type Modules = { getModuleInfo(id: string): { importedIds: readonly string[] } | null };

const MAIN = new URL('web/src/main.tsx', import.meta.url).pathname;
const PAGE = new URL('web/src/page.tsx', import.meta.url).pathname;

/** The library's controls that stand on the page before any screen; its other ones belong to screens. */
const CONTROLS = 'ActionIcon|Box|Button|Chip|CloseButton|Group|Input|InputBase|Loader|NativeSelect|PasswordInput';
const FOR_SCREENS = new RegExp(
  `/@mantine/core/esm/components/(?!(?:${CONTROLS}|TextInput|Transition|UnstyledButton)/)`,
);

/** Whether a file is among what another is made of: all it imports, and all that imports. */
function within(root: string): (id: string, modules: Modules) => boolean {
  const all = new Set<string>();
  return (id, modules) => {
    const open = all.size === 0 ? [root] : [];
    for (let one = open.pop(); one !== undefined; one = open.pop()) {
      if (!all.has(one) && !FOR_SCREENS.test(one)) {
        all.add(one);
        open.push(...(modules.getModuleInfo(one)?.importedIds ?? []));
      }
    }
    return all.has(id);
  };
}

/** The folder of the page a file lies in: a stage of the work, or what all of them use. */
const folder = (id: string): string | undefined => /\/web\/src\/(\w+)\/[^?]*\.(?:tsx?|css)$/.exec(id)?.[1];

type Shelf = { debugName: string; name: (id: string, modules: Modules) => string | null; priority: number };

/** One file of all that belongs on it, taken from whatever has a lower priority. */
const shelf = (file: string, priority: number, holds: (id: string, modules: Modules) => boolean): Shelf => ({
  debugName: file,
  name: (id, modules) => (holds(id, modules) ? file : null),
  priority,
});

/** The screens of a stage come in one file, and what they share in another: thirty to fetch, not three hundred. */
const shelves: Shelf[] = [
  // The words are there before the page is read: a module may say something as it is.
  shelf('words', 4, within(MAIN)),
  shelf('first', 3, within(PAGE)),
  shelf('shared', 2, (id) => folder(id) === 'ui' || /\/node_modules\/.*\.m?js$/.test(id)),
  { debugName: 'stage', name: (id) => (folder(id) === 'lang' ? null : (folder(id) ?? null)), priority: 1 },
];

export default defineConfig({
  plugins: [laravel({ input: ['web/src/main.tsx'], refresh: false }), react()],
  // A class keeps the name it is written with: a module's own rules begin with a class of its own (looks.test.ts).
  css: { modules: { generateScopedName: '[local]', localsConvention: 'camelCaseOnly' } },
  build: {
    chunkSizeWarningLimit: 900,
    rolldownOptions: { output: { codeSplitting: { groups: shelves } } },
  },
});
