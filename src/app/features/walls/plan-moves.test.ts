/** What the keys and the pointer do on the picture of the walls, as changes of the text. */
import { describe, expect, test } from '@jest/globals';
import { applyEdits, placesOnWall, studyText, viewWalls } from '../../../core';
import { canRun, commandEdits, dropEdits, neighbour, type Here } from './plan-moves';
import { beatOf, countAt, percent, sectionEnds } from './scale';
import { commandOfKey, WALL_COMMANDS, type WallCommandId } from './wall-commands';

const DANCE = `# Slack Water

## Section 1
1-4 Jazz box R
5-8 Rocking chair R

## Section 2
1-2 Step R forward, pivot 1/4 left
3-4 Walk R, walk L
5-8 V step R

## Tag "ebb"
1-4 Sway R, sway L, sway R, sway L
`;
const planned = (...lines: string[]) => `${DANCE}\n## Plan\n${lines.join('\n')}\n`;

function hereIn(text: string, wall: number, count: number): Here {
  const study = studyText(text);
  const rows = viewWalls(study.dance, study.findings, 6).rows;
  const places = placesOnWall(study.dance, wall);
  const row = rows.find(({ number }) => number === wall);
  if (!row) throw new Error(`no wall ${wall}`);
  return { study, row, place: places[count - 1], places, lastWall: rows.length };
}

/** The lines of the plan after a command. */
function ran(text: string, wall: number, count: number, id: WallCommandId): string[] {
  const edited = applyEdits(text, commandEdits(hereIn(text, wall, count), id).edits);
  return edited.slice(edited.indexOf('## Plan')).trim().split('\n').slice(1);
}

describe('a command', () => {
  test.each<[string, string, number, number, WallCommandId, string[]]>([
    ['restart here', DANCE, 3, 8, 'restart', ['wall 3: restart after 8']],
    ['tag in the middle', DANCE, 2, 8, 'tag', ['wall 2: tag ebb after 8']],
    ['tag at the end', DANCE, 2, 16, 'tag', ['wall 2: tag ebb']],
    ['end here', DANCE, 4, 12, 'end', ['ending: wall 4 after 12']],
    ['end here instead', planned('ending: wall 6 after 8'), 4, 12, 'end', ['ending: wall 4 after 12']],
    ['earlier, to where nothing is torn', planned('wall 3: restart after 12'), 3, 12, 'earlier', ['wall 3: restart after 11']],
    ['later', planned('wall 3: restart after 4'), 3, 4, 'later', ['wall 3: restart after 8']],
    ['to the next wall', planned('wall 3: restart after 8'), 3, 8, 'wall-after', ['wall 4: restart after 8']],
    ['a tag to the wall before', planned('wall 3: tag ebb'), 3, 16, 'wall-before', ['wall 2: tag ebb']],
    ['one of the regular walls', planned('even walls: tag ebb'), 2, 16, 'wall-after', ['walls 3, 4, 6, 8, 10, 12, 14, 16: tag ebb']],
    ['remove a tag', planned('wall 3: tag ebb', 'wall 4: restart after 8'), 3, 16, 'remove', ['wall 4: restart after 8']],
  ])('%s', (_, text, wall, count, id, plan) => expect(ran(text, wall, count, id)).toEqual(plan)); // prettier-ignore

  test('puts the tag that is chosen, where there are several', () => {
    const two = DANCE + '\n## Tag "low water"\n1-2 Sway R, sway L\n';
    const { edits } = commandEdits(hereIn(two, 2, 16), 'tag', 1);
    expect(applyEdits(two, edits)).toContain('wall 2: tag "low water"');
  });

  test('is offered only where it can do something', () => {
    const offered = (text: string, wall: number, count: number) =>
      WALL_COMMANDS.map(({ id }) => id).filter((id) => canRun(hereIn(text, wall, count), id));
    expect(offered(DANCE, 2, 8)).toEqual(['restart', 'tag', 'end']);
    // At the end of a wall there is nothing to cut.
    expect(offered(DANCE, 2, 16)).toEqual(['tag', 'end']);
    expect(offered(planned('wall 1: restart after 8'), 1, 8)).toEqual([
      'tag',
      'end',
      'earlier',
      'later',
      'wall-after',
      'remove',
    ]);
    expect(offered(planned('ending: wall 3 after 8'), 3, 8)).not.toContain('wall-after');
  });

  test('every one has a key of its own', () => {
    expect(new Set(WALL_COMMANDS.map(({ keyName }) => keyName)).size).toBe(WALL_COMMANDS.length);
    const press = (key: string, altKey = false, ctrlKey = false) =>
      commandOfKey({ key, altKey, ctrlKey, metaKey: false });
    expect([press('R'), press('ArrowLeft', true), press('Backspace'), press('ArrowLeft'), press('r', false, true)]).toEqual([
      'restart', 'earlier', 'remove', undefined, undefined,
    ]); // prettier-ignore
  });
});

describe('a drag', () => {
  const text = planned('walls 1, 3: restart after 8', 'wall 2: tag ebb');
  const dropped = (entry: number, kind: 'cut' | 'tag', from: number, wall: number, beat: number): string[] => {
    const study = studyText(text);
    const rows = viewWalls(study.dance, study.findings, 6).rows;
    const edits = dropEdits(study, { dragged: { entry, wall: from, kind }, wall, beat }, (to, at) =>
      countAt(rows[to - 1], at - 0.5),
    );
    const edited = applyEdits(text, edits);
    return edited.slice(edited.indexOf('## Plan')).trim().split('\n').slice(1);
  };

  test('takes a cut to another wall, at the nearest place that tears nothing', () => {
    expect(dropped(0, 'cut', 3, 4, 8.3)).toEqual(['walls 1, 4: restart after 8', 'wall 2: tag ebb']);
    expect(dropped(0, 'cut', 3, 4, 11)).toEqual([
      'wall 1: restart after 8',
      'wall 4: restart after 11',
      'wall 2: tag ebb',
    ]);
  });

  test('takes a tag to another wall and leaves its place alone', () =>
    expect(dropped(1, 'tag', 2, 5, 3)).toEqual(['walls 1, 3: restart after 8', 'wall 5: tag ebb']));

  test('that comes back to where it began changes nothing', () => {
    expect(dropped(0, 'cut', 3, 3, 8)).toEqual(['walls 1, 3: restart after 8', 'wall 2: tag ebb']);
    expect(dropped(1, 'tag', 2, 2, 8)).toEqual(['walls 1, 3: restart after 8', 'wall 2: tag ebb']);
  });
});

describe('the scale', () => {
  const row = hereIn(planned('wall 2: tag ebb after 8'), 2, 8).row;

  test('goes from counts to beats and back, over a tag inside the wall', () => {
    for (const count of [1, 4, 8, 9, 12, 16]) expect([count, countAt(row, beatOf(row, count))]).toEqual([count, count]);
    expect([beatOf(row, 8), beatOf(row, 9), percent(5, 20)]).toEqual([8, 13, '25%']);
    expect(countAt(row, -3)).toBe(1);
    expect(countAt(row, 99)).toBe(16);
  });

  test('knows where sections end, also one that a tag stands in', () => {
    expect(sectionEnds(row)).toEqual([8, 16]);
    expect(sectionEnds(hereIn(planned('wall 2: tag ebb after 4'), 2, 8).row)).toEqual([4, 8, 16]);
  });
});

test('the next place is the nearest that tears nothing', () => {
  const here = hereIn(DANCE, 1, 8);
  expect([neighbour(here, 8, 'earlier'), neighbour(here, 8, 'later'), neighbour(here, 16, 'later')]).toEqual([
    4,
    9,
    undefined,
  ]);
});
