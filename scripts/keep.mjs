// `npm run backup|restore|import|pin|doctor|replay`: a house looked after from the command line.
import path from 'node:path';
import { commandOf } from './command.mjs';
import { run } from './setup.mjs';

process.chdir(path.join(import.meta.dirname, '..'));
const [command, ...given] = process.argv.slice(2);
process.exit(run('node', [...commandOf(command), ...given]));
