/// <reference types="vitest/config" />
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';
import { compression } from 'vite-plugin-compression2';
import { texts } from './texts/plugin';

/** Names all parts in the page, so that its keeper has every view without a line to the shop (public/keeper.js). */
const namesItsParts: Plugin = {
  name: 'names-its-parts',
  transformIndexHtml: {
    order: 'post',
    handler: (_, { bundle }) => [
      {
        tag: 'meta',
        attrs: {
          name: 'geminal-parts',
          content: Object.keys(bundle ?? {})
            .filter((file) => file.startsWith('assets/') && !/\.(br|gz)$/.test(file))
            .map((file) => `/${file}`)
            .sort()
            .join(' '),
        },
        injectTo: 'head',
      },
    ],
  },
};

export default defineConfig({
  plugins: [
    texts(),
    react(),
    tailwindcss(),
    namesItsParts,
    // Compressed once, when built, not for every visitor.
    compression({ include: /\.(js|css)$/, algorithms: ['brotliCompress'] }),
  ],
  build: { outDir: 'target/classes/static', emptyOutDir: true, assetsInlineLimit: 0 },
  server: { port: 5173, proxy: { '/api': 'http://127.0.0.1:8420' } },
  test: {
    // A page to render into takes most of the time of a small test: only .tsx tests get one.
    projects: [
      {
        extends: true,
        test: {
          name: 'figures',
          environment: 'node',
          setupFiles: ['src/lib/testSetup.ts'],
          include: ['src/**/*.test.ts', 'texts/*.test.ts'],
        },
      },
      {
        extends: true,
        test: {
          name: 'pages',
          environment: 'jsdom',
          // On a machine that is busy with other tests; none is about time.
          testTimeout: 60_000,
          setupFiles: ['src/lib/testSetup.ts', 'src/lib/pageSetup.ts'],
          include: ['src/**/*.test.tsx'],
        },
      },
    ],
  },
});
