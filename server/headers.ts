// The headers that keep foreign scripts and frames out: helmet decides them, once, since they are the same for every answer.
import type { IncomingMessage, ServerResponse } from 'node:http';
import type { RequestHandler } from 'express';
import helmet from 'helmet';

export function safeHeaders(): RequestHandler {
  const headers = new Map<string, string>();
  // Plain http on a shop's own network: no upgrade to https that nobody answers, no memory of it either.
  const decide = helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'self'"],
        baseUri: ["'none'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
        // A photograph that waits on the device is shown from there.
        imgSrc: ["'self'", 'data:', 'blob:'],
        objectSrc: ["'none'"],
        scriptSrcAttr: ["'none'"],
      },
    },
    strictTransportSecurity: false,
    originAgentCluster: false,
    crossOriginOpenerPolicy: false,
  });
  const listener = { setHeader: (name: string, value: string) => headers.set(name, value), removeHeader: () => undefined };
  decide({} as IncomingMessage, listener as unknown as ServerResponse, (error) => {
    if (error) throw error instanceof Error ? error : new Error('helmet gave no headers');
  });
  return (_request, response, next) => {
    response.setHeaders(headers);
    next();
  };
}
