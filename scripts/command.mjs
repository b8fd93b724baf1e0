// How a command runs: by the bundle that serves a house, or from its source while the bundle is of others. It builds nothing: a backup waits for no compiler
// that fails, and what a house is being served from stays as it is.
import { isServerBuilt } from './build.mjs';

const SOURCES = { main: 'server/main.ts', seed: 'demo/seed.ts', keep: 'server/keep/command.ts', replay: 'server/keep/replayCommand.ts' };
const built = isServerBuilt();

/** What node is given to run it, from the project's root. */
export const commandOf = (command) => (built ? [`dist-server/${command}.js`] : ['--import', 'tsx', SOURCES[command]]);
