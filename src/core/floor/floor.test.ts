/** The floor by the laws of plane motions, by worked steps, and beside the reader's own places. */
import { describe, expect, test } from '@jest/globals';
import { readdirSync, readFileSync } from 'node:fs';
import fc from 'fast-check';
import { mat2d, vec2 } from 'gl-matrix';
import { danceScript, type DancedBlock } from '../dancing/dance';
import { readScript } from '../page/read-script';
import { CIRCLE, facingAfter, wallsOfTurn } from '../model/turns';
import { TICKS_A_COUNT } from '../model/ticks';
import { wallTable } from '../walls/table';
import { mirrorLines } from '../rewriting/mirror';
import { applyEdits } from '../model/text';
import { studyText } from '../study';
import { driftWords } from './words';
import { hallOf } from './hall';
import { crossingsOf, driftOf, measureBlock, reachOf } from './measure';
import { floorPath, measurePath, stretchesOf, type Stretch } from './path';
import { poseAt } from './pose';

const section = (...lines: string[]): DancedBlock =>
  danceScript(readScript(['start: weight L', '', '## Section 1', ...lines].join('\n'))).parts[0];
const whole = (block: DancedBlock): Stretch => ({
  block,
  from: 0,
  to: block.moments.length,
  begins: 0,
  ticks: block.counts * TICKS_A_COUNT,
  wall: 1,
});
const near = (value: number): number => Math.round(value * 1e6) / 1e6 + 0;
const DEMOS = readdirSync('dances').filter((name) => name.endsWith('.txt') && !name.includes('draft'));
const demo = (name: string) => studyText(readFileSync(`dances/${name}`, 'utf8')).dance;

describe('worked on the floor, in ordinary steps', () => {
  // Feet stand 0.3 apart; forward is one step before the standing foot, side one step from it.
  test.each([
    ['1-4 Walk R L R L', { right: 0, forward: 4 }],
    ['1-2 Rock R forward, recover L', { right: 0, forward: 0 }],
    ['1-4 Vine R, touch L', { right: 2, forward: 0 }],
    // What comes back to where it began does so here, too.
    ['1-4 V step R', { right: 0, forward: 0 }],
    ['1-4 Jazz box R', { right: 0.1, forward: 0 }],
    ['1-8 K step R', { right: 0, forward: 0 }],
    ['1-8 Rumba box R', { right: 0, forward: 0 }],
    ['1-4 Rocking chair R', { right: 0, forward: 0 }],
    // R lands a foot's width (0.3) past L, which is two widths from where it stood; then a step out and a step back.
    ['1&2 Sailor R', { right: -0.6, forward: 0 }],
    ['1-2 Step R forward, pivot 1/2 left', { right: -0.3, forward: 0 }],
    ['1&2 Coaster R', { right: 0, forward: 0 }],
  ])('%s', (line, drift) => {
    const { drift: own } = measureBlock(section(line));
    expect({ right: near(own.right), forward: near(own.forward) }).toEqual(drift);
  });

  test('a foot that walks goes two steps, one that closes none', () => {
    const { moments } = section('1-2 Step R forward, step L forward', '3-4 Cross R over L, step L behind R');
    expect(moments.map((moment) => near(reachOf(moment))).slice(0, 2)).toEqual([1, 2]);
    expect(crossingsOf(moments)).toBe(2);
  });

  test.each([
    [{ right: 2, forward: -0.4 }, '2 steps to the right and half a step back'],
    [{ right: -0.2, forward: 0.1 }, undefined],
    [{ right: 0, forward: 1.5 }, '1 and a half steps forward'],
    [{ right: -1, forward: 0 }, '1 step to the left'],
  ])('%j is told as %s', (drift, words) => expect(driftWords(drift)).toBe(words));

  test.each([
    ['hall: 12 x 6 m', [20, 10]],
    ['hall: 16 x 10 steps', [16, 10]],
    ['hall: the boat shed', undefined],
  ])('%s', (fact, size) => {
    const hall = hallOf(readScript(`${fact}\n\n## Section 1\n1 Step R`).header);
    expect(hall && [near(hall.width), near(hall.depth)]).toEqual(size);
  });
});

describe('laws of motions', () => {
  test('a mirrored dance drifts to the other side, as far forward, in a mirrored box', () => {
    for (const name of DEMOS) {
      const dance = demo(name);
      const { text, lines } = dance.script;
      const mirrored = studyText(
        applyEdits(text, mirrorLines(dance, { from: 0, to: lines.length })).replace('weight L', 'weight R'),
      ).dance;
      const [one, other] = [measureBlock(dance.parts[0]), measureBlock(mirrored.parts[0])];
      if (mirrored.parts[0].before.weight === dance.parts[0].before.weight) continue;
      expect([name, near(other.drift.right), near(other.drift.forward)]).toEqual([name, near(-one.drift.right), near(one.drift.forward)]);
      expect([near(other.box.left), near(other.box.right)]).toEqual([near(one.box.right), near(one.box.left)]);
    }
  }); // prettier-ignore

  test('begun at another facing, the path is turned, and seen by the dancer it is the same', () => {
    fc.assert(
      fc.property(fc.constantFrom(...DEMOS), fc.integer({ min: 0, max: CIRCLE - 1 }), (name, facing) => {
        const stretch = whole(demo(name).parts[0]);
        const [plain, turned] = [floorPath([stretch]), floorPath([stretch], facing)];
        const [one, other] = [measurePath(plain), measurePath(turned)];
        expect([near(other.drift.right), near(other.drift.forward)]).toEqual([near(one.drift.right), near(one.drift.forward)]);
        const last = turned.steps[turned.steps.length - 1];
        expect(last.body.turn).toBe(plain.steps[plain.steps.length - 1].body.turn + facing);
      }),
      { numRuns: 40 },
    );
  }); // prettier-ignore

  test('a dance that turns is back in its place after a full round of walls', () => {
    const rounds = DEMOS.map(demo).filter(({ parts, loops, script }) => parts.length === 1 && loops === true && script.plan.length === 0);
    expect(rounds.length).toBeGreaterThan(2);
    for (const dance of rounds) {
      const [part] = dance.parts;
      const walls = wallsOfTurn(part.netTurn);
      if (walls === 1) continue;
      const { drift } = measurePath(floorPath(stretchesOf(wallTable(dance, walls).slice(0, walls))));
      expect([dance.script.title, near(drift.right), near(drift.forward)]).toEqual([dance.script.title, 0, 0]);
    }
  }); // prettier-ignore

  test('what the sections drift adds up to what the part drifts', () => {
    for (const name of DEMOS)
      for (const part of demo(name).parts) {
        const sections = part.sections.map(({ before, after }) => driftOf(before, after));
        const { drift } = measureBlock(part);
        expect(near(sections.reduce((sum, { right }) => sum + right, 0))).toBe(near(drift.right));
        expect(near(sections.reduce((sum, { forward }) => sum + forward, 0))).toBe(near(drift.forward));
      }
  });

  test('walls laid one behind the other face what the wall table says', () => {
    for (const name of DEMOS) {
      const walls = wallTable(demo(name), 4);
      const path = floorPath(stretchesOf(walls), walls[0].start);
      const last = path.steps[path.steps.length - 1];
      expect([name, facingAfter(0, last.body.turn)]).toEqual([name, walls[walls.length - 1].end]);
      expect(path.steps.every(({ time }, index) => index === 0 || time >= path.steps[index - 1].time)).toBe(true);
    }
  });
});

/** Outside oracle: the plane matrices of the general library gl-matrix, y up, so that a turn to the right is a negative angle. */
describe('beside matrices', () => {
  const matrixOf = (turn: number, x = 0, y = 0) =>
    mat2d.rotate(mat2d.create(), mat2d.fromTranslation(mat2d.create(), [x, y]), (-turn * 2 * Math.PI) / CIRCLE);
  const taken = (matrix: mat2d, x: number, y: number) =>
    [...vec2.transformMat2d(vec2.create(), [x, y], matrix)].map((value) => Math.round(value * 1e4) / 1e4 + 0);
  const placed = ({ x, y }: { x: number; y: number }) => [x, y].map((value) => Math.round(value * 1e4) / 1e4 + 0);

  test.each([6, 12, 24, 31, 36])('every foot of a path begun %i parts to the right is the plain one, rotated', (facing) => {
    for (const name of DEMOS) {
      const stretch = whole(demo(name).parts[0]);
      const [plain, turned] = [floorPath([stretch]), floorPath([stretch], facing)];
      // The body's middle is the origin, and stays it.
      const matrix = matrixOf(facing);
      for (const [index, step] of plain.steps.entries())
        for (const foot of ['L', 'R'] as const) {
          const { x, y } = step.after[foot];
          expect([name, ...placed(turned.steps[index].after[foot])]).toEqual([name, ...taken(matrix, x, y)]);
        }
    }
  });

  test('one wall after another is its motion multiplied', () => {
    for (const [counts, lines] of [
      ['a quarter', ['1-4 Vine R, touch L', '5-8 Vine L 1/4 left, scuff R']],
      ['a half', ['1-4 Walk R L R L', '5-6 Rock R forward, recover L', '7&8 Shuffle R 1/2 right', '1-4 Walk L R L, touch R']],
      ['none', ['1-2 Step R side, step L behind R', '3-4 Step R side, touch L', '5-8 Vine L, touch R']],
    ] as const) {
      const { dance } = studyText(['start: weight L', '', '## Section 1', ...lines].join('\n'));
      const [part] = dance.parts;
      const { right, forward } = measureBlock(part).drift;
      const once = matrixOf(part.netTurn, right, forward);
      const many = mat2d.create();
      for (const wall of [1, 2, 3, 4, 5, 6]) {
        mat2d.multiply(many, many, once);
        const { steps } = floorPath(stretchesOf(wallTable(dance, wall).slice(0, wall)));
        expect([counts, wall, ...placed(steps[steps.length - 1].body)]).toEqual([counts, wall, ...taken(many, 0, 0)]);
      }
    }
  });
}); // prettier-ignore

describe('between the counts', () => {
  const path = floorPath([
    whole(section('1-2 Step R forward, pivot 1/2 left', '3&4 Shuffle R', '5-8 Vine L, touch R')),
  ]);

  test('every foot stands where its action put it, with its weight, on the count', () => {
    for (const [index, { time, after, body, weight }] of path.steps.entries()) {
      const pose = poseAt(path, time);
      expect(pose.step).toBe(index);
      for (const foot of ['L', 'R'] as const) {
        expect([near(pose.feet[foot].x), near(pose.feet[foot].y), pose.feet[foot].lift]).toEqual([near(after[foot].x), near(after[foot].y), 0]);
        if (weight === 'L' || weight === 'R') expect(pose.feet[foot].weight).toBe(foot === weight ? 1 : 0);
      }
      expect(pose.body.turn).toBe(body.turn);
    }
  }); // prettier-ignore

  test('no foot jumps, at most one is off the floor, all of the weight is somewhere', () => {
    let before = poseAt(path, 0);
    for (let time = 0.25; time <= path.length; time += 0.25) {
      const pose = poseAt(path, time);
      for (const foot of ['L', 'R'] as const)
        expect(Math.hypot(pose.feet[foot].x - before.feet[foot].x, pose.feet[foot].y - before.feet[foot].y)).toBeLessThan(0.3);
      expect(pose.feet.L.lift * pose.feet.R.lift).toBe(0);
      expect(near(pose.feet.L.weight + pose.feet.R.weight)).toBe(1);
      before = pose;
    }
  }); // prettier-ignore

  // Half of the way is nine ticks behind, a bow of three tenths of a step: in front is toward the wall that is faced.
  test.each([
    ['2 Cross R over L', 0, 'front', [0, 0.3], 0.35],
    ['2 Cross R behind L', 0, 'behind', [0, -0.3], -0.35],
    ['2 Lock R behind L', 0, 'behind', [0, -0.3], -0.35],
    ['2 Cross R over L', CIRCLE / 4, 'front', [0.3, 0], 0.3],
    ['2 Step R side', 0, undefined, [0, 0], 0],
  ])('%s, facing %i, passes %s', (line, facing, passes, bow, ahead) => {
    const own = floorPath([whole(section('1 Hold', line))], facing);
    const step = own.steps[1];
    expect(step.passes).toBe(passes);
    const { R } = poseAt(own, step.time - TICKS_A_COUNT * 0.375).feet;
    const straight = { x: (step.before.R.x + step.after.R.x) / 2, y: (step.before.R.y + step.after.R.y) / 2 };
    expect([near(R.x - straight.x), near(R.y - straight.y), R.lift]).toEqual([...bow, 1]);
    expect(near(step.after.R.y - step.after.L.y)).toBe(ahead);
  });

  test('the weight comes over with the second half of the way', () => {
    const own = floorPath([whole(section('1 Hold', '2 Step R side'))]);
    const weights = [0.75, 0.375, 0.1875, 0].map((before) => poseAt(own, own.steps[1].time - TICKS_A_COUNT * before).feet.R.weight); // prettier-ignore
    expect(weights).toEqual([0, 0, 0.5, 1]);
  });

  test('a pivot turns the way it is written, not the short way round', () => {
    const [, pivot] = path.steps;
    const middle = poseAt(path, pivot.time - 4);
    expect(middle.body.turn).toBeLessThan(0);
    expect(middle.body.turn).toBeGreaterThan(-CIRCLE / 2);
  });

  test('heels that swivel go to one side and the other, and come back', () => {
    const swivels = floorPath([whole(section('1-4 Swivel heels R L R L'))]).steps.map(({ swivel }) => swivel);
    expect(swivels).toEqual([6, -6, 6, 0]);
  });
});
