import { stateAt } from '../../dancing/places';
import { hourOfFacing } from '../../model/turns';
import { optionsOf } from '../../walls/options';
import { section, type Rule } from '../rule';

export const optionFacing: Rule = {
  code: 'option-facing',
  group: 'options',
  severity: 'error',
  about: 'An option that ends facing another wall than what it replaces.',
  examples: {
    bad: [
      {
        text: section(
          4,
          '1-2 Rock R forward, recover L',
          '3&4 Triple full turn right R L R',
          '       option no turn: <|Shuffle R turning 1/2 right|>',
        ),
        message: 'The option ends facing 6:00; what it replaces ends facing 12:00.',
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
    optionsOf(dance).flatMap(({ span, over, danced, understood }) => {
      if (!over || !danced || !understood) return [];
      const [own, wanted] = [danced.after.facing, stateAt(over.block, over.to).facing];
      if (own === wanted) return [];
      return [
        {
          span,
          message: `The option ends facing ${hourOfFacing(own)}; what it replaces ends facing ${hourOfFacing(wanted)}.`,
        },
      ];
    }),
};
