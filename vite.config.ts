import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

type Modules = { getModuleInfo(id: string): { importedIds: readonly string[] } | null };

const PAGE = new URL('web/src/page.tsx', import.meta.url).pathname;

/** The library's controls that stand on the page before any screen; its other ones belong to screens. */
const CONTROLS = 'ActionIcon|Box|Button|Chip|CloseButton|Group|Input|InputBase|Loader|NativeSelect|PasswordInput';
const FOR_SCREENS = new RegExp(
  `/@mantine/core/esm/components/(?!(?:${CONTROLS}|TextInput|Transition|UnstyledButton)/)`,
);

/** What the page is made of before any screen: all it imports, and all that imports. */
const first = new Set<string>();

function isFirst(id: string, modules: Modules): boolean {
  const open = first.size === 0 ? [PAGE] : [];
  for (let one = open.pop(); one !== undefined; one = open.pop()) {
    if (!first.has(one) && !FOR_SCREENS.test(one)) {
      first.add(one);
      open.push(...(modules.getModuleInfo(one)?.importedIds ?? []));
    }
  }
  return first.has(id);
}

/** The folder of the page a file lies in: a stage of the work, or what all of them use. */
const folder = (id: string): string | undefined => /\/web\/src\/(\w+)\/[^?]*\.(?:tsx?|css)$/.exec(id)?.[1];

/** The screens of a stage come in one file, and what they share in another: thirty to fetch, not three hundred. */
const shelves = [
  { debugName: 'first', name: (id: string, modules: Modules) => (isFirst(id, modules) ? 'first' : null), priority: 3 },
  {
    debugName: 'shared',
    name: (id: string) => (folder(id) === 'ui' || /\/node_modules\/.*\.m?js$/.test(id) ? 'shared' : null),
    priority: 2,
  },
  {
    debugName: 'stage',
    name: (id: string) => (folder(id) === 'lang' ? null : (folder(id) ?? null)),
    priority: 1,
  },
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
