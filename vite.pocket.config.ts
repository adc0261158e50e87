import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { viteSingleFile } from 'vite-plugin-singlefile';

/** The file a class is carried in, before there is a class in it: one page with everything in it, that fetches nothing. */
export default defineConfig({
  root: 'web/pocket',
  plugins: [react(), viteSingleFile()],
  build: { outDir: '../../dist/pocket', emptyOutDir: true, target: 'es2022', chunkSizeWarningLimit: 1500 },
});
