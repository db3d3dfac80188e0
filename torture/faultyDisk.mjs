// Loaded before the server by a test: the nth rename from FAULT_FROM on kills the process or is refused, as a disk may do.
import fs from 'node:fs';
import { syncBuiltinESMExports } from 'node:module';

const { FAULT = '', FAULT_AT = '0' } = process.env;
const rename = fs.renameSync;
let count = 0;
let armed = false;

fs.renameSync = (from, to) => {
  // Only a restore writes its record: what is renamed before belongs to the start.
  armed ||= String(to).endsWith('restore.json');
  if (!armed) return rename(from, to);
  count += 1;
  const hit = count === Number(FAULT_AT);
  if (hit && FAULT === 'kill-before') process.kill(process.pid, 'SIGKILL');
  if (hit && FAULT === 'refuse') throw Object.assign(new Error(`EPERM: operation not permitted, rename '${to}'`), { code: 'EPERM' });
  rename(from, to);
  if (hit && FAULT === 'kill-after') process.kill(process.pid, 'SIGKILL');
};
syncBuiltinESMExports();
