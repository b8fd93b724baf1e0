export const SERVER: string;
export const SEED: string;
/** The exit code: 0 when pages and server are built. */
export function build(): number;
/** Whether the server's bundle is of the sources as they are. */
export function isServerBuilt(): boolean;
