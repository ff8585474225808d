/** What is measured on recordings made from known scores: `npx tsx bench/recordings.ts [met | second]`. */
import { FIRST_MET, PRACTICE, record, SECOND_MET, type Case } from '../e2e/recordings';
import { judged } from '../e2e/judge';
import { measure } from '../src/music/measure';
import { oneChannel } from '../src/music/sound';

const words = ({ style, tempo, bars, lead, ...more }: Case): string =>
  `${style} ${tempo} ${JSON.stringify({ bars, lead, ...more })}`;

const all = ({ met: FIRST_MET, second: SECOND_MET }[process.argv[2]] ?? PRACTICE).map((one, index) => {
  const made = record(one, index + 1);
  const started = performance.now();
  const found = measure(oneChannel([made.samples], made.rate));
  const took = performance.now() - started;
  const judgement = judged(one, made.beats, found);
  const { level, percent, first, f, octave } = judgement;
  console.log(
    `${level ? ' ' : octave ? 'o' : 'X'} ${found.bpm.toFixed(2).padStart(7)} off ${percent.toFixed(2)} % · first ${(first * 1000).toFixed(1)} ms · F ${f.toFixed(3)} · sure ${found.confidence.toFixed(2)} · ${took.toFixed(0)} ms · ${words(one)} ${JSON.stringify({ changes: found.changes, pauses: found.pauses })}`,
  );
  return judgement;
});
const share = (of: (one: (typeof all)[number]) => boolean): string => `${all.filter(of).length} of ${all.length}`;
const firsts = all.map(({ first }) => Math.abs(first)).sort((a, b) => a - b);
console.log(
  `right level ${share(({ level }) => level)}, octave slips ${share(({ octave }) => octave)}, within 0.5 % ${share(({ percent, level }) => level && percent <= 0.5)}`,
);
console.log(
  `first beat off: median ${(firsts[firsts.length >> 1] * 1000).toFixed(1)} ms, worst ${(firsts[firsts.length - 1] * 1000).toFixed(0)} ms; mean F ${(all.reduce((sum, { f }) => sum + f, 0) / all.length).toFixed(3)}`,
);
