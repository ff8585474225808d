import type { Proposal } from '../../model/findings';
import type { Span } from '../../model/text';
import { hourOfFacing } from '../../model/turns';
import { wallsOf } from '../../walls/table';
import { phrased, planned, replacing, wordsAt, type Rule } from '../rule';

export const planFacing: Rule = {
  code: 'plan-facing',
  group: 'plan',
  severity: 'error',
  about: 'The facing that the plan states for a restart, tag or ending is not the one that is reached.',
  waitsFor: 'dance',
  examples: {
    bad: [
      {
        text: planned('wall 3: restart after 4 (<|9:00|>)'),
        fixed: planned('wall 3: restart after 4 (12:00)'),
        message: 'The restart on wall 3 faces 12:00, not 9:00.',
      },
    ],
    good: [
      planned('wall 3: restart after 4 (12:00)'),
      planned('wall 3: restart after 4, facing the front wall'),
      phrased('order: A B A', 'wall 3: tag: hold 2 counts (6:00)'),
    ],
  },
  find: (dance) =>
    wallsOf(dance)
      .claims.filter(({ said, computed }) => said !== computed)
      .map(({ span, wall, said, computed, moment }) => ({
        span,
        wall,
        message: `The ${moment} on wall ${wall} ${moment === 'ending' ? 'ends facing' : 'faces'} ${hourOfFacing(computed)}, not ${hourOfFacing(said)}.`,
        ...fixOf(wordsAt(dance, span), hourOfFacing(computed), span),
      })),
};

/** An hour is put right; words about the front or the back are left to the writer. */
const fixOf = (words: string, hour: string, span: Span): { fix?: Proposal } =>
  /^\d{1,2}[:.]\d{2}$/.test(words) ? { fix: replacing(hour, span, hour) } : {};
