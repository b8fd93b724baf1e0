import { defineConfig } from 'vite';
import react from '@vitejs/plugin-react';

export default defineConfig({
  root: 'web',
  plugins: [react()],
  worker: { format: 'es' },
  build: {
    outDir: '../dist',
    emptyOutDir: true,
    target: 'es2022',
    assetsInlineLimit: 0,
    // What several stations share is one file, not one a module: a tablet asks six at a time.
    rolldownOptions: { output: { codeSplitting: { groups: [{ name: 'shared', minShareCount: 3, maxModuleSize: 60_000 }] } } },
  },
  css: {
    preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] } },
  },
  server: { port: 5173, strictPort: true, host: '127.0.0.1', proxy: { '/api': 'http://127.0.0.1:4600' } },
});
