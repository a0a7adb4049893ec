// Runs `npm ci` when node_modules is not what package-lock.json says; a build with nothing changed skips it.
import { execSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';

const stamp = 'node_modules/.installed-from';
const lock = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex');
if (!existsSync(stamp) || readFileSync(stamp, 'utf8') !== lock) {
  execSync('npm ci --no-fund --no-audit --loglevel=error', { stdio: 'inherit' });
  writeFileSync(stamp, lock);
}
