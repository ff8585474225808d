/**
 * Hostile texts by the hundred thousand: pieces of every kind of line put together by chance, cut, doubled and nested. None may throw
 * and none may take longer than its budget. `npx tsx bench/hostile.ts [how many] [seed]`; the same seed makes the same texts.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { studyText } from '../src/core';

const [count = 100_000, seed = 1] = process.argv.slice(2).map(Number);

/** Mulberry32: small, quick and good enough to pick lines (public domain, T. Ettinger 2017; from memory). */
function randomFrom(start: number): () => number {
  let state = start;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
}

const random = randomFrom(seed);
const below = (most: number): number => Math.floor(random() * most);
const pick = <T>(from: readonly T[]): T => from[below(from.length)];

const DEMO_LINES = readdirSync('dances')
  .filter((name) => name.endsWith('.txt'))
  .flatMap((name) => readFileSync(`dances/${name}`, 'utf8').split('\n'));
const WORDS = [...new Set(DEMO_LINES.flatMap((line) => line.split(/\s+/)))].filter(Boolean);
const PIECES = [
  '1-4', '5-8', '&1&2&', '8&1', '1', '&', '0-0', '99-1', '1-999', 'SSQQ', '(', ')', '[', ']', '"', '“', ':', ';', ',', '.', '-', '#', '##', '>', '|', '*', 'x2', 'x99', 'x 9',
  'repeat', 'repeat 1-4', 'repeat section 1 x9', 'mirrored', 'on the other foot', 'same again', 'option no turn:', '## Plan', '## Part A', '## Tag "x"', '## Ending', '## Section 2 = Section 1 mirrored', '## Figure "y" 1&2: A side, B tog',
  'wall 1-200:', 'walls 1, 2, 3', 'every 7th wall:', 'odd walls', 'after 16&', 'restart', 'tag x', 'tag', 'change 1-4 to', 'then', 'ending:', 'order: A A (B A) x9', 'at', 'the end of', 'facing 6:00', '(6:00)', '(wall 3: 3:00)', '(weight L)', '(meant so: spin)',
  'turn ?', '1/4', '½', '7/9', '370°', 'full turn', 'über', 'Fersen', 'à droite', 'pied gauche', 'mur 3', 'Runde 2', '\u00a0', '\t', '\u200b', '\ud83d', '\u0000', '’', 'constructor', '__proto__', 'toString', 'ﬁ', 'İ',
]; // prettier-ignore

function line(): string {
  const kind = random();
  if (kind < 0.35) return pick(DEMO_LINES);
  const length = 1 + below(kind < 0.9 ? 12 : 80);
  const words = Array.from({ length }, () => (random() < 0.55 ? pick(PIECES) : pick(WORDS)));
  const joined = words.join(random() < 0.9 ? ' ' : '');
  return random() < 0.05 ? joined.repeat(1 + below(30)).slice(0, 4000) : joined;
}

function text(): string {
  const lines = Array.from({ length: 1 + below(random() < 0.99 ? 5 : 120) }, line);
  const joined = lines.join(random() < 0.97 ? '\n' : '\r\n');
  if (random() < 0.1) return joined.slice(below(joined.length), below(joined.length) + below(joined.length));
  return joined;
}

/** Milliseconds for a text up to 120,000 letters; one that is slow is tried again, in case something was cleared away just then. */
const BUDGET = 1000;

let [letters, thrown, over, slowest] = [0, 0, 0, 0];
const began = performance.now();
for (let index = 0; index < count; index++) {
  const own = text();
  letters += own.length;
  const study = (): number => {
    // The processor's time, not the clock's: the machine may be busy with something else.
    const from = process.cpuUsage();
    void studyText(own).view;
    const { user, system } = process.cpuUsage(from);
    return (user + system) / 1000;
  };
  try {
    const first = study();
    const took = first > BUDGET / 4 ? Math.min(first, (studyText(''), study())) : first;
    slowest = Math.max(slowest, took);
    if (took > BUDGET) {
      over += 1;
      console.log(`over its budget: ${took.toFixed(0)} ms\n${JSON.stringify(own)}`);
    }
  } catch (error) {
    thrown += 1;
    console.log(`${String(error)}\n${JSON.stringify(own)}`);
  }
  if (index % 100_000 === 99_999)
    console.log(`${index + 1} texts, ${thrown} exceptions, ${over} over the budget, slowest ${slowest.toFixed(0)} ms`);
}
const seconds = (performance.now() - began) / 1000;
console.log(
  `${count} texts of ${Math.round(letters / count)} letters on average: ${thrown} exceptions, ${over} over the budget, slowest ${slowest.toFixed(0)} ms, ${seconds.toFixed(0)} s`,
);
