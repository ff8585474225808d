import { unwindWay } from '../../dancing/resolve';
import { wayOfTurn } from '../../model/turns';
import { callsOf, placeIn, replacing, section, type Rule } from '../rule';

export const unwindWrongWay: Rule = {
  code: 'unwind-way',
  group: 'facing',
  severity: 'warning',
  about: 'Crossed feet unwind one way only: R in front of L to the left, R behind L to the right.',
  examples: {
    bad: [
      {
        text: section(2, '1-2 Cross R behind L, unwind <|1/2 left|>'),
        message: 'With R behind L the feet unwind to the right.',
      },
      {
        text: section(2, '1-2 Step R side, <|unwind 1/2 left|>'),
        message: 'The feet are not crossed here, so there is nothing to unwind.',
      },
    ],
    good: [
      section(2, '1-2 Cross R over L, unwind 1/2 left'),
      section(2, '1-2 Touch R behind L, unwind 1/2 right'),
      section(2, '1-2 Cross R behind L, unwind 1/2 right'),
      // A lock going forward stands behind, one going back in front: crossed either way.
      section(4, '1&2 Lock step R forward', '3-4 Lock L behind R, unwind 1/2 left'),
    ],
  },
  find: (dance) =>
    callsOf(dance).flatMap(({ call, line }) => {
      const moment = call.moments.find(({ action }) => action.word === 'unwind');
      if (!moment || moment.before.weight === 'unknown') return [];
      const { crossing } = moment.before;
      if (!crossing)
        return [
          {
            span: placeIn(line.line, call.call.span),
            message: 'The feet are not crossed here, so there is nothing to unwind.',
          },
        ];
      const way = unwindWay(crossing);
      const said = call.call.turn;
      if (!said?.way || call.call.copied || moment.action.turn === 0 || wayOfTurn(moment.action.turn) === way)
        return [];
      const span = placeIn(line.line, said.span);
      const words = dance.script.text.slice(span.from, span.to);
      const place = crossing.where === 'front' ? 'in front of' : 'behind';
      return [
        {
          span,
          message: `With ${crossing.foot} ${place} ${crossing.foot === 'R' ? 'L' : 'R'} the feet unwind to the ${way}.`,
          suggestions: [replacing(way, span, words.replace(/\b(right|left|r|l)\b/i, way))],
        },
      ];
    }),
};
