// Everything out, for a lead: the journal as JSON Lines, the records as CSV.
import { Router } from 'express';
import { Readable } from 'node:stream';
import { paths } from '#contract/paths.ts';
import { atLeast } from '#core/roles/index.ts';
import { actorOf, type SignedIn } from '../door/signedIn.ts';
import type { RunningHouse } from '../house/house.ts';
import { journalLines } from './journalLines.ts';
import { photosZip } from './photosZip.ts';
import { isTable, tableCsv } from './tables.ts';

export function exportRoutes(house: RunningHouse, signedIn: SignedIn, data?: string): Router {
  const router = Router();
  router.use(paths.export, signedIn.only, (_request, response, next) => {
    if (!atLeast(actorOf(response.locals).role, 'lead')) return void response.status(403).json({ code: 'role' });
    response.set('cache-control', 'no-store');
    next();
  });
  router.get(`${paths.export}/journal.jsonl`, (_request, response) => {
    response.type('application/x-ndjson').attachment('journal.jsonl');
    const lines = journalLines(house.client, Math.round(house.clock.now()));
    Readable.from(withBreaks(lines)).pipe(response);
  });
  router.get(`${paths.export}/photos.zip`, (_request, response, next) => {
    response.type('application/zip').attachment('photos.zip');
    Readable.from(photosZip(house.client, data)).on('error', next).pipe(response);
  });
  router.get(`${paths.export}/:file`, (request, response) => {
    const [, name] = /^([a-z]+)\.csv$/.exec(request.params.file) ?? [];
    if (!name || !isTable(name)) return void response.status(404).json({ code: 'notFound' });
    response.type('text/csv').attachment(`${name}.csv`);
    response.send(`\uFEFF${tableCsv(house.client, name, house.settings().zone)}`);
  });
  return router;
}

function* withBreaks(lines: Iterable<string>): Generator<string> {
  for (const line of lines) yield `${line}\n`;
}
