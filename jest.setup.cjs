// jsdom lacks TextEncoder, which react-router needs at import, and structuredClone, by which the store of the outbox copies.
const { TextDecoder, TextEncoder } = require('node:util');
globalThis.TextEncoder ??= TextEncoder;
globalThis.TextDecoder ??= TextDecoder;
// What a server would tell its keeper is read by the tests that are about it.
process.env.LOG_LEVEL ??= 'silent';
globalThis.structuredClone ??= (value) => JSON.parse(JSON.stringify(value));
