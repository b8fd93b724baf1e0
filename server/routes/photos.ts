// Photographs in and out: bytes that an entry names come once, whole, and are given to whoever is signed in.
import express, { Router } from 'express';
import { SHA256 } from '#contract/photos/kinds.ts';
import { paths } from '#contract/paths.ts';
import { MOST_BYTES, readJpeg } from '#core/photos/index.ts';
import type { SignedIn } from '../door/signedIn.ts';
import type { RunningHouse } from '../house/house.ts';
import { prepareNamed } from '../photos/cards.ts';
import { findPhoto, storePhoto, sumOf } from '../photos/store.ts';

export function photoRoutes(house: RunningHouse, data: string, signedIn: SignedIn): Router {
  const router = Router();
  const bytesOf = prepareNamed(house.client);
  router.use(paths.files, signedIn.only);
  router.get(`${paths.files}/:sha256`, (request, response) => {
    const { sha256 } = request.params;
    const bytes = SHA256.test(sha256) && bytesOf(sha256) !== undefined ? findPhoto(data, sha256) : undefined;
    if (!bytes) return void response.status(404).json({ code: 'notFound' });
    // The same name is the same picture for ever.
    response.set('cache-control', 'private, max-age=31536000, immutable').type('image/jpeg').send(bytes);
  });
  router.put(`${paths.files}/:sha256`, express.raw({ type: 'image/jpeg', limit: MOST_BYTES }), (request, response) => {
    const { sha256 } = request.params;
    const bad = (message: string) => void response.status(400).json({ code: 'bad', faults: [{ path: '', message }] });
    if (!SHA256.test(sha256)) return bad('a photograph is known by its SHA-256');
    const named = bytesOf(sha256);
    // The entry may come a little later: whoever sends it tries again.
    if (named === undefined) return void response.status(409).json({ code: 'photo.notNamed' });
    const body: unknown = request.body;
    if (!Buffer.isBuffer(body) || body.length === 0) return bad('a photograph is sent as image/jpeg');
    if (body.length !== named || sumOf(body) !== sha256)
      return bad('these are not the bytes of this photograph: it was cut off on its way, or is another');
    const read = readJpeg(body);
    if ('fault' in read) return bad(`no photograph of ours: ${read.fault}`);
    storePhoto(data, body);
    response.status(204).end();
  });
  return router;
}
