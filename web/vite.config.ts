import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';

// A message goes into the chunk that shows it, not into one with all messages of its folder.
const rolldownOptions = { optimization: { inlineConst: { mode: 'all' as const, pass: 2 } } };

// What most pages need is one file: many small ones compress worse.
const pages = {
  ...rolldownOptions,
  output: { advancedChunks: { groups: [{ name: 'common', minShareCount: 30 }] } },
};

export default defineConfig({
  plugins: [react(), tailwindcss()],
  resolve: {
    alias: [{ find: /^zod$/, replacement: fileURLToPath(new URL('src/shared/csp/zod.ts', import.meta.url)) }],
  },
  build: { assetsInlineLimit: 0, manifest: true, sourcemap: false, rolldownOptions: pages },
  worker: { format: 'es', rolldownOptions },
  // The server hears only pages of its own: the host is left as the page has it.
  server: { proxy: { '/api': { target: 'http://127.0.0.1:4620', changeOrigin: false } } },
});
