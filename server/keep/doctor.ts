// `npm run doctor`: is this house well? One page, read beside a running server too; it looks and changes nothing.
import type Database from 'better-sqlite3';
import fs from 'node:fs';
import path from 'node:path';
import { DAY_MS, formatWall } from '#core/time/index.ts';
import { flag, makeAsk, number, orNull } from '../db/ask.ts';
import { whyUnreadable } from '../db/format.ts';
import { findMeta } from '../db/meta.ts';
import { mustBeWhole, openAsIs, type House } from '../db/open.ts';
import { PROJECTION_VERSION } from '../db/projectionVersion.ts';
import * as t from '../db/tables.ts';
import { houseFile, inspect } from '../directory/directory.ts';
import { heldBy, isHeld } from '../directory/lease.ts';
import { checkReplay } from '../journal/replay.ts';
import { IN_HOUSE } from '../now/sqlFragments.ts';
import { allNamed } from '../photos/cards.ts';
import { findPhoto } from '../photos/store.ts';
import { readBalance } from '../stock/balance.ts';
import { LEAST_ROOM_MB, roomIn } from './watch.ts';

/** `well` undefined = told, nothing to judge. */
export type Finding = { what: string; says: string; well?: boolean };

const MB = 1024 * 1024;
/** A copy older than this is told of. */
const COPY_DAYS = 7;
const good = (what: string, says: string): Finding => ({ what, says, well: true });
const bad = (what: string, says: string): Finding => ({ what, says, well: false });

/** All that can be found out without writing. `copies` = where the copies lie. */
export function examine(data: string, { copies, now }: { copies?: string; now: number }): Finding[] {
  const found = inspect(data);
  if (found.is === 'empty') return [bad('directory', `${data} has no house in it; or is its volume not mounted?`)];
  if (found.is === 'remains')
    return [bad('directory', `${data} holds ${found.names.join(', ')} but no house: put a copy back (npm run restore)`)];
  const file = houseFile(data);
  return [
    ...disk(data, file),
    { what: 'in use', says: isHeld(data) ? `by ${heldBy(data)}` : 'by nobody' },
    ...inside(file, now),
    ...photographs(data, file),
    copiesIn(copies, now),
  ];
}

function disk(data: string, file: string): Finding[] {
  const room = roomIn(data);
  const sizes = [file, `${file}-wal`].map((file) => (fs.existsSync(file) ? Math.ceil(fs.statSync(file).size / MB) : 0));
  const open = [data, file].filter((file) => (fs.statSync(file).mode & 0o077) !== 0);
  return [
    { what: 'directory', says: `${data}: ${sizes[0]} MB, and ${sizes[1]} MB written ahead`, well: true },
    { what: 'room on the disk', says: `${room} MB`, well: room >= LEAST_ROOM_MB },
    open.length === 0
      ? good('privacy', 'read by this account alone')
      : bad('privacy', `others on this machine can read ${open.join(', ')}`),
  ];
}

/** What the journal names and the directory has: one that a phone still holds is not lost. */
function photographs(data: string, file: string): Finding[] {
  try {
    const { client } = openAsIs(file, { readonly: true });
    try {
      const named = allNamed(client);
      if (named.length === 0) return [];
      const absent = named.filter(({ sha256 }) => !findPhoto(data, sha256)).length;
      return [
        absent === 0
          ? good('photographs', `${named.length} pictures, each as it was sent`)
          : bad(
              'photographs',
              `${absent} of ${named.length} pictures are not here or damaged: on a device that has not sent them yet, or lost`,
            ),
      ];
    } finally {
      client.close();
    }
  } catch (error) {
    return [bad('photographs', (error as Error).message)];
  }
}

function inside(file: string, now: number): Finding[] {
  let house: House;
  try {
    house = openAsIs(file, { readonly: true });
  } catch (error) {
    return [bad('file', `cannot be opened: ${(error as Error).message}`)];
  }
  const findings: Finding[] = [];
  // One bad thing keeps nothing else from being told.
  const ask = (what: string, inspect: () => Finding) => {
    try {
      findings.push(inspect());
    } catch (error) {
      findings.push(bad(what, (error as Error).message));
    }
  };
  try {
    ask('file', () => {
      mustBeWhole(house.client, file, 'integrity_check');
      return good('file', 'whole: every page, and every index against its table');
    });
    ask('journal', () => journal(house.client, now));
    ask('views', () => views(house));
    ask('stock records', () => stockRecords(house.client));
    ask('people', () => people(house.client));
  } finally {
    house.client.close();
  }
  return findings;
}

function journal(client: Database.Database, now: number): Finding {
  const ask = makeAsk(client);
  const { entries, last, ahead } = ask.one(
    { entries: number, last: orNull(number), ahead: orNull(number) },
    'select count(*) entries, max(recorded_at_ms) last, sum(recorded_at_ms > ?) ahead from entry',
  )(now + DAY_MS);
  const zone = ask.value(t.house.zone, 'select zone from p_house')();
  const demo = findMeta(client, 'demo') !== undefined;
  const why = whyUnreadable(Number(findMeta(client, 'journalFormat') ?? 1), 'this');
  if (entries > 0 && why) return bad('journal', why);
  const said = `${entries} entries${last === null ? '' : `, the last ${formatWall(last, zone ?? 'UTC').replace('T', ' ')}`}`;
  return ahead && !demo
    ? bad('journal', `${said}; ${ahead} are dated in the future: is the clock of this machine right?`)
    : good('journal', said);
}

function views(house: House): Finding {
  const version = findMeta(house.client, 'projectionVersion');
  if (version !== PROJECTION_VERSION || house.stale)
    return { what: 'views', says: 'of another version of this program: remade at its next start' };
  const { differences } = checkReplay(house);
  return differences.length === 0
    ? good('views', 'replayed from the journal, and equal')
    : bad('views', `differ from the journal in ${differences.map(({ table }) => table).join(', ')}: npm run replay -- --remake`);
}

function stockRecords(client: Database.Database): Finding {
  const { sum, negative } = readBalance(client);
  return sum === 0 && negative === 0
    ? good('stock records', 'balance')
    : bad('stock records', `out by ${sum} heads, ${negative} places below zero`);
}

function people(client: Database.Database): Finding {
  const rows = makeAsk(client).all(
    { role: t.person.role, hasPin: flag },
    `select p.role, c.person is not null hasPin from p_person p left join credential c on c.person = p.id where p.voided_by is null and ${IN_HOUSE('p')}`,
  )();
  const leads = rows.filter(({ role, hasPin }) => role === 'lead' && hasPin).length;
  const without = rows.filter(({ hasPin }) => !hasPin).length;
  const said = `${rows.length}, ${leads} ${leads === 1 ? 'lead' : 'leads'} who can sign in${without > 0 ? `, ${without} without a PIN` : ''}`;
  return leads > 0 ? good('people', said) : bad('people', `${said}: set one with npm run pin`);
}

function copiesIn(directory: string | undefined, now: number): Finding {
  if (directory === undefined) return { what: 'copies', says: 'name where they lie with --copies to have them looked at' };
  if (!fs.existsSync(directory)) return bad('copies', `${directory} is not there`);
  const files = fs.readdirSync(directory).filter((name) => /^house-.*\.db$/.test(name));
  const times = files.map((name) => fs.statSync(path.join(directory, name)).mtimeMs);
  if (times.length === 0) return bad('copies', `none in ${directory}: npm run backup`);
  const days = Math.floor((now - Math.max(...times)) / DAY_MS);
  const without = files.filter((name) => !fs.existsSync(path.join(directory, `${name}.sha256`)));
  const said = `${files.length} in ${directory}, the last ${days === 0 ? 'of today' : `${days} days old`}`;
  if (without.length > 0) return bad('copies', `${said}; without the sum that tells damage: ${without.join(', ')}`);
  return days > COPY_DAYS ? bad('copies', `${said}: npm run backup`) : good('copies', said);
}

/** The page, and whether all is well. */
export function sayFindings(findings: readonly Finding[]): { page: string; well: boolean } {
  const wide = Math.max(...findings.map(({ what }) => what.length));
  const mark = ({ well }: Finding) => (well === undefined ? '    ' : well ? 'well' : 'LOOK');
  const lines = findings.map((finding) => `${mark(finding)}  ${finding.what.padEnd(wide)}  ${finding.says}`);
  const ill = findings.filter(({ well }) => well === false).length;
  const end = ill === 0 ? 'This house is well.' : `${ill} ${ill === 1 ? 'thing' : 'things'} to check.`;
  return { page: [...lines, '', end].join('\n'), well: ill === 0 };
}
