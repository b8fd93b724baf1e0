import path from 'node:path';
import { defineConfig } from 'vite';

// The server as it runs in earnest and under the browser tests: one bundle, so that no compiler is needed while it runs.
export default defineConfig({
  publicDir: false,
  // A file finds its migrations and pages from where it stood.
  plugins: [{ name: 'home', transform: (code, id) => code.replaceAll('import.meta.dirname', JSON.stringify(path.dirname(id))) }],
  build: {
    ssr: true,
    outDir: 'dist-server',
    emptyOutDir: true,
    target: 'node20',
    rolldownOptions: {
      input: { main: 'server/main.ts', seed: 'demo/seed.ts', keep: 'server/keep/command.ts', replay: 'server/keep/replayCommand.ts' },
    },
  },
});
