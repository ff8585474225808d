import { isFoot } from '../../model/feet';
import { placeOfTick } from '../../model/ticks';
import { headingPlace, sectionName, sectionsOf, type Rule } from '../rule';

const FIRST = '## Section 1 (2 counts)\n1-2 Walk R, walk L\n';

export const copiedFoot: Rule = {
  code: 'copied-foot',
  group: 'weight',
  severity: 'error',
  about: 'A section that is another one over again starts on a foot that is not free.',
  namesPlace: true,
  examples: {
    bad: [
      {
        text: `${FIRST}\n<|## Section 2 = Section 1 mirrored|>`,
        message: 'Section 2: weight is on L here, so L can’t step on 1.',
      },
    ],
    good: [`${FIRST}\n## Section 2 = Section 1`],
  },
  find: (dance) =>
    sectionsOf(dance).flatMap(({ block, section: own }) => {
      if (!own.text.copy) return [];
      const [first] = own.lines.flatMap(({ moments }) => moments).filter(({ action }) => action.foot !== null);
      if (!first || !isFoot(first.before.weight) || first.action.foot !== first.before.weight) return [];
      const { foot, effect, word } = first.action;
      const verb = effect === 'none' ? word : 'step';
      return [
        {
          span: headingPlace(dance, own),
          message: `${sectionName(block, own)}: weight is on ${foot} here, so ${foot} can’t ${verb} on ${placeOfTick(first.tick)}.`,
        },
      ];
    }),
};
