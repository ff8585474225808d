import { CIRCLE, turnWords } from '../../model/turns';
import { optionsOf } from '../../walls/options';
import { placesOfMoments, callsOf, placeIn, section, type Rule } from '../rule';

export const noTurnMissing: Rule = {
  code: 'no-turn-missing',
  group: 'options',
  severity: 'remark',
  about: 'A full turn or more in one figure, and no way without it.',
  examples: {
    bad: [
      {
        text: section(4, '1-2 Rock R forward, recover L', '3&4 <|Triple full turn right R L R|>'),
        message: 'A full turn here, and no option without it.',
      },
    ],
    good: [
      section(
        4,
        '1-2 Rock R forward, recover L',
        '3&4 Triple full turn right R L R',
        '       option no turn: Shuffle R in place',
      ),
      section(4, '1-2 Rock R forward, recover L', '3&4 Shuffle R turning 1/2 right'),
    ],
  },
  find: (dance) => {
    const covered = optionsOf(dance);
    const places = placesOfMoments(dance);
    return callsOf(dance).flatMap(({ block, line, call }) => {
      const turned = call.moments.reduce((sum, { action }) => sum + action.turn, 0);
      if (Math.abs(turned) < CIRCLE) return [];
      const at = places.get(call.moments[0]) ?? -1;
      if (covered.some(({ over }) => over?.block === block && over.from <= at && at < over.to)) return [];
      const turn = turnWords(turned);
      return [
        {
          span: placeIn(line.line, (call.titled ?? call.call).span),
          message:
            Math.abs(turned) === CIRCLE
              ? 'A full turn here, and no option without it.'
              : `A turn of ${turn} here, and no option without it.`,
        },
      ];
    });
  },
};
