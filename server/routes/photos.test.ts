// The bytes of photographs: those that an entry names, whole, once; for whoever is signed in; and beside the copies of the house.
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { strFromU8, unzipSync } from 'fflate';
import request, { type Agent } from 'supertest';
import { paths } from '#contract/paths.ts';
import type { PhotoTaken } from '#core/photos/index.ts';
import { bareJpeg, exif } from '#core/photos/testJpeg.ts';
import { parseCsv } from '#core/text/index.ts';
import { makeApp, type App } from '../app.ts';
import { makeCredentials } from '../door/credentials.ts';
import { backUp, restore } from '../keep/keep.ts';
import { photoFile, sumOf } from '../photos/store.ts';
import { bringCrate, furnish, KEEPER, land, makeTestHouse, TRAINEE, undo, type TestHouse } from '../testHouse.ts';

const HOST = '127.0.0.1:4600';
let folder: string;
let house: TestHouse;
let app: App;
let agent: Agent;
beforeEach(async () => {
  folder = fs.mkdtempSync(path.join(os.tmpdir(), 'photos-'));
  house = furnish(makeTestHouse(path.join(folder, 'house.db')));
  bringCrate(house);
  app = makeApp({ house, data: folder });
  await makeCredentials(house.db).set('pia', '4711');
  agent = request.agent(app.express).set('host', HOST);
  await agent.post(paths.signIn).send({ person: 'pia', pin: '4711' }).expect(200);
});
afterEach(() => {
  app.close();
  house.close();
  fs.rmSync(folder, { recursive: true });
});

const pictureOf = (bytes: Uint8Array, side: number) => ({ sha256: sumOf(bytes), bytes: bytes.length, width: side, height: side });
const whole = bareJpeg({ width: 1600, height: 1600 });
const small = bareJpeg({ width: 320, height: 320, seed: 1 });
const taken = (more: Partial<PhotoTaken> = {}) => ({
  kind: 'photo.taken' as const,
  payload: {
    photo: 'photo-1',
    of: { kind: 'bag' as const, id: 'crate-1-bag1' },
    shows: 'the closed bag' as const,
    picture: pictureOf(whole, 1600),
    small: pictureOf(small, 320),
    ...more,
  },
});
const put = (sha256: string, bytes: Uint8Array, type = 'image/jpeg') =>
  agent.put(`${paths.files}/${sha256}`).set('content-type', type).send(Buffer.from(bytes));
const status = async (asked: PromiseLike<{ status: number }>) => (await asked).status;
const { sha256 } = pictureOf(whole, 1600);

it('takes what an entry names, when it has come, once; and gives it as a picture that never changes', async () => {
  expect(await status(put(sha256, whole))).toBe(409);
  house.must(TRAINEE, taken());
  expect(await status(agent.get(`${paths.files}/${sha256}`))).toBe(404);
  expect([await status(put(sha256, whole)), await status(put(sha256, whole))]).toEqual([204, 204]);
  const got = await agent.get(`${paths.files}/${sha256}`).buffer(true);
  expect(got.headers).toMatchObject({ 'content-type': 'image/jpeg', 'x-content-type-options': 'nosniff' });
  expect(got.headers['cache-control']).toContain('immutable');
  expect(sumOf(got.body as Buffer)).toBe(sha256);
  expect(fs.readdirSync(path.dirname(photoFile(folder, sha256)))).toEqual([`${sha256}.jpg`]);
  expect(await status(request(app.express).get(`${paths.files}/${sha256}`).set('host', HOST))).toBe(401);
});

it('takes nothing else: other bytes, half of them, no picture, one with its place, one that is too large, a name that leads elsewhere', async () => {
  const telling = bareJpeg({ width: 9, height: 9, more: exif() });
  const script = new TextEncoder().encode('<script>alert(1)</script>');
  house.must(TRAINEE, taken());
  house.must(TRAINEE, taken({ photo: 'photo-2', picture: pictureOf(telling, 9), small: pictureOf(script, 9) }));
  expect(await status(put(sha256, small))).toBe(400);
  expect(await status(put(sha256, whole.subarray(0, whole.length - 3)))).toBe(400);
  expect(await status(put(sumOf(telling), telling))).toBe(400);
  expect(await status(put(sumOf(script), script))).toBe(400);
  expect(await status(put(sha256, whole, 'text/html'))).toBe(400);
  expect(await status(put(sha256, new Uint8Array(4_000_000)))).toBe(413);
  expect(await status(put('..%2f..%2fhouse.db', whole))).toBe(400);
  expect(await status(agent.get(`${paths.files}/..%2fhouse.db`))).toBe(404);
  expect(fs.existsSync(path.join(folder, 'files'))).toBe(false);
});

it('stands with what it shows, goes when it is taken back, and is of something that is here', () => {
  expect(house.codes(TRAINEE, taken({ of: { kind: 'bag', id: 'no-bag' } }))).toEqual(['unknown']);
  expect(house.codes(TRAINEE, taken({ of: { kind: 'tank', id: 'G1' }, photo: 'tank-photo' }))).toEqual([]);
  const act = house.must(TRAINEE, taken());
  house.must(KEEPER, land(1, { alive: 3, dead: 1 }));
  const shown = () => house.view('claims').claims[0]!.bags.find(({ bag }) => bag === 'crate-1-bag1')!.photos;
  expect(shown()).toMatchObject([{ photo: 'photo-1', by: 'Pia', picture: { sha256 } }]);
  expect(house.view('tank', { tank: 'G1' }).photos).toMatchObject([{ photo: 'tank-photo' }]);
  expect(house.view('lot', { lot: 'crate-1-fire' }).photos).toMatchObject([{ photo: 'photo-1' }]);
  house.must(TRAINEE, undo(act));
  expect(shown()).toBeUndefined();
});

it('goes out whole: every photograph, with a table of what each shows', async () => {
  house.must(TRAINEE, taken({ note: 'on its side' }));
  await put(sha256, whole).expect(204);
  await makeCredentials(house.db).set('ines', '4711');
  const lead = request.agent(app.express).set('host', HOST);
  await lead.post(paths.signIn).send({ person: 'ines', pin: '4711' }).expect(200);
  const zip = await lead
    .get(`${paths.export}/photos.zip`)
    .buffer(true)
    .parse((answer, done) => {
      const pieces: Buffer[] = [];
      answer.on('data', (piece: Buffer) => pieces.push(piece));
      answer.on('end', () => done(null, Buffer.concat(pieces)));
    });
  const files = unzipSync(new Uint8Array(zip.body as Buffer));
  expect(Object.keys(files).sort()).toEqual([`${sha256}.jpg`, 'photos.csv']);
  expect(sumOf(files[`${sha256}.jpg`]!)).toBe(sha256);
  const [, row] = parseCsv(strFromU8(files['photos.csv']!).replace('\uFEFF', '')).rows;
  expect(row!.cells).toEqual(expect.arrayContaining([`${sha256}.jpg`, 'Pia', 'crate-1, bag 1', 'the closed bag', 'on its side', sha256]));
});

it('goes along with a copy and comes back with it; one that is damaged or never came is told, and the house comes back all the same', async () => {
  house.must(TRAINEE, taken());
  house.must(TRAINEE, taken({ photo: 'photo-3', picture: pictureOf(bareJpeg({ width: 7, height: 7 }), 7) }));
  for (const bytes of [whole, small]) expect(await status(put(sumOf(bytes), bytes))).toBe(204);
  const copies = path.join(folder, 'copies');
  const kept = await backUp(folder, copies, new Date(0));
  expect(kept.photos).toMatchObject({ copied: 2, missing: [sumOf(bareJpeg({ width: 7, height: 7 }))] });
  // The next copy takes only what is new.
  expect((await backUp(folder, copies, new Date(1000))).photos.copied).toBe(0);
  fs.writeFileSync(photoFile(copies, sumOf(small)), 'rotten');
  const back = path.join(folder, 'back');
  const restored = await restore(kept.file, back);
  expect(restored.photos.missing).toContain(sumOf(small));
  expect(sumOf(fs.readFileSync(photoFile(back, sha256)))).toBe(sha256);
  expect(fs.existsSync(photoFile(back, sumOf(small)))).toBe(false);
});
