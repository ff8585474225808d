/** Joins: which foot leads, whether it is free, and where the weight passes through. */
import { describe, expect, test } from '@jest/globals';
import { studyText } from '../study';
import { viewWalls } from '../views/walls';
import { freeAt } from './pieces';
import { wallsOf } from './table';

/** Ends as it begins; after four counts the weight is on R, after six on L, after seven on R. */
const PART = '## Section 1\n1-4 Vine R, touch L\n5-6 Step L side, touch R\n7-8 Step R side, step L beside R\n';
const dance = (plan: string, tag = '1-2 Sway R, sway L') =>
  `start: weight L\n\n${PART}\n## Tag "ebb"\n${tag}\n\n## Plan\n${plan}\n`;

/** Every join of the walls in turn: the foot that is free, the foot that leads, and whether it is good. */
const joinsOf = (text: string): string[] =>
  wallsOf(studyText(text).dance).walls.flatMap(({ number, pieces }) =>
    pieces.map(
      (piece) => `${number} ${piece.kind} ${freeAt(piece) ?? '?'} ${piece.join.leads ?? '-'} ${piece.join.good}`,
    ),
  );

const toldOf = (text: string): string[] =>
  studyText(text)
    .findings.filter(({ code }) => code === 'join-weight' || code === 'wall-does-not-loop')
    .map(({ code, wall }) => `${code} ${wall ?? ''}`.trim());

describe('each way a wall can go on', () => {
  test.each([
    ['whole walls', dance('wall 1: tag ebb'), ['1 part R R true', '1 tag R R true', '2 part R R true'], []],
    ['a cut that frees the foot', dance('wall 1: restart after 6'), ['1 part R R true', '2 part R R true'], []],
    ['a cut that does not', dance('wall 1: restart after 4'), ['1 part R R true', '2 part L R false'], ['join-weight 1']],
    ['a cut mended with an &', dance('wall 1: restart after 4, then & Step L beside R'), ['1 part R R true', '1 changed L L true', '2 part R R true'], []],
    ['a tag where the other foot is free', dance('wall 1: tag ebb after 6\nwall 2: tag ebb after 7'), ['1 part R R true', '1 tag R R true', '1 part R R true', '2 part R R true', '2 tag L R false', '2 part R L false'], ['join-weight 2']],
    ['a tag that only holds passes the weight on', dance('wall 1: tag after 4: hold 2 counts'), ['1 part R R true', '1 tag L - true', '1 part L L true', '2 part R R true'], []],
    ['a change that ends on the other foot', dance('wall 1: change 8 to Touch L beside R'), ['1 part R R true', '1 changed L L true', '2 part L R false'], ['join-weight 1']],
    ['with the weight on both feet either may lead', dance('wall 1: tag ebb', '1-2 Sway R, step L beside R (weight both)'), ['1 part R R true', '1 tag R R true', '2 part ? R true'], []],
    ['after words that nobody understands nothing is accused', dance('wall 1: tag ebb', '1-2 Frobnicate merrily'), ['1 part R R true', '1 tag R - true', '2 part R R true'], []],
  ])('%s', (_, text, joins, told) => {
    expect(joinsOf(text).slice(0, joins.length)).toEqual(joins);
    expect(toldOf(text)).toEqual(told);
  }); // prettier-ignore
});

test('a dance that does not loop is told once, not at every wall', () => {
  const text = 'start: weight L\n\n## Section 1 (4 counts)\n1-4 Vine R, touch L\n';
  expect(toldOf(text)).toEqual(['wall-does-not-loop']);
  expect(viewWalls(studyText(text).dance, []).rows.map(({ joins }) => joins)).toEqual([false, false, false, false]);
});

test('the last wall that is shown joins by where its own weight stands', () => {
  const last = (plan: string) => {
    const { rows } = viewWalls(studyText(dance(plan)).dance, [], 4);
    return rows[3].joins;
  };
  expect([last('wall 4: restart after 4'), last('wall 4: restart after 6'), last('wall 4: tag ebb')]).toEqual([
    false,
    true,
    true,
  ]);
});

test('a tag that takes over rightly and does not hand over is told at its last line, with the plan beside it', () => {
  const text = dance('walls 1, 2: tag ebb', '1-2 Sway R, touch L');
  const [finding, ...others] = studyText(text).findings.filter(({ code }) => code === 'join-weight');
  expect(others).toEqual([]);
  expect(text.slice(finding.span.from, finding.span.to)).toBe('1-2 Sway R, touch L');
  expect(finding.message).toBe('After the tag ebb on wall 1 the weight is on R, so R is not free to begin again.');
});

test('twelve tags each start as their place hands over, however many there are', () => {
  // After count 4 of two vines the weight is on R, so L leads there; at the end of the wall it is on L, and R leads. In turn, so that
  // no tag starts as the one before it ends.
  const numbers = Array.from({ length: 12 }, (_, index) => index + 1);
  const text = [
    'start: weight L\n\n## Section 1\n1-4 Vine R, touch L\n5-8 Vine L, touch R\n',
    ...numbers.map((number) => `## Tag "t${number}"\n1-2 Walk\n`),
    '## Plan',
    ...numbers.map((number) => `wall ${number}: tag t${number}${number % 2 === 1 ? ' after 4' : ''}`),
  ].join('\n');
  const { dance, findings } = studyText(text);
  expect(dance.tags.map(({ moments }) => moments.map(({ action }) => action.foot).join(''))).toEqual(
    numbers.map((number) => (number % 2 === 1 ? 'LR' : 'RL')),
  );
  expect(findings.filter(({ code }) => code === 'join-weight')).toEqual([]);
});

test('regular lines whose walls come together late are all laid: a bad join on wall 8 is told', () => {
  // After count 3 of a vine R the weight is on R, and R leads the next wall.
  const text =
    'start: weight L\n\n## Section 1\n1-4 Vine R, touch L\n5-8 Vine L, touch R\n\n## Tag "ebb"\n1-2 Walk R, L\n\n## Plan\nevery 7th wall: tag ebb\nevery 8th wall: restart after 3';
  const { findings, dance } = studyText(text);
  // On wall 56 the tag of the 7th meets the cut of the 8th, and R is as little free for the tag.
  expect(findings.flatMap(({ code, wall }) => (code === 'join-weight' ? [wall] : []))).toEqual([56, 8]);
  expect(wallsOf(dance).walls.length).toBeGreaterThanOrEqual(56);
});
