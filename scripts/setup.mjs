// Makes a clean clone ready, with nothing but Node: installs what the lock names and proves the database driver. Does nothing when all is there.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';

const root = path.join(import.meta.dirname, '..');
const stamp = path.join(root, 'node_modules', '.stamp');
const driver = path.join(root, 'node_modules/better-sqlite3/build/Release/better_sqlite3.node');

export function run(command, args, options = {}) {
  const { status, error } = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options });
  if (error) throw error;
  return status ?? 1;
}

function must(command, args, options) {
  const status = run(command, args, options);
  if (status !== 0) {
    console.error(`\n${command} ${args.join(' ')} ended with ${status}`);
    process.exit(status);
  }
}

/** Installs the packages unless the lock, Node and machine are those of the last install. */
export function setup() {
  const lock = fs.readFileSync(path.join(root, 'package-lock.json'));
  const want = createHash('sha256').update(lock).update([process.versions.modules, process.platform, process.arch].join(' ')).digest('hex');
  if (fs.existsSync(stamp) && fs.readFileSync(stamp, 'utf8') === want) return;
  console.log('installing packages …');
  must('npm', ['ci', '--ignore-scripts', '--no-audit', '--no-fund', '--prefer-offline']);
  readyDriver();
  fs.writeFileSync(stamp, want);
}

function driverWorks() {
  return run('node', ['-e', "new (require('better-sqlite3'))(':memory:').close()"], { stdio: 'ignore' }) === 0;
}

/** The database driver is compiled once (some minutes) and kept outside node_modules for the next clean clone. */
function readyDriver() {
  const { version } = JSON.parse(fs.readFileSync(path.join(root, 'node_modules/better-sqlite3/package.json'), 'utf8'));
  const cache = path.join(process.env.XDG_CACHE_HOME ?? path.join(os.homedir(), '.cache'), 'daily-crate-native');
  const kept = path.join(cache, `better-sqlite3-${version}-abi${process.versions.modules}-${process.platform}-${process.arch}.node`);
  if (fs.existsSync(kept)) {
    fs.mkdirSync(path.dirname(driver), { recursive: true });
    fs.copyFileSync(kept, driver);
    if (driverWorks()) return;
    fs.rmSync(driver);
  }
  console.log('compiling the database driver (a few minutes, once) …');
  must('npm', ['rebuild', 'better-sqlite3', '--ignore-scripts=false']);
  if (!driverWorks()) {
    console.error('the database driver was compiled but does not load');
    process.exit(1);
  }
  fs.mkdirSync(cache, { recursive: true });
  fs.copyFileSync(driver, `${kept}.part`);
  fs.renameSync(`${kept}.part`, kept);
}
