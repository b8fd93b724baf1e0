// Loaded before a command by the test of kills: counts each step by which it changes a file or a database, and kills the process at one of them, for good.
import fs from 'node:fs';
import Database from 'better-sqlite3';

const at = Number(process.env.KILL_AT ?? 0);
let steps = 0;
function step() {
  steps += 1;
  if (steps === at) process.kill(process.pid, 'SIGKILL');
}
const wrap = (owner, name) => {
  const inner = owner[name];
  owner[name] = function (...given) {
    step();
    return inner.apply(this, given);
  };
};
for (const name of ['writeFileSync', 'renameSync', 'rmSync', 'chmodSync', 'mkdirSync', 'copyFileSync', 'unlinkSync', 'fsyncSync'])
  wrap(fs, name);
for (const name of ['exec', 'pragma', 'backup', 'close']) wrap(Database.prototype, name);
const memory = new Database(':memory:');
wrap(Object.getPrototypeOf(memory.prepare('select 1')), 'run');
process.on('exit', () => process.env.COUNT_TO && fs.appendFileSync(process.env.COUNT_TO, String(steps)));
