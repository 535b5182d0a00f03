import node from '@astrojs/node';
import react from '@astrojs/react';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'astro/config';
import { offline } from './scripts/offline.mjs';
import { leanTypebox } from './scripts/lean-typebox.mjs';
import { leanVexflow } from './scripts/lean-vexflow.mjs';

export default defineConfig({
  output: 'server',
  adapter: node({ mode: 'standalone' }),
  integrations: [react(), offline()],
  devToolbar: { enabled: false },
  vite: {
    plugins: [tailwindcss(), leanVexflow(), leanTypebox()],
    // The same database library without the code for browsers that cannot run the rest of the application either.
    resolve: { alias: [{ find: /^dexie$/, replacement: 'dexie/dist/modern/dexie.min.mjs' }] },
    // No lists of what each part that comes later brings along: they cost 2 KB of the first load.
    build: { modulePreload: { resolveDependencies: () => [] } },
    worker: { format: 'es', plugins: () => [leanTypebox()] },
  },
});
