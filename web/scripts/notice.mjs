// Writes dist/third-party/web.txt: what of npm ships with the pages, each package with its licence as it came. Fails when
// one comes without.
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';

// built into the style sheet or copied into the label sheet, so that they ship although only the build needs them
const shipsToo = ['tailwindcss', 'daisyui', 'dejavu-fonts-ttf'];

const seen = new Map();

function add(name) {
  const folder = `node_modules/${name}`;
  if (seen.has(name) || !existsSync(folder)) {
    return;
  }
  const about = JSON.parse(readFileSync(`${folder}/package.json`, 'utf8'));
  const files = readdirSync(folder).filter((file) => /^(licen[cs]e|copying|ofl|notice)/i.test(file));
  const text = files.map((file) => readFileSync(`${folder}/${file}`, 'utf8').trim()).join('\n\n');
  seen.set(name, { version: about.version, licence: about.license, text });
  Object.keys(about.dependencies ?? {}).forEach(add);
}

Object.keys(JSON.parse(readFileSync('package.json', 'utf8')).dependencies).forEach(add);
shipsToo.forEach(add);
const without = [...seen].filter(([, about]) => !about.licence || about.text === '').map(([name]) => name);
if (without.length > 0) {
  console.error(`No licence comes with ${without.join(', ')}`);
  process.exit(1);
}
mkdirSync('dist/third-party', { recursive: true });
writeFileSync(
  'dist/third-party/web.txt',
  [...seen]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([name, about]) => `${name} ${about.version} (${about.licence})\n\n${about.text}\n`)
    .join(`\n${'-'.repeat(80)}\n`),
);
