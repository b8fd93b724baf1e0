// `npm start`: builds what is not built, and serves the house of a data directory. --data DIR, --port N, --host ADDRESS.
import path from 'node:path';
import { build } from './build.mjs';
import { serve } from './serve.mjs';

process.chdir(path.join(import.meta.dirname, '..'));
if (build() !== 0) process.exit(1);
serve(process.argv.slice(2));
