import { stateAt } from '../../dancing/places';
import { isFoot } from '../../model/feet';
import { optionsOf } from '../../walls/options';
import { section, type Rule } from '../rule';

export const optionWeight: Rule = {
  code: 'option-weight',
  group: 'options',
  severity: 'error',
  about: 'An option that ends on another foot than what it replaces.',
  examples: {
    bad: [
      {
        text: section(
          4,
          '1-2 Rock R forward, recover L',
          '3&4 Triple full turn right R L R',
          '       option no turn: <|3-4 Walk R L|>',
        ),
        message: 'The option ends with the weight on L; what it replaces ends on R.',
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
      const [own, wanted] = [danced.after.weight, stateAt(over.block, over.to).weight];
      if (!isFoot(own) || !isFoot(wanted) || own === wanted) return [];
      return [{ span, message: `The option ends with the weight on ${own}; what it replaces ends on ${wanted}.` }];
    }),
};
