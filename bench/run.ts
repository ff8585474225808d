/**
 * `npm run bench`: how long the core takes, as medians on this machine, on the core as it is shipped (bundled); beside it a spreadsheet
 * engine that works out the same chain; then how many slips are caught.
 */
import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { Bench } from 'tinybench';
import { build } from 'vite';
import { catchSlips, isCaught, tallyByKind, type Catch } from '../dances/test/catching';
import { WORKED_DANCES } from '../dances/test/corpus';
import { injectPlanSlips } from '../dances/test/plan-injector';
import { PLANNED_DANCES } from '../dances/test/plans';
import { isAlarm, studyText as studyHere } from '../src/core/index';
import { fillAt, goOnAt, viewFloor } from '../src/core/index';
import { measureBrowser } from './browser';
import type * as Entry from './entry';
import { measureFiles } from './files';
import { printSheets } from './sheets';
import { measureSizes } from './sizes';
import { SpreadsheetChain, type ChainRow } from './spreadsheet';

const ROOT = path.resolve(import.meta.dirname, '..');
const FOLDER = path.join(ROOT, 'node_modules', '.cache', 'bench');

await build({
  configFile: false,
  root: ROOT,
  logLevel: 'error',
  build: {
    ssr: 'bench/entry.ts',
    outDir: FOLDER,
    emptyOutDir: true,
    minify: true,
    rollupOptions: { output: { entryFileNames: 'core.mjs' } },
  },
});
const {
  studyText,
  danceAction,
  startState,
  endingsAt,
  searchWays,
  viewWalls,
  fitSong,
  measureSound,
  playSong,
  songOf,
  viewMusic,
} = (await import(pathToFileURL(path.join(FOLDER, 'core.mjs')).href)) as typeof Entry;

const DANCE = readFileSync(path.join(ROOT, 'dances', 'tar-and-oakum.txt'), 'utf8');
const SECTIONS = DANCE.slice(DANCE.indexOf('## Section 1'));
/** The 64 counts of the demo dance so many times over. */
const times = (count: number): string => [DANCE, ...Array.from({ length: count - 1 }, () => SECTIONS)].join('\n');

/** Another letter each time, so that nothing but the other lines is remembered. */
let keystroke = 0;
const edited = (text: string): string => text.replace('Rocking chair R', `Rocking chair R [sway ${keystroke++}]`);

const say = (name: string, milliseconds: number, worst?: number): void =>
  console.log(
    `${name}: median ${milliseconds.toFixed(2)} ms${worst === undefined ? '' : `, 99th percentile ${worst.toFixed(2)} ms`}`,
  );

async function measure(
  tasks: Readonly<Record<string, () => void>>,
): Promise<Record<string, { p50: number; p99: number }>> {
  const bench = new Bench({ time: 1500, warmupTime: 600 });
  for (const [name, run] of Object.entries(tasks)) bench.add(name, run);
  await bench.run();
  return Object.fromEntries(
    bench.tasks.map(({ name, result }) => {
      if (!('latency' in result)) throw new Error(`${name} was not measured`);
      return [name, result.latency as { p50: number; p99: number }];
    }),
  );
}

// One edit

const [one, two] = [times(1), times(2)];
const edits = await measure({
  'one edit in a 64-count dance: read, dance, check, view': () => void studyText(edited(one)).view,
  'one edit in a 128-count dance': () => void studyText(edited(two)).view,
});
for (const [name, { p50, p99 }] of Object.entries(edits)) say(name, p50, p99);

// Walls and searches

const REGATTA = readFileSync(path.join(ROOT, 'dances', 'regatta-morning.txt'), 'utf8');
/** Forty parts, with tags, restarts, an ending and stated facings among them. */
const FORTY = REGATTA.replace(/^order: .*$/m, `order: ${'A B '.repeat(20).trim()}`)
  .replace(
    '2nd A: tag oars after 16 (12:00)',
    '2nd, 9th A: tag oars after 16\n4th B: tag oars\n6th A: restart after 16\nwalls 3, 13: change 31-32 to Walk R, walk L\nending: wall 40 after 8',
  )
  .concat('wall 20: restart after 8 (12:00)\n');
const forty = studyText(FORTY);
if (viewWalls(forty.dance, forty.findings).rows.length !== 40) throw new Error('Forty parts are danced.');
/** 96 counts that turn, stomp and bend; cut where the wrong foot is free, so that a join is mended at every key as well. */
const NINETY_SIX = `${[1, 5, 9]
  .map(
    (first) =>
      `## Section ${first}\n1-4 Rolling vine R, touch L\n5-8 Rolling vine L, touch R\n## Section ${first + 1}\n1-2 Step R forward, pivot 1/2 left\n3-4 Stomp R, stomp L\n5-6 Step R forward, pivot 1/2 left\n7-8 Lunge R side, recover L\n## Section ${first + 2}\n1&2 Triple full turn left R L R\n3-4 Rock L forward, recover R\n5&6 Shuffle L turning 1/2 left\n7-8 Step R forward, pivot 3/4 left\n## Section ${first + 3}\n1-4 Monterey 1/2 right\n5-8 Jazz box R turning 1/4 right`,
  )
  .join('\n')}\n## Plan\nwall 3: restart after 21\n`;
const walls = await measure({
  'one edit in a phrased dance of 40 parts: read, dance, all checks, wall table and its picture': () => {
    const study = studyText(FORTY.replace('5-8    Jazz box R', `5-8    Jazz box R [row ${keystroke++}]`));
    void viewWalls(study.dance, study.findings).rows;
  },
  'all searches on 96 counts: ways without turns, low impact, a join mended, endings': () => {
    const study = studyText(`${NINETY_SIX}# ${keystroke++}\n`);
    searchWays(study.dance);
    endingsAt(study.dance, 5, 40);
  },
});
for (const [name, { p50, p99 }] of Object.entries(walls)) say(name, p50, p99);
console.log(
  `ways found on the 96 counts: ${searchWays(studyText(NINETY_SIX).dance).length}, endings: ${endingsAt(studyText(NINETY_SIX).dance, 5, 40)?.proposals.length ?? 0}`,
);

// Composing, and the floor

const FERRY = studyText(readFileSync(path.join(ROOT, 'dances', 'ferry-at-dusk.txt'), 'utf8'));
const ALL = { from: 0, to: FERRY.script.lines.length - 1 };
const floor = studyText(DANCE);
if ((fillAt(FERRY.dance, ALL)?.proposals.length ?? 0) < 3) throw new Error('32 counts are filled in three ways.');
const composing = await measure({
  'what may follow a line': () => void goOnAt(FERRY.dance, 12),
  '32 counts filled: all proposals searched, written and danced': () => void fillAt(FERRY.dance, ALL),
  'the floor of one wall of a 64-count dance, with its path': () => void viewFloor(floor.dance, 'wall', 0),
});
for (const [name, { p50, p99 }] of Object.entries(composing)) say(name, p50, p99);

// The song: six minutes of it, a surprise behind every verse

const SIX_MINUTES = `${readFileSync(path.join(ROOT, 'dances', 'low-tide-lanterns.txt'), 'utf8').replace(/## Plan[\s\S]*/, '')}\n## Song\n${Array.from({ length: 10 }, (_, index) => `verse: 32\ngap: ${index % 3 ? 2 : 4}\nchorus: 32\n`).join('')}`;
const sung = studyText(SIX_MINUTES);
const song = songOf(sung.script);
if (!song) throw new Error('There is a song.');
const music = await measure({
  'a song of six minutes laid under its walls, as rows': () => void viewMusic(sung.dance),
  'plans that fit a song of six minutes: all searched, the best danced': () => void fitSong(sung.dance),
});
for (const [name, { p50, p99 }] of Object.entries(music)) say(name, p50, p99);
const playing = performance.now();
const sound = playSong(song);
const played = performance.now();
const { beats } = measureSound(sound);
console.log(
  `${Math.round(sound.samples.length / sound.rate)} s of music: played by the band in ${((played - playing) / 1000).toFixed(2)} s, measured in ${((performance.now() - played) / 1000).toFixed(2)} s (${beats.length} beats)`,
);

// Cold, and linear

const cold = Array.from({ length: 1000 }, (_, index) => DANCE.replace(/^(\d.*)$/gm, `$1 [sheet ${index}]`));
const coldStart = performance.now();
for (const text of cold) studyText(text);
console.log(
  `1,000 dances of 64 counts read and checked cold: ${((performance.now() - coldStart) / 1000).toFixed(2)} s`,
);

const LINES = SECTIONS.split('\n').length;
const bySize = [1000, 10_000].map((lines) => {
  const text = times(Math.round(lines / LINES));
  const runs = Array.from({ length: 5 }, () => {
    const start = performance.now();
    void studyText(edited(text)).view;
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return runs[2];
});
say('one edit in 1,000 lines', bySize[0]);
say('one edit in 10,000 lines', bySize[1]);
console.log(`ten times the lines take ${(bySize[1] / bySize[0]).toFixed(1)} times as long`);

// The peer: the same chain in a spreadsheet engine

const moments = studyText(two).dance.parts.flatMap(({ sections }) =>
  sections.flatMap(({ lines }) => lines.flatMap((line) => line.moments)),
);
const rows: ChainRow[] = moments.map(({ action }) => ({
  foot: action.effect === 'takes' ? (action.foot ?? '') : '',
  turn: action.turn,
}));
const actions = moments.map(({ action }) => action);
const chain = (changed: number, turn: number) =>
  actions.reduce(
    (state, action, index) => danceAction(state, index === changed ? { ...action, turn } : action),
    startState('L'),
  );

const sheet = new SpreadsheetChain(rows);
const [ours, theirs] = [chain(-1, 0), sheet.end()];
if (ours.weight !== theirs.weight || ours.facing !== theirs.facing)
  throw new Error('The chain and the spreadsheet come to different ends.');
console.log(`the spreadsheet comes to the same end, row for row: weight ${ours.weight}, ${rows.length} actions`);

let turned = 0;
const peers = await measure({
  chain: () => void chain(3, (turned = (turned + 12) % 48)),
  'chain in the spreadsheet': () => sheet.edit(3, (turned = (turned + 12) % 48)),
  'cold chain': () => void chain(-1, 0),
  'cold chain in the spreadsheet': () => new SpreadsheetChain(rows).close(),
});
sheet.close();
for (const [name, { p50 }] of Object.entries(peers)) console.log(`${name}: median ${p50.toFixed(4)} ms`);
const ratio = (a: string, b: string): string => (peers[b].p50 / peers[a].p50).toFixed(0);
console.log(
  `per edit the chain is ${ratio('chain', 'chain in the spreadsheet')} times as fast, cold ${ratio('cold chain', 'cold chain in the spreadsheet')} times`,
);
const whole = edits['one edit in a 128-count dance'].p50;
console.log(
  `reading, dancing, all checks and views of the edit together: ${(peers['chain in the spreadsheet'].p50 / whole).toFixed(2)} times as fast as the spreadsheet's chain alone`,
);

// The checker

const dances = [...WORKED_DANCES, ...PLANNED_DANCES];
const planned = PLANNED_DANCES.flatMap(({ text }) => injectPlanSlips(text)).map((slip): Catch => ({
  slip,
  caught: isCaught(slip),
}));
const catches = [...dances.flatMap(({ text }) => catchSlips(text)), ...planned];
const caught = catches.filter((one) => one.caught).length;
const alarms = dances.flatMap(({ text }) => studyHere(text).findings.filter(isAlarm));
console.log(
  `\ncatch rate: ${caught} of ${catches.length} injected slips (${((100 * caught) / catches.length).toFixed(1)} %), false alarms on ${dances.length} correct dances: ${alarms.length}`,
);
for (const { kind, injected, missed } of tallyByKind(catches)) {
  console.log(`  ${kind}: ${injected - missed.length} of ${injected}`);
  for (const slip of missed) console.log(`      not told: ${slip.text.split('\n')[slip.line]}`);
}

// Files, and what the browser loads and does

const files = await measureFiles();
console.log('');
for (const [name, milliseconds] of Object.entries(files)) say(name, milliseconds);

const dist = path.join(ROOT, 'dist');
if (existsSync(dist)) {
  const sizes = measureSizes(dist);
  const kilobytes = (bytes: number): string => `${(bytes / 1000).toFixed(0)} kB`;
  console.log(
    `\nJavaScript before the first screen, gzipped: Dances ${kilobytes(sizes.dances)}, with Script ${kilobytes(sizes.script)}`,
  );
  console.log(`loaded when used: ${sizes.lazy.map(([name, bytes]) => `${name} ${kilobytes(bytes)}`).join(', ')}`);
  const browser = await measureBrowser();
  for (const [name, milliseconds] of Object.entries(browser ?? {})) say(name, milliseconds);
} else console.log('\nThere is no build: `npm run build` first to see what the browser loads.');

console.log('\nSheets by other hands');
printSheets();
