import { optionsOf } from '../../walls/options';
import { section, type Rule } from '../rule';
import { isImpossible } from './foot-not-free';

export const optionFoot: Rule = {
  code: 'option-foot',
  group: 'options',
  severity: 'error',
  about: 'An option that steps with the foot which bears the weight.',
  examples: {
    bad: [
      {
        text: section(
          4,
          '1-2 Rock R forward, recover L',
          '3&4 Triple full turn right R L R',
          '       option no turn: <|Shuffle L in place|>',
        ),
        message: 'Weight is on L there, so the option can’t step with L.',
      },
    ],
    good: [
      section(
        4,
        '1-2 Rock R forward, recover L',
        '3&4 Triple full turn right R L R',
        '       option no turn: Shuffle R in place',
      ),
    ],
  },
  find: (dance) =>
    optionsOf(dance).flatMap(({ span, danced }) => {
      const slip = danced?.moments.find(isImpossible);
      return slip
        ? [
            {
              span,
              message: `Weight is on ${slip.before.weight} there, so the option can’t ${slip.action.effect === 'none' ? slip.action.word : 'step'} with ${slip.action.foot}.`,
            },
          ]
        : [];
    }),
};
