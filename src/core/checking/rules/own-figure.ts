import type { Rule } from '../rule';

const DANCE = '## Section 1 (2 counts)\n1&2 Harbour step R\n\n';

export const ownFigure: Rule = {
  code: 'own-figure',
  group: 'names',
  severity: 'warning',
  about: 'A figure of the writer’s own can’t be danced as it is defined.',
  examples: {
    bad: [
      {
        text: `${DANCE}<|## Figure "harbour step" 1&2: A side, B sideways-ish, A tog|>`,
        message: 'The figure “harbour step” can’t be danced yet: “sideways-ish” is no place and no action of a foot.',
      },
      {
        text: `${DANCE}<|## Figure "harbour step" 1&2: A side, B behind|>`,
        message: 'The figure “harbour step” can’t be danced yet: its counts and its actions are not equally many.',
      },
      {
        text: `${DANCE}<|## Figure harbour step|>`,
        message: 'This figure can’t be danced yet: give the figure a name in quotes, such as "harbour step".',
      },
    ],
    good: [`${DANCE}## Figure "harbour step" 1&2: A side, B behind, A tog`],
  },
  find: ({ script }) =>
    script.own.defined.flatMap(({ line, own }) =>
      'problem' in own
        ? [
            {
              span: script.lines[line].span,
              message: `${own.names[0] ? `The figure “${own.names[0]}”` : 'This figure'} can’t be danced yet: ${own.problem}.`,
            },
          ]
        : [],
    ),
};
