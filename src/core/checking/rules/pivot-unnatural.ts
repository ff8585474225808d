import { KNOWN } from '../../vocabulary';
import { naturalWay } from '../../dancing/resolve';
import { wayOfTurn, type Way } from '../../model/turns';
import type { Dance, DancedCall, DancedLine } from '../../dancing/dance';
import { writtenCallsOf, placeIn, replacing, section, sectionFrom, type Found, type Rule } from '../rule';

export const pivotUnnatural: Rule = {
  code: 'pivot-unnatural',
  group: 'facing',
  severity: 'warning',
  about: 'After a step forward the natural pivot goes towards the standing foot: R forward pivots left.',
  examples: {
    bad: [
      {
        text: section(2, '1-2 Step R forward, pivot <|1/2 right|>'),
        message: 'After stepping R forward the natural pivot is to the left.',
      },
      { text: section(2, '1&2 Chase turn <|1/2 right|>') },
      {
        text: section(4, '1&2&3 Volta <|turning 1/2 left|>', '4 Step L side'),
        message: 'A volta led by R turns right.',
      },
    ],
    good: [
      section(2, '1-2 Step R forward, pivot 1/2 left'),
      sectionFrom('R', 2, '1-2 Step L forward, pivot 1/2 right'),
    ],
  },
  find: (dance) =>
    writtenCallsOf(dance).flatMap(({ call, line }) => {
      const volta = findVolta(dance, line, call);
      if (volta) return [volta];
      const at = call.moments.findIndex(({ action }) => action.word === 'pivot' && action.turn !== 0);
      const said = call.call.turn;
      if (at < 0 || !said?.way || !call.figure || !call.lead) return [];
      const { before, action } = call.moments[at];
      const stepped = at > 0 ? call.moments[at - 1].action : lastStep(line, call);
      const natural: Way | undefined =
        call.figure === KNOWN.turn
          ? action.foot === 'L'
            ? 'left'
            : 'right'
          : naturalWay(call.figure, call.lead, before);
      if (stepped?.direction !== 'forward' || !natural || wayOfTurn(action.turn) === natural) return [];
      const span = placeIn(line.line, said.span);
      const words = dance.script.text.slice(span.from, span.to);
      const mended = words.replace(/\b(right|left|r|l|rechts|links)\b/i, natural);
      return [
        {
          span,
          message: `After stepping ${stepped.foot} forward the natural pivot is to the ${natural}.`,
          suggestions: mended === words ? [] : [replacing(natural, span, mended)],
        },
      ];
    }),
};

/** A volta turns towards the foot that crosses it round: led by L it turns left. */
function findVolta(dance: Dance, { line }: DancedLine, { call, figure, lead, moments }: DancedCall): Found | undefined {
  const said = call.turn;
  if (figure?.share !== 'crosses' || figure.way === undefined || !lead || !said?.way || moments.length === 0)
    return undefined;
  const natural = naturalWay(figure, lead, moments[0].before);
  if (!natural || natural === said.way) return undefined;
  const span = placeIn(line, said.span);
  const words = dance.script.text.slice(span.from, span.to);
  const mended = words.replace(/\b(?:right|left)\b/i, natural);
  return {
    span,
    message: `A volta led by ${lead} turns ${natural}.`,
    suggestions: mended === words ? [] : [replacing(natural, span, mended)],
  };
}

/** The action just before a pivot that has a call of its own. */
function lastStep(line: DancedLine, call: DancedCall) {
  const at = line.moments.indexOf(call.moments[0]);
  return line.moments[at - 1]?.action;
}
