// Holds JSON-LD files against the schema.org vocabulary, as written down in the types of schema-dts.
// node scripts/check-schema.mjs FILE…: prints what does not belong there, each after its file; exit code 1 when there is any.
import { readFileSync } from 'node:fs';
import { basename } from 'node:path';
import ts from 'typescript';

const graph = '{ "@context": "https://schema.org"; "@graph": readonly Recipe[] }';
const wanted = (document) => ('@graph' in document ? graph : 'WithContext<Recipe>');
const files = process.argv.slice(2);
const sources = new Map(
  files.map((file, i) => {
    const text = readFileSync(file, 'utf8');
    const type = wanted(JSON.parse(text));
    const code = `import type { Recipe, WithContext } from 'schema-dts';\nexport const said: ${type} = ${text};\n`;
    return [`${process.cwd()}/said-${i}.ts`, code];
  }),
);
const options = { strict: true, noEmit: true, skipLibCheck: true, moduleResolution: 100, module: 99, target: 99 };
const host = ts.createCompilerHost(options);
const read = host.getSourceFile.bind(host);
host.fileExists = (name) => sources.has(name) || ts.sys.fileExists(name);
host.getSourceFile = (name, version) =>
  sources.has(name) ? ts.createSourceFile(name, sources.get(name), version) : read(name, version);
const found = ts.getPreEmitDiagnostics(ts.createProgram([...sources.keys()], options, host));
for (const one of found) {
  const file = files[[...sources.keys()].indexOf(one.file?.fileName ?? '')] ?? '';
  console.log(`${basename(file)}: ${ts.flattenDiagnosticMessageText(one.messageText, '\n').slice(0, 400)}`);
}
process.exit(found.length > 0 ? 1 : 0);
