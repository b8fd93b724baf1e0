export type Command = 'main' | 'seed' | 'keep' | 'replay';
/** What node is given to run it, from the project's root. */
export function commandOf(command: Command): string[];
