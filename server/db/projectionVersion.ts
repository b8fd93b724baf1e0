// Which projections a house's file holds: by what makes their rows, and by the SQL that makes their tables and views.
import { createHash } from 'node:crypto';
import fs from 'node:fs';
import path from 'node:path';

/** Raise it when a projector makes other rows of an entry; a changed table or view speaks for itself. */
const PROJECTORS = 27;

const folder = path.join(import.meta.dirname, 'projections');

/** What makes every projection from nothing, statement after statement. */
export const PROJECTION_SQL: readonly string[] = fs
  .readdirSync(folder)
  .filter((name) => name.endsWith('.sql'))
  .sort()
  .map((name) => fs.readFileSync(path.join(folder, name), 'utf8'));

/** Another one than a file's: its projections are remade by replay at the next start. */
export const PROJECTION_VERSION = `${PROJECTORS}-${createHash('sha256').update(PROJECTION_SQL.join('')).digest('hex').slice(0, 12)}`;
