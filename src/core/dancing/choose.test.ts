/** What of a line is danced: counts choose, and no step that is another is explained away. Common practice, no source. */
import { expect, test } from '@jest/globals';
import { studyText } from '../study';

const slipsIn = (line: string, weight = 'L'): string[] =>
  studyText(`start: weight ${weight}\n\n## Section 1 (8 counts)\n${line}`)
    .findings.filter(({ severity, code }) => severity !== 'remark' && !/^(?:section-short|wall-does-not-loop|counts-gap)$/.test(code))
    .map(({ code }) => code); // prettier-ignore

const feetOf = (line: string, weight = 'L'): string =>
  studyText(`start: weight ${weight}\n\n## Section 1 (8 counts)\n${line}`)
    .dance.parts[0].moments.map(({ action }) => `${action.foot ?? '-'}${action.effect === 'takes' ? '' : '*'}`)
    .join(' ');

test.each([
  ['1-4 Rolling vine left, a full turn over the left shoulder, left right left and touch right', 'R', 'L R L R*'],
  ['1-4 a vine to the right, stepping right to the side, left behind, right to the side and touching the left next to it', 'L', 'R L R L*'],
  ['1&2 Shuffle 1/2 turn left, stepping left, right, left', 'R', 'L R L'],
  ['1&2 Coaster R, back, together, forward', 'L', 'R L R'],
  ['1-2 Step R side, step L beside, arms like the tide coming in', 'L', 'R L'],
  ['1-2 Step L to side swaying left, sway right', 'R', 'L R'],
  ['1-4 Step R forward, pivot 1/2 left, twice', 'L', 'R L R L'],
  ['1&2 Right chase turn, 1/2 left', 'L', 'R L R'],
  ['1-2 Heel grind: step on R heel with toes turned in, fan the toes out and recover on L', 'L', 'R L'],
  ['1-4 Jazz box with a touch: cross R, step L back, step R side, touch L', 'L', 'R L R L*'],
  ['1-4 Vine, going left', 'R', 'L R L R*'],
  ['1-2 Rock R forward, of course recover L', 'L', 'R L'],
  ['1-2 Step forward on the ball of the right foot, step L together', 'L', 'R L'],
])('%s', (line, weight, feet) => expect([feetOf(line, weight), slipsIn(line, weight)]).toEqual([feet, []])); // prettier-ignore

test.each([
  ['a step that the figure before it leaves no foot for', '1-4 Vine R, step R forward', 'foot-not-free'],
  ['a step more than there are counts', '1-2 Step R forward, step L forward, step R forward', 'counts-too-few'],
  ['a gesture in one breath with a step', '1 Step R forward kick', 'counts-too-few'],
  ['more of what fills its counts', '1-2 Stomp R, stomp L, twice', 'counts-too-few'],
  ['a name over another spelling, whatever its length', '1-4 Jazz box R: side, behind, side', 'counts-left-over'],
  [
    'a foot that all of it begins with, and that is not free',
    '1-4 Walk forward, leading with the left',
    'foot-not-free',
  ],
  ['an explanation with another direction', '1&2 Coaster R: step R forward, L beside, R back', 'name-contradicts'],
  ['a word in the place of a step', '1-2 Step R side, frobnicate', 'not-understood'],
  ['a named side that is not free', '1-4 monterey 1/4 L', 'foot-not-free'],
])('%s is told', (_, line, code) => expect(slipsIn(line)).toContain(code));

// Worked by hand: what turns under a title turns as the titled figure does, and a pivot moves no foot.
test.each([
  // A pivot with R ahead turns to the left, towards the foot it comes to.
  ['1-2 Pivot turn 1/4: step R forward, recover L', ['step R 0', 'recover L -12']],
  ['1-2 Pivot turn 1/4: step L forward, recover R', ['step L 0', 'recover R 12']],
  // With the weight on both the foot goes that did not move last: R stepped, the pivot only turned.
  ['1-2 Step R forward, pivot 1/2 left\n3 Jump both feet\n4 Step forward', ['step R 0', 'pivot L -24', 'jump null 0', 'step L 0']],
  ['1-2 Step R forward, step L forward\n3 Jump both feet\n4 Step forward', ['step R 0', 'step L 0', 'jump null 0', 'step R 0']],
])('%s', (lines, wanted) => {
  const weight = lines.includes('step L forward, recover') ? 'R' : 'L';
  const [part] = studyText(`start: weight ${weight}\n\n## Section 1\n${lines}\n`).dance.parts;
  expect(part.moments.map(({ action: { word, foot, turn } }) => `${word} ${foot} ${turn}`)).toEqual(wanted);
}); // prettier-ignore
