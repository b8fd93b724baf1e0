// `npm run backup|restore|import|pin|doctor|replay`: a house looked after from the command line, by the program that serves it.
import path from 'node:path';
import { buildServer } from './build.mjs';
import { run } from './setup.mjs';

process.chdir(path.join(import.meta.dirname, '..'));
const [command, ...given] = process.argv.slice(2);
if (buildServer() !== 0) process.exit(1);
process.exit(run('node', [`dist-server/${command}.js`, ...given]));
