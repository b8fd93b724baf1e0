// `npm start`: serves the house of a data directory. --data DIR, --port N, --host ADDRESS.
import path from 'node:path';
import { serve } from './serve.mjs';

process.chdir(path.join(import.meta.dirname, '..'));
serve(process.argv.slice(2));
