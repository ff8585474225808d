/** What is measured on recordings made from known scores, one by one: `npm run recordings -- [met | second]`. Needs sox. */
import { judged } from '../e2e/judge';
import { FIRST_MET, PRACTICE, record, SECOND_MET, type Case } from '../e2e/recordings';
import { measure, oneChannel } from '../src/music';

const words = ({ style, tempo, ...more }: Case): string => `${style} ${tempo} ${JSON.stringify(more)}`;

for (const [index, one] of ({ met: FIRST_MET, second: SECOND_MET }[process.argv[2]] ?? PRACTICE).entries()) {
  const made = record(one, index + 1);
  const started = performance.now();
  const found = measure(oneChannel([made.samples], made.rate));
  const took = performance.now() - started;
  const { level, percent, first, f, octave } = judged(one, made.beats, found);
  const { bpm, confidence, changes, pauses } = found;
  console.log(`${level ? ' ' : octave ? 'o' : 'X'} ${bpm.toFixed(2).padStart(7)} off ${percent.toFixed(2)} %, first ${(first * 1000).toFixed(1)} ms, F ${f.toFixed(3)}, sure ${confidence.toFixed(2)}, ${took.toFixed(0)} ms: ${words(one)} ${JSON.stringify({ changes, pauses })}`);
} // prettier-ignore
