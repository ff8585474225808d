import { headingPlace, linesOf, placeIn, sectionsOf, type Rule } from '../rule';

const SIXTEEN = Array.from({ length: 16 }, (_, index) => `${index + 1} Step R`);

export const copiedTooMuch: Rule = {
  code: 'copied-too-much',
  group: 'counts',
  severity: 'warning',
  about: 'A line or a section stands for more than a dance can hold.',
  examples: {
    bad: [
      {
        text: `## Section 1 (16 counts)\n${SIXTEEN.join('\n')}\n\n## Section 2 (16 counts)\n<|repeat section 1 x9|>`,
        message: 'This stands for more than a dance can hold, so nothing is danced here.',
      },
    ],
    good: ['## Section 1\n1-4 Walk R L R L\n5-8 repeat 1-4\n\n## Section 2 = Section 1'],
  },
  find: (dance) => [
    ...linesOf(dance).flatMap(({ line }) =>
      line.groups.flatMap(({ tooMuch, group }) =>
        tooMuch && group.repeat ? [{ span: placeIn(line.line, group.repeat.span), message: TOO_MUCH }] : [],
      ),
    ),
    ...sectionsOf(dance).flatMap(({ section }) =>
      section.tooMuch ? [{ span: headingPlace(dance, section), message: TOO_MUCH }] : [],
    ),
  ],
};

const TOO_MUCH = 'This stands for more than a dance can hold, so nothing is danced here.';
