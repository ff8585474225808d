/**
 * Hostile texts by the hundred thousand (`dances/test/chance.ts`), in as many processes as there are processors. None may throw and none
 * may take longer than its budget, whatever was studied before it. Then the law of memory: the texts of a seed are answered the same
 * in any order, also behind ten thousand others. `npm run hostile -- [how many] [seed]`; each process has a seed of its own, from that
 * one on.
 */
import { fork } from 'node:child_process';
import { createHash } from 'node:crypto';
import { availableParallelism } from 'node:os';
import { fileURLToPath } from 'node:url';
import { greatest, studyText } from '../src/core';
import { allAnswers, answersOf } from '../dances/test/all-answers';
import { Chance } from '../dances/test/chance';

/** Milliseconds for a text and all that opening it works out; one that is slow is tried again, in case something was cleared away just then. */
const BUDGET = 250;
/** Texts of the law of memory. */
const REMEMBERED = 10_000;

type Order =
  | { readonly kind: 'attack'; readonly count: number; readonly seed: number }
  | { readonly kind: 'remember'; readonly count: number; readonly seed: number; readonly isReversed: boolean };

interface Attacked {
  readonly letters: number;
  readonly thrown: number;
  readonly over: number;
  readonly slowest: number;
}

/** Milliseconds of the processor, not of the clock: the machine may be busy with something else. */
function timeOf(work: () => unknown): number {
  const from = process.cpuUsage();
  work();
  const { user, system } = process.cpuUsage(from);
  return (user + system) / 1000;
}

function attack(count: number, seed: number): Attacked {
  const chance = new Chance(seed);
  let [letters, thrown, over, slowest] = [0, 0, 0, 0];
  for (let index = 0; index < count; index++) {
    const text = chance.text();
    letters += text.length;
    const open = (): number => timeOf(() => answersOf(studyText(text)));
    try {
      let took = open();
      for (let again = 0; took > BUDGET / 2 && again < 2; again++) {
        studyText('');
        took = Math.min(took, open());
      }
      slowest = Math.max(slowest, took);
      if (took <= BUDGET) continue;
      over += 1;
      console.log(`over its budget: ${took.toFixed(0)} ms\n${JSON.stringify(text)}`);
    } catch (error) {
      thrown += 1;
      console.log(`${String((error as Error).stack)}\n${JSON.stringify(text)}`);
    }
  }
  return { letters, thrown, over, slowest };
}

/** What each text is answered, by its place in the list, in that order or from the end. */
function remember(count: number, seed: number, isReversed: boolean): string[] {
  const texts = new Chance(seed).texts(count);
  const answers: string[] = [];
  for (let step = 0; step < count; step++) {
    const index = isReversed ? count - 1 - step : step;
    answers[index] = createHash('sha1').update(allAnswers(texts[index])).digest('base64');
  }
  return answers;
}

/** In a process of its own: the processor's time is told by process. */
const apart = <T>(order: Order): Promise<T> =>
  new Promise((resolve, reject) => {
    const child = fork(fileURLToPath(import.meta.url), [], { execArgv: ['--import', 'tsx'] });
    child.once('message', (answer) => {
      resolve(answer as T);
      child.disconnect();
    });
    child.once('error', reject);
    child.once('exit', (code) => (code === 0 ? undefined : reject(new Error(`ended with ${code}`))));
    child.send(order);
  });

async function main(): Promise<void> {
  const [count = 100_000, seed = 90_001] = process.argv.slice(2).map(Number);
  const processes = availableParallelism();
  const began = performance.now();
  const each = Math.ceil(count / processes);
  const seeds = Array.from({ length: processes }, (_, index) => seed + index);
  const found = await Promise.all(seeds.map((own) => apart<Attacked>({ kind: 'attack', count: each, seed: own })));
  const sum = (key: 'letters' | 'thrown' | 'over'): number => found.reduce((all, own) => all + own[key], 0);
  const slowest = greatest(
    found.map((own) => own.slowest),
    0,
  );
  console.log(
    `${each * processes} texts (seeds ${seeds.join(', ')}) of ${Math.round(sum('letters') / (each * processes))} letters on average: ` +
      `${sum('thrown')} exceptions, ${sum('over')} over ${BUDGET} ms, slowest ${slowest.toFixed(0)} ms, ${((performance.now() - began) / 1000).toFixed(0)} s`,
  );
  const many = Math.min(REMEMBERED, count);
  const [there, back] = await Promise.all(
    [false, true].map((isReversed) => apart<string[]>({ kind: 'remember', count: many, seed, isReversed })),
  );
  const unlike = there.flatMap((own, index) => (own === back[index] ? [] : [index]));
  console.log(`${many} texts forwards and backwards: ${unlike.length} answered otherwise`);
  const texts = new Chance(seed).texts(many);
  for (const index of unlike.slice(0, 5)) console.log(JSON.stringify(texts[index]));
  process.exitCode = sum('thrown') + sum('over') + unlike.length > 0 ? 1 : 0;
}

if (process.send)
  process.once('message', (order: Order) =>
    process.send?.(
      order.kind === 'attack' ? attack(order.count, order.seed) : remember(order.count, order.seed, order.isReversed),
    ),
  );
else await main();
