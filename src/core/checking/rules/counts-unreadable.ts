import { MOST_COUNTS_A_LINE, type CountProblem } from '../../reading/counts';
import { linesOf, placeIn, section, wordsAt, type Rule } from '../rule';

export const countsUnreadable: Rule = {
  code: 'counts-unreadable',
  group: 'counts',
  severity: 'error',
  about: 'The counts at the head of a line are no counts anybody could call.',
  examples: {
    bad: [
      { text: section(8, '<|8-1|> Vine R'), message: 'The counts go backwards: 8-1.' },
      { text: section(8, '<|0|> Step R forward'), message: 'There is no count 0: counts start at 1.' },
      {
        text: section(8, '<|1-900|> Step R forward'),
        message: '1-900 is too long for one line: a line holds 64 counts at most.',
      },
    ],
    good: [section(8, '1-8 K step R'), '## Section 2\n9-16 K step R'],
  },
  find: (dance) =>
    linesOf(dance).flatMap(({ line }) =>
      line.groups.flatMap(({ group }) => {
        if (!group.counts?.problem) return [];
        const span = placeIn(line.line, group.counts.span);
        return [{ span, message: sentence(group.counts.problem, wordsAt(dance, span)) }];
      }),
    ),
};

function sentence(problem: CountProblem, words: string): string {
  switch (problem) {
    case 'backwards':
      return `The counts go backwards: ${words}.`;
    case 'zero':
      return 'There is no count 0: counts start at 1.';
    case 'too-many':
      return `${words} is too long for one line: a line holds ${MOST_COUNTS_A_LINE} counts at most.`;
  }
}
