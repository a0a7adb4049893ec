// The label sheet embeds fonts as TrueType. DejaVu comes as such; the marker hand comes as WOFF 1.0, which is the same
// tables, each compressed with zlib (W3C Recommendation "WOFF File Format 1.0", sections 3 to 5).
import { copyFileSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { inflateSync } from 'node:zlib';

function toTrueType(woff) {
  const count = woff.readUInt16BE(12);
  const power = 2 ** Math.floor(Math.log2(count));
  const header = Buffer.alloc(12 + 16 * count);
  woff.copy(header, 0, 4, 8);
  header.writeUInt16BE(count, 4);
  header.writeUInt16BE(power * 16, 6);
  header.writeUInt16BE(Math.log2(power), 8);
  header.writeUInt16BE((count - power) * 16, 10);
  const tables = [];
  let offset = header.length;
  for (let i = 0; i < count; i++) {
    const entry = 44 + 20 * i;
    const [start, packed, length] = [4, 8, 12].map((at) => woff.readUInt32BE(entry + at));
    const raw = woff.subarray(start, start + packed);
    const table = packed < length ? inflateSync(raw) : raw;
    woff.copy(header, 12 + 16 * i, entry, entry + 4);
    woff.copy(header, 16 + 16 * i, entry + 16, entry + 20);
    header.writeUInt32BE(offset, 20 + 16 * i);
    header.writeUInt32BE(length, 24 + 16 * i);
    const padded = Buffer.alloc(Math.ceil(length / 4) * 4);
    table.copy(padded);
    tables.push(padded);
    offset += padded.length;
  }
  return Buffer.concat([header, ...tables]);
}

mkdirSync('fonts', { recursive: true });
const hand = 'node_modules/@fontsource/patrick-hand/files/patrick-hand-latin-400-normal.woff';
writeFileSync('fonts/patrick-hand.ttf', toTrueType(readFileSync(hand)));
for (const file of ['DejaVuSansCondensed.ttf', 'DejaVuSansCondensed-Bold.ttf']) {
  copyFileSync(`node_modules/dejavu-fonts-ttf/ttf/${file}`, `fonts/${file}`);
}
