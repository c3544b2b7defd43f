import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [laravel({ input: ['web/src/main.tsx'], refresh: false }), react()],
  // A class keeps the name it is written with: a module's own rules begin with a class of its own (looks.test.ts).
  css: { modules: { generateScopedName: '[local]', localsConvention: 'camelCaseOnly' } },
  build: { chunkSizeWarningLimit: 900 },
});
