// Writes dist/sw.js: the service worker with the files of this build.
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';

const assets = readdirSync('dist/assets')
  .sort()
  .map((file) => `/assets/${file}`);
const files = ['/', '/icon.svg', '/manifest.webmanifest', ...assets];
const worker = readFileSync('worker.js', 'utf8');
const build = createHash('sha256')
  .update(worker)
  .update(readFileSync('dist/index.html'))
  .update(files.join('\n'))
  .digest('hex')
  .slice(0, 16);
writeFileSync('dist/sw.js', worker.replace('%BUILD%', build).replace("['%FILES%']", JSON.stringify(files)));
