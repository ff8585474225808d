/** `npm run bench`: how long the core takes, as medians on this machine. */
import { readFileSync } from 'node:fs';
import { Bench } from 'tinybench';
import { studyText } from '../src/core';

const dance = readFileSync(new URL('../dances/tar-and-oakum.txt', import.meta.url), 'utf8');
const long = [dance, ...Array.from({ length: 15 }, () => dance.slice(dance.indexOf('## Section 1')))].join('\n');

/** Another letter each time, so that nothing but the other lines is remembered. */
let keystroke = 0;
const edited = (text: string): string => text.replace('Rocking chair R', `Rocking chair R [sway ${keystroke++}]`);

const bench = new Bench({ time: 1500, warmupTime: 400 });
bench.add('one edit in a 64-count dance: read, dance, check, view', () => void studyText(edited(dance)));
bench.add('one edit in a 1024-count dance', () => void studyText(edited(long)));
await bench.run();

for (const { name, result } of bench.tasks) {
  if (!('latency' in result)) throw new Error(`${name} was not measured`);
  const { p50, p99 } = result.latency as { p50: number; p99: number };
  console.log(`${name}: median ${p50.toFixed(2)} ms, 99th percentile ${p99.toFixed(2)} ms`);
}
