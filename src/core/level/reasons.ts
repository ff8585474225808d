/** Why a dance is as hard as it is, in dancers' words, with the line that shows it. */
import type { Dance, DancedCall, Moment } from '../dancing/dance';
import { numberWord } from '../lexicon/numbers';
import { amountWords, CIRCLE } from '../model/turns';
import { danceTempo } from '../music/tempo';
import { FIGURE_LEVELS, rarityOf } from '../vocabulary/levels';
import { facesCorner, isBetween, levelOfCall, longestGestures, turnOf, type Measures, type Stretch } from './measure';
import { wallsOf } from '../walls/table';
import type { Weight } from './weights';

export interface Said {
  readonly words: string;
  /** Script line that shows it best. */
  readonly line?: number;
}

/** Few enough to be read as words. */
const FEW = 12;
const number = (value: number): string => (value === 0 ? 'no' : value <= FEW ? numberWord(value) : String(value));
const TIMES: Readonly<Record<number, string>> = { 1: 'once', 2: 'twice' };
const many = (value: number, one: string, more = `${one}s`): string => `${number(value)} ${value === 1 ? one : more}`;
const fine = (value: number): string => String(Math.round(value * 10) / 10);

const nameOf = ({ figure, titled }: DancedCall): string => (titled?.figure ?? figure)?.names.en[0] ?? 'step';

const greatestBy = (calls: readonly DancedCall[], value: (call: DancedCall) => number): DancedCall | undefined =>
  calls.reduce<DancedCall | undefined>(
    (best, call) => (best === undefined || value(call) > value(best) ? call : best),
    undefined,
  );

/** How a value is said: of the whole dance, or of one section. */
type Saying = (stretch: Stretch, measures: Measures, dance: Dance) => Said;

const SAYINGS: Readonly<Record<Weight['key'], Saying>> = {
  counts: ({ counts }) => ({ words: `${counts} counts to remember` }),
  figures: (_, { figures }) => ({ words: `${many(figures, 'different figure or single step', 'different figures and single steps')}` }),
  hardestFigure: ({ calls }) => {
    const call = greatestBy(calls, levelOfCall);
    if (!call) return { words: 'a hard figure' };
    const turned = turnOf(call) > 0 ? ` turning ${amountWords(turnOf(call))}` : '';
    return { words: `its hardest figure, ${nameOf(call)}${turned}, is ordinarily ${LEVEL_WORDS[levelOfCall(call)]}`, ...lineOf(call) };
  },
  hardFigures: ({ calls }) => {
    const above = calls.filter((call) => levelOfCall(call) > 0);
    return { words: `${many(above.length, 'call')} above beginners’: ${names(above)}`, ...lineOf(above[0]) };
  },
  rarity: ({ calls }) => {
    const call = greatestBy(calls.filter(({ figure }) => figure?.family !== 'single' && figure?.family !== 'own'), ({ figure }) => rarityOf(figure?.id ?? ''));
    return { words: `a figure that few dances have: ${call ? nameOf(call) : ''}`, ...lineOf(call) };
  },
  between: ({ moments, counts }) => {
    const own = moments.filter(isBetween);
    return { words: `${many(own.length, 'step')} between the counts in ${counts} counts`, ...lineAt(own[0]) };
  },
  largestTurn: ({ calls }) => {
    const call = greatestBy(calls, turnOf);
    const amount = call ? turnOf(call) : 0;
    return { words: `${amount % CIRCLE === 0 ? 'a full' : amountWords(amount)} turn on one ${call ? nameOf(call) : 'figure'}`, ...lineOf(call) };
  },
  turning: ({ moments, counts }) => {
    const turned = moments.reduce((sum, { action }) => sum + Math.abs(action.turn), 0);
    return { words: `turned ${TIMES[turned / CIRCLE] ?? `${fine(turned / CIRCLE)} times`} round, all turns added up, in ${counts} counts` };
  },
  diagonals: ({ moments }) => {
    const own = moments.filter(facesCorner);
    return { words: `${many(own.length, 'step')} facing a corner`, ...lineAt(own[0]) };
  },
  cuts: (_, { changed }, dance) => {
    const cut = wallsOf(dance).walls.filter((wall) => wall.cut?.kind === 'restart').length;
    return { words: `${many(cut, 'restart')}${changed > 0 ? ' with a changed step' : ''}` };
  },
  tags: (_, { tags }) => ({ words: many(tags, 'tag') }),
  changed: (_, { changed }) => ({ words: many(changed, 'changed step') }),
  parts: (_, { parts }) => ({ words: `${many(parts + 1, 'part')} in an order of their own` }),
  pace: (_, { pace }, dance) => {
    const { tempo, isSaid } = danceTempo(dance.script);
    return { words: `${fine(pace)} steps a second at ${tempo} bpm${isSaid ? '' : ' (no tempo is named)'}` };
  },
  gestures: (stretch, { gestures }) => ({ words: `${many(gestures, 'gesture')} in a row on one foot`, ...lineAt(longestGestures(stretch.moments)[0]) }),
  travel: (_, { travel }) => ({ words: `it travels ${fine(travel)} steps an eight` }),
  tangled: (_, { tangled }) => ({ words: `legs cross ${fine(tangled)} times an eight` }),
  floor: (_, { floor }) => ({ words: `it takes ${Math.round(floor)} steps of floor` }),
}; // prettier-ignore

const LEVEL_WORDS = FIGURE_LEVELS.map((level) => `${level}s’`.replace('advanceds’', 'for advanced dancers'));

const lineOf = (call: DancedCall | undefined): { line?: number } => lineAt(call?.moments[0]);

const lineAt = (moment: Moment | undefined): { line?: number } => (moment ? { line: moment.line.index } : {});

const MOST_NAMED = 3;
const names = (calls: readonly DancedCall[]): string => {
  const all = [...new Set(calls.map(nameOf))];
  return all.slice(0, MOST_NAMED).join(', ') + (all.length > MOST_NAMED ? ' and others' : '');
};

export const sayReason = (key: Weight['key'], stretch: Stretch, measures: Measures, dance: Dance): Said =>
  SAYINGS[key](stretch, measures, dance);
