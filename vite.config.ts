import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { unpackFonts } from './scripts/unpackFonts';

const server = `http://127.0.0.1:${process.env.VESPERUM_PORT ?? 4780}`;

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
  },
  server: {
    host: '127.0.0.1',
    // The server only talks to pages of its own address; in development this stands in for it.
    proxy: { '/api': { target: server, changeOrigin: true, headers: { origin: server } } },
  },
});
