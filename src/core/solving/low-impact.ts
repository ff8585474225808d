/** Ways without jumps, stomps and deep bends: the same feet on the same counts, softly. Common practice in the trade, no source. */
import type { Dance, DancedBlock, DancedCall, DancedLine, Moment } from '../dancing/dance';
import type { Action } from '../model/actions';
import { isFoot, otherFoot } from '../model/feet';
import { optionsOf } from '../walls/options';
import { alternativeOf, type Alternative } from './alternatives';

const LOW_IMPACT = 'low impact';

export function lowImpactOptions(dance: Dance): Alternative[] {
  return [...dance.parts, ...dance.tags].flatMap((block) =>
    block.sections.flatMap(({ lines, text }) =>
      lines.flatMap((line) => (line.line.section === text ? (softer(dance, block, line) ?? []) : [])),
    ),
  );
}

function softer(dance: Dance, block: DancedBlock, line: DancedLine): Alternative | undefined {
  const hard = line.calls.filter(({ figure }) => figure?.care === 'landing' || figure?.care === 'bending');
  if (hard.length === 0 || isCovered(dance, block, line)) return undefined;
  const about = `spares ${[...new Set(hard.map(({ figure }) => WORDS[figure?.care === 'bending' ? 'bending' : 'landing']))].join(' and ')}`;
  const ofCall = new Map<Moment, DancedCall>(hard.flatMap((call) => call.moments.map((moment) => [moment, call])));
  return alternativeOf(dance, { block, lines: [line] }, LOW_IMPACT, about, (moment) => {
    const call = ofCall.get(moment);
    return call ? soft(moment, call) : moment.action;
  });
}

const WORDS = { landing: 'a landing', bending: 'a deep bend' } as const;

function soft({ action, before, after }: Moment, { figure }: DancedCall): Action {
  const { word, foot, effect } = action;
  const hold: Action = { word: 'hold', foot: null, direction: null, effect: 'none', turn: action.turn };
  switch (word) {
    case 'stomp':
      return { ...action, word: effect === 'none' ? 'touch' : 'step' };
    case 'stomp up':
      return { ...action, word: 'touch' };
    case 'lunge':
      return { ...action, word: 'rock' };
    case 'hop':
      return hold;
    case 'jump':
      if (before.weight === after.weight) return hold;
      if (effect !== 'both') return { ...action, word: 'step' };
      return isFoot(before.weight)
        ? { word: 'step', foot: otherFoot(before.weight), direction: 'together', effect, turn: action.turn }
        : hold;
    case 'sit':
      return foot && effect === 'takes' ? { ...action, word: 'step' } : hold;
    case 'roll':
      return hold;
    case 'step':
      return figure?.care === 'landing'
        ? { word, foot, direction: action.direction, effect, turn: action.turn }
        : action;
    default:
      return action;
  }
}

const isCovered = (dance: Dance, block: DancedBlock, { moments }: DancedLine): boolean =>
  optionsOf(dance).some(
    ({ over, name }) =>
      over?.block === block &&
      /impact|easy|soft/i.test(name) &&
      moments.some((moment) => {
        const at = block.moments.indexOf(moment);
        return over.from <= at && at < over.to;
      }),
  );
