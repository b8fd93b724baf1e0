// What browsers and Node both have, and the contract uses: named here, since it knows neither of them.
declare class TextEncoder {
  encode(text?: string): Uint8Array;
}
declare class URLSearchParams {
  constructor(entries?: Record<string, string>);
  toString(): string;
}
