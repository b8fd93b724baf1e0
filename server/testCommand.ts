// The commands as tests run them: by the bundle that serves a house, or from their sources while it is not built of these.
import { isServerBuilt } from '../scripts/build.mjs';

const SOURCES = { main: 'server/main.ts', seed: 'demo/seed.ts', keep: 'server/keep/command.ts', replay: 'server/keep/replayCommand.ts' };
export type Command = keyof typeof SOURCES;

const built = isServerBuilt();

/** What node is given to run it. */
export const commandOf = (command: Command): string[] => (built ? [`dist-server/${command}.js`] : ['--import', 'tsx', SOURCES[command]]);
