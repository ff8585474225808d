/** `npm run texts`: every text of the interface that a translation needs, as JSON with empty places to fill in. */
import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

const APP = fileURLToPath(new URL('../src/app', import.meta.url));
const KEY = /\bt\(\s*'((?:[^'\\]|\\.)*)'/g;

export function textsOf(folder = APP) {
  const keys = new Set();
  for (const file of readdirSync(folder, { recursive: true, encoding: 'utf8' })) {
    if (!/\.tsx?$/.test(file) || /\.test\./.test(file)) continue;
    for (const [, key] of readFileSync(path.join(folder, file), 'utf8').matchAll(KEY))
      keys.add(key.replace(/\\(.)/g, '$1'));
  }
  return [...keys].sort();
}

if (process.argv[1] === fileURLToPath(import.meta.url))
  console.log(JSON.stringify(Object.fromEntries(textsOf().map((key) => [key, ''])), null, 2));
