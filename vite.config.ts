import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { unpackFonts } from './scripts/unpackFonts';

const server = `http://127.0.0.1:${process.env.VESPERUM_PORT ?? 4780}`;

/** What several parts of the interface share, and below how many bytes it is put together with its like. */
const SHARED = 'shared';
const LEAST_SHARED = 5_000;

export default defineConfig({
  root: 'web',
  plugins: [
    react(),
    unpackFonts(),
    VitePWA({
      strategies: 'injectManifest',
      srcDir: '.',
      filename: 'serviceWorker.ts',
      // The page registers it itself: the server's policy lets no script stand in the page.
      injectRegister: false,
      manifest: false,
      injectManifest: {
        // Faces of Chinese names and of paper are kept as they are used: there are hundreds.
        globPatterns: ['**/*.{js,css,html,svg}', 'assets/{alegreya,source-sans}*.woff2'],
        maximumFileSizeToCacheInBytes: 4_000_000,
      },
    }),
  ],
  // Nothing is inlined: the server's policy lets fonts and pictures come from files only.
  build: {
    assetsInlineLimit: 0,
    outDir: '../dist/web',
    emptyOutDir: true,
    target: 'es2022',
    chunkSizeWarningLimit: 1200,
    rolldownOptions: {
      output: {
        // What the same parts share comes in one file with what is needed by almost the same: a page asks for half as many.
        codeSplitting: {
          groups: [{ name: SHARED, minShareCount: 2, entriesAware: true, entriesAwareMergeThreshold: LEAST_SHARED }],
        },
        // Put together so, files may need each other: each waits until what it needs has run.
        strictExecutionOrder: true,
        chunkFileNames: ({ name }) => `assets/${name.startsWith(SHARED) ? SHARED : '[name]'}-[hash].js`,
      },
    },
  },
  server: {
    host: '127.0.0.1',
    // The server only talks to pages of its own address; in development this stands in for it.
    proxy: { '/api': { target: server, changeOrigin: true, headers: { origin: server } } },
  },
});
