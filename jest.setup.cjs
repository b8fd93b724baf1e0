// jsdom lacks TextEncoder, which react-router needs at import.
const { TextDecoder, TextEncoder } = require('node:util');
globalThis.TextEncoder ??= TextEncoder;
globalThis.TextDecoder ??= TextDecoder;
