import react from '@vitejs/plugin-react';
import path from 'node:path';
import { createHash } from 'node:crypto';
import { marked } from 'marked';
import fs from 'node:fs';
import { build, defineConfig, type Plugin } from 'vite';

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

/** `x.md?page` as markup, its pictures as files of the build, each heading an anchor. */
const handbookPage = (): Plugin => ({
  name: 'handbook-page',
  enforce: 'pre',
  load(id) {
    const [file, query] = id.split('?');
    if (query !== 'page' || !file?.endsWith('.md')) return undefined;
    this.addWatchFile(file);
    const markup = marked.parse(fs.readFileSync(file, 'utf8'), { async: false });
    const pages: string[] = [];
    const withAnchors = markup.replaceAll(/<h2>(.+?)<\/h2>/g, (_all, heading: string) => {
      const anchor = heading
        .toLowerCase()
        .replaceAll(/[^a-z0-9]+/g, '-')
        .replaceAll(/^-|-$/g, '');
      pages.push(`<li><a href="#${anchor}">${heading}</a></li>`);
      return `<h2 id="${anchor}">${heading}</h2>`;
    });
    const anchored = withAnchors.replace('<h2', `<nav aria-label="Pages of the handbook"><ul>${pages.join('')}</ul></nav><h2`);
    const pictures = [...new Set([...anchored.matchAll(/src="([^"]+\.png)"/g)].map(([, picture]) => picture!))];
    const imports = pictures.map((picture, no) => `import p${no} from ${JSON.stringify(path.join(path.dirname(file), picture))};`);
    const filled = pictures.map(
      (picture, no) => `.replaceAll(${JSON.stringify(`src="${picture}"`)}, 'loading="lazy" src="' + p${no} + '"')`,
    );
    return `${imports.join('\n')}\nexport default ${JSON.stringify(anchored)}${filled.join('')};`;
  },
});

/** The service worker, built last: it is told every file of the shell, those without a hash in their name by what is in them. */
const keptShell = (): Plugin => {
  let outDir = '';
  return {
    name: 'kept-shell',
    apply: 'build',
    configResolved: (config) => void (outDir = path.resolve(config.root, config.build.outDir)),
    async closeBundle() {
      // The handbook's pictures are looked at with the house.
      const files = fs
        .readdirSync(outDir, { recursive: true, withFileTypes: true })
        .filter((file) => file.isFile() && !file.name.endsWith('.png'));
      const shell = files.map((file) => {
        const full = path.join(file.parentPath, file.name);
        const url = `/${path.relative(outDir, full)}`;
        const hash = () => createHash('sha256').update(fs.readFileSync(full)).digest('hex').slice(0, 16);
        return { url, revision: url.startsWith('/assets/') ? null : hash() };
      });
      await build({
        configFile: false,
        publicDir: false,
        logLevel: 'warn',
        define: { __SHELL__: JSON.stringify(shell.toSorted((a, b) => (a.url < b.url ? -1 : 1))) },
        build: {
          outDir,
          emptyOutDir: false,
          target: 'es2022',
          rolldownOptions: { input: path.resolve('web/offline/worker.ts'), output: { format: 'iife', entryFileNames: 'sw.js' } },
        },
      });
    },
  };
};

export default defineConfig({
  root: 'web',
  plugins: [react(), themeFirst(), handbookPage(), keptShell()],
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
