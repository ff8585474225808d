/** A sheet taken otherwise: the text that each way makes, and what is danced then (worked out by hand). */
import { describe, expect, test } from '@jest/globals';
import { studyText } from '../study';
import { retakesOf, type RetakeKind } from './retake';

const retaken = (text: string, kind: RetakeKind) => {
  const found = retakesOf(studyText(text).script).find((one) => one.kind === kind);
  const parts = found ? studyText(found.text).dance.parts : [];
  return { text: found?.text, sections: parts.flatMap(({ sections }) => sections.map(({ counts }) => counts)) };
};

const HEAD = 'Ebb\n32 counts\n\n';

describe('taken otherwise', () => {
  test('numbers that were taken for counts are a list', () => {
    const list = `${HEAD}1 Vine right, touch left\n2 Vine left, touch right\n3 Jazz box right\n4 Rocking chair right\n`;
    expect(retaken(list, 'numbers are a list').text).toContain('\nVine right, touch left\nVine left');
  });

  test('each paragraph is a section, its heading kept as the title', () => {
    const two = `${HEAD}Walks\n1-4 Walk R L R L\n5-8 Jazz box R\n\n1-4 Vine R, touch L\n5-8 Vine L, touch R\n`;
    const { text, sections } = retaken(two, 'paragraphs are sections');
    expect(text).toContain('## Section 1: Walks\n1-4 Walk R L R L');
    expect(text).toContain('## Section 2\n1-4 Vine R');
    expect(sections).toEqual([8, 8]);
  });

  test('counts left aside, before the steps or behind them', () => {
    const before = `${HEAD}1-4 Vine R, touch L\n5-8 Vine L, touch R\n1-4 Jazz box R\n5-8 Rocking chair R\n`;
    const behind = `${HEAD}Vine R, touch L (1-4)\nVine L, touch R (5-8)\nJazz box R (1-4)\nRocking chair R (5-8)\n`;
    for (const text of [before, behind])
      expect(retaken(text, 'counts left aside').text).toBe(
        `${HEAD}Vine R, touch L\nVine L, touch R\nJazz box R\nRocking chair R\n`,
      );
  });

  test('nothing is offered for a sheet of hardly a line, and nothing that changes nothing', () => {
    expect(retakesOf(studyText('Ebb\n\n1-4 Vine R').script)).toEqual([]);
    const own = '## Section 1\nVine R, touch L\nVine L, touch R\n## Section 2\nJazz box R\nRocking chair R\n';
    expect(retakesOf(studyText(own).script).map(({ kind }) => kind)).toEqual(['paragraphs are sections']);
  });
});
