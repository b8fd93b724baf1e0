import react from '@vitejs/plugin-react';
import path from 'node:path';
import { defineConfig, type Plugin } from 'vite';

/** The theme's sheet before those of the screens: what a screen says of its own parts wins over it, whatever chunk it came in. */
const themeFirst = (): Plugin => ({
  name: 'theme-first',
  transformIndexHtml: {
    order: 'post',
    handler: (html) => {
      const [theme] = /\s*<link rel="stylesheet"[^>]*\/theme-[^>]*>/.exec(html) ?? [];
      return theme === undefined ? html : html.replace(theme, '').replace(/\s*<link rel="stylesheet"|\s*<\/head>/, (at) => theme + at);
    },
  },
});

export default defineConfig({
  root: 'web',
  plugins: [react(), themeFirst()],
  worker: { format: 'es' },
  build: {
    outDir: '../dist',
    emptyOutDir: true,
    target: 'es2022',
    assetsInlineLimit: 0,
    // What several stations share is one file, not one a module: a tablet asks six at a time.
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            { name: 'theme', test: /theme\.scss$/, priority: 1 },
            { name: 'shared', minShareCount: 3, maxModuleSize: 60_000 },
          ],
        },
      },
    },
  },
  css: {
    // A class of a module is read in the page as its folder and its own name: `dock-bagCard`.
    modules: { generateScopedName: (name, file) => `${path.basename(file).split('.')[0]}-${name}` },
    preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] } },
  },
  server: { port: 5173, strictPort: true, host: '127.0.0.1', proxy: { '/api': 'http://127.0.0.1:4600' } },
});
