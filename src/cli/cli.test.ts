/** The command line, run as people run it. Exit 0: nothing worse than a warning; 1: errors found; 2: unreadable. */
import { beforeAll, expect, test } from '@jest/globals';
import { spawnSync } from 'node:child_process';
import { copyFileSync, mkdirSync, readdirSync, writeFileSync } from 'node:fs';
import { slate as run } from './slate';
import { terminalOf } from './terminal';
import { clickTrack, writeWav } from '../music';

/** In this process, as a process of its own would answer. */
async function slate(args: string[], input: string | Buffer = '') {
  const [out, complaints]: [Buffer[], string[]] = [[], []];
  const status = await run(
    args,
    terminalOf({
      read: () => new Uint8Array(Buffer.from(input)),
      write: (made) => void out.push(Buffer.from(made)),
      complain: (sentence) => void complaints.push(sentence),
    }),
  );
  return { status, stdout: Buffer.concat(out).toString(), stderr: complaints.join('') };
}

/** In a process of its own, as people run it. */
function spawned(args: string[], input = '') {
  const { status, stdout, stderr } = spawnSync(process.execPath, ['--import', 'tsx', 'src/cli/main.ts', ...args], {
    input,
    encoding: 'utf8',
  });
  return { status, stdout, stderr };
}

beforeAll(() => void mkdirSync('test-results', { recursive: true }));

test('a correct dance: the computed sheet, its walls, exit 0', () => {
  const { status, stdout, stderr } = spawned(['check', 'dances/slipway-stroll.txt', '--walls', '2']);
  expect({ status, stderr }).toEqual({ status: 0, stderr: '' });
  expect(stdout).toContain('Slipway Stroll');
  expect(stdout).toContain('wall 2: 9:00 to 6:00');
  expect(stdout).not.toContain('wall 3');
});

test('a draft: each finding with its place, exit 1; from standard input as well', () => {
  const { status, stdout } = spawned(['check', 'dances/ropes-end-draft.txt']);
  expect(status).toBe(1);
  expect(stdout.match(/^dances\/ropes-end-draft\.txt:\d+:\d+ error \S+ .+$/gm)).toHaveLength(3);
});

test('JSON: one object for one file, a list with names for several, standard input as -', async () => {
  expect(JSON.parse((await slate(['check', 'dances/tar-and-oakum.txt', '--json'])).stdout)).toMatchObject({
    title: 'Tar and Oakum',
    totals: { counts: 64 },
  });
  const both = JSON.parse(
    (await slate(['check', '--json', 'dances/tar-and-oakum.txt', '-'], '# Ebb\n1-8 K step R')).stdout,
  );
  expect(both.map(({ file, title }: { file: string; title: string }) => [file, title])).toEqual([
    ['dances/tar-and-oakum.txt', 'Tar and Oakum'],
    ['-', 'Ebb'],
  ]);
});

test('a dance with a plan: what happens on each wall, to its ending, as text and as JSON', async () => {
  const { stdout, status } = await slate(['check', 'dances/low-tide-lanterns.txt']);
  expect(status).toBe(0);
  expect(stdout).toContain('wall 3: 6:00 to 9:00; restart after 16 counts (the end of section 2), facing 9:00\n');
  expect(stdout).toContain('wall 9: 12:00 to 12:00; the dance ends after 16 counts');
  const { walls, totals, tags } = JSON.parse(
    (await slate(['check', 'dances/low-tide-lanterns.txt', '--json', '--walls', '9'])).stdout,
  );
  expect(totals).toMatchObject({ counts: 32, netTurn: -1.25, wallsNet: 4, wallsDanced: 4 });
  expect(tags).toMatchObject([{ name: 'lamp', counts: 2, netTurn: 0 }]);
  expect(walls[0]).toEqual({
    wall: 1,
    part: '',
    start: '12:00',
    counts: 32,
    end: '9:00',
    restart: false,
    tags: [{ name: 'lamp', after: 32, start: '9:00', end: '9:00' }],
  });
  expect(walls[2]).toEqual({ wall: 3, part: '', start: '6:00', counts: 16, end: '9:00', restart: true, tags: [] });
  expect(walls).toHaveLength(9);
  const phrased = JSON.parse((await slate(['check', 'dances/regatta-morning.txt', '--json'])).stdout);
  // A half right in the cut A, three halves left in B.
  expect(phrased.totals).toMatchObject({ counts: 48, netTurn: -1, wallsNet: null });
  expect(phrased.walls.map(({ part }: { part: string }) => part).join('')).toBe('ABABABA');
});

test('several sheets, or a folder of them: slips by place, then a table', async () => {
  mkdirSync('test-results/shelf', { recursive: true });
  for (const file of readdirSync('dances').filter((name) => name.endsWith('.txt')))
    copyFileSync(`dances/${file}`, `test-results/shelf/${file}`);
  const { status, stdout } = await slate(['check', 'test-results/shelf']);
  expect(status).toBe(1);
  expect(stdout).toMatch(/^errors {2}warnings {2}remarks {2}counts {2}walls {2}sheet$/m);
  expect(stdout).toMatch(/^ +3 +0 +0 +23 +4 {2}test-results\/shelf\/ropes-end-draft\.txt$/m);
  expect(stdout).toContain('11 sheets, 10 without a slip; 3 errors');
});

test('tidy, expand and name write text back, to standard output or in place', async () => {
  const typed = '# Ebb\n## Section 1\n1&2 shuf r f\n3&4 coaster l step\n5-8 grapevine r, touch l\n';
  expect((await slate(['tidy', '-'], typed)).stdout).toContain(
    '1&2    Shuffle R forward\n3&4    Coaster L\n5-8    Vine R, touch L\n',
  );
  expect((await slate(['tidy', '-', '--style', 'full-words'], typed)).stdout).toContain(
    '1&2    Triple step right forward',
  );
  const spelt = (await slate(['expand', '-'], typed)).stdout;
  expect(spelt).toContain('3&4    Step L back, close R, step L forward');
  expect((await slate(['name', '-'], spelt)).stdout).toContain('3&4    Coaster L');
  writeFileSync('test-results/ebb.txt', typed);
  expect((await slate(['tidy', '--write', 'test-results/ebb.txt'])).stdout.trim()).toBe('test-results/ebb.txt');
  expect((await slate(['tidy', '--write', 'test-results/ebb.txt'])).stdout).toBe('');
});

test('convert writes every form, and each opens again', async () => {
  const text = (await slate(['convert', 'dances/low-tide-lanterns.txt', '--to', 'txt'])).stdout;
  for (const to of ['json', 'md', 'html', 'csv']) {
    writeFileSync(
      `test-results/lanterns.${to}`,
      (await slate(['convert', 'dances/low-tide-lanterns.txt', '--to', to])).stdout,
    );
    const { totals } = JSON.parse((await slate(['check', `test-results/lanterns.${to}`, '--json'])).stdout);
    expect([to, totals]).toEqual([
      to,
      { counts: 32, netTurn: -1.25, wallsNet: 4, wallsDanced: 4, startWeight: 'L', endWeight: 'L' },
    ]);
    if (to !== 'md') expect((await slate(['convert', `test-results/lanterns.${to}`, '--to', 'txt'])).stdout).toBe(text);
  }
});

test('what can’t be read is said in one sentence, exit 2', async () => {
  writeFileSync('test-results/binary.txt', new Uint8Array([1, 0, 2]));
  for (const args of [
    ['check', 'test-results/nowhere.txt'],
    ['check', 'test-results/binary.txt'],
    ['check'],
    ['check', '-', '--walls', '0'],
    ['chek', '-'],
    ['tidy', '-', '--style', 'frilly'],
    ['tidy', '--write', '-'],
    ['check', '-', '--frob'],
    ['convert', '-'],
    ['convert', '-', '--to', 'stone'],
  ]) {
    const { status, stderr } = await slate(args);
    expect([args, status]).toEqual([args, 2]);
    expect(stderr.trim().split('\n')).toHaveLength(1);
  }
});

test('tidy puts a dance into another language, convert makes a Word file and a PDF that open again', async () => {
  const german = (await slate(['tidy', 'dances/ferry-at-dusk.txt', '--lang', 'de'])).stdout;
  expect(german).toContain('5-6    Schritt R vor, Pivot 1/2 links herum (6:00)\n');
  expect((await slate(['tidy', '-', '--lang', 'en'], german)).stdout).toContain(
    '5-6    Step R forward, pivot 1/2 left (6:00)\n',
  );
  expect((await slate(['tidy', '-', '--lang', 'nl'], german)).status).toBe(2);
  for (const to of ['docx', 'pdf']) {
    expect(
      (await slate(['convert', 'dances/ferry-at-dusk.txt', '--to', to, '--out', `test-results/ferry.${to}`])).status,
    ).toBe(0);
    expect((await slate(['check', `test-results/ferry.${to}`])).stdout).toContain('Ferry at Dusk');
  }
});

test('the dance aloud: captions, MIDI, clicks and cues, as they are asked for', async () => {
  const dance = 'dances/slipway-stroll.txt';
  const { status, stdout } = await slate([
    'convert',
    dance,
    '--to',
    'vtt',
    '--walls',
    '1',
    '--bpm',
    '60',
    '--start',
    '10',
  ]);
  expect(status).toBe(0);
  // Sixty a minute: the touch of the first vine stands at count 4, three seconds behind the first step.
  expect(stdout).toMatch(
    /^WEBVTT\n\n00:00:10\.000 --> 00:00:13\.000\nvine\n\n00:00:13\.000 --> 00:00:14\.000\ntouch\n/,
  );
  const counted = await slate(['convert', dance, '--to', 'srt', '--walls', '1', '--cues', 'counts', '--lang', 'de']);
  expect(counted.stdout).toContain('\neins\n');
  expect((await slate(['convert', dance, '--to', 'mid'])).stdout.startsWith('MThd')).toBe(true);
  expect((await slate(['convert', dance, '--to', 'wav', '--walls', '1'])).stdout.startsWith('RIFF')).toBe(true);
  expect((await slate(['convert', dance, '--to', 'cues'])).stdout.split('\r\n')[0]).toContain('second,wall,place');
});

test.each([
  [['--bpm', '7'], '--bpm takes beats a minute from 20 to 400.'],
  [['--bpm', 'fast'], '--bpm takes beats a minute from 20 to 400.'],
  [['--cues', 'loud'], '--cues takes one of short, usual, full, counts.'],
  [['--walls', '0'], '--walls takes a whole number from 1 to 96.'],
  [['--start', '-3'], '--start takes the seconds before the first step.'],
  [['--lang', 'nl'], '--lang takes one of en, de, fr.'],
])('what can’t be asked for is refused in a sentence: %j', async (asked, sentence) => {
  const args = ['convert', 'dances/slipway-stroll.txt', '--to', 'vtt', ...asked];
  const { status, stderr } = await slate(asked[1] === '-3' ? [...args.slice(0, -2), '--start=-3'] : args);
  expect({ status, stderr: stderr.trim() }).toEqual({ status: 2, stderr: sentence });
});

test('tempo: clicks at 120 a minute are heard so; several files give a list with names; silence and another file a sentence', async () => {
  const beats = Array.from({ length: 60 }, (_, index) => ({ second: 0.75 + index / 2, first: index % 8 === 0 }));
  const [steady, silent] = ['test-results/steady.wav', 'test-results/silent.wav'];
  writeFileSync(steady, writeWav(clickTrack(beats, 31)));
  writeFileSync(silent, writeWav(clickTrack([], 31)));
  const one = await slate(['tempo', steady, '--json']);
  const heard = JSON.parse(one.stdout) as { bpm: number; firstBeat: number };
  // 60 seconds / 0.5 seconds.
  expect([one.status, Math.round(heard.bpm * 10) / 10]).toEqual([0, 120]);
  expect((((heard.firstBeat - 0.75) % 0.5) + 0.51) % 0.5).toBeLessThan(0.02);
  const two = await slate(['tempo', steady, steady, '--json']);
  expect(JSON.parse(two.stdout)).toEqual([
    { file: steady, ...heard },
    { file: steady, ...heard },
  ]);
  expect(await slate(['tempo', silent])).toMatchObject({ status: 1, stdout: 'No beat is heard.\n' });
  const other = await slate(['tempo', 'package.json']);
  expect([other.status, other.stdout]).toEqual([2, '']);
  expect(other.stderr).toMatch(/^package\.json: .+\.\n$/);
});
