/**
 * The figures, compiled once from their rows: forms read from the notation, names in a tree for longest-match look-up.
 */
import { plainLetters } from '../lexicon/letters';
import { amountWords, CIRCLE, type Way } from '../model/turns';
import type { Direction } from '../model/actions';
import { type Foot } from '../model/feet';
import { FIGURE_ROWS, READ_LANGUAGES, type FigureRow } from './figures';
import { speller } from './misspelt';
import { fusedId, KNOWN_IDS, mannersOf, PLACES_NAMED, type Manner } from './manners';
import { readForm, readPattern, type Form, type PatternStep } from './notation';
import {
  ABBREVIATIONS,
  AMOUNT_WORDS,
  BODY_PARTS,
  DIRECTION_WORDS,
  FILLERS,
  FOOT_WORDS,
  REPEAT_WORDS,
  SIDE_WORDS,
  WAY_WORDS,
} from '../lexicon/steps';
import { greatest } from '../model/numbers';

export interface Figure extends Omit<FigureRow, 'forms' | 'run' | 'turned'> {
  readonly forms: readonly Form[];
  readonly run?: readonly PatternStep[];
  readonly turned: ReadonlyMap<string, readonly PatternStep[]>;
  /** What it does beside others in a line. */
  readonly manners: ReadonlySet<Manner>;
  /** The rows' own notation, for the Figures screen and for tests. */
  readonly row: FigureRow;
}

/** Compiles a row. Throws on notation it does not know: a table's mistake, or an own figure's (own.ts tells its writer). */
export const compileFigure = (row: FigureRow): Figure => ({
  ...row,
  row,
  forms: row.forms.map(readForm),
  run: row.run === undefined ? undefined : readPattern(row.run),
  manners: mannersOf(row.id),
  turned: new Map(Object.entries(row.turned ?? {}).map(([key, text]) => [key, readPattern(text)])),
});

export const FIGURES: readonly Figure[] = FIGURE_ROWS.map(compileFigure);

const BY_ID = new Map(FIGURES.map((figure) => [figure.id, figure]));

/** The figure of that id. Throws when there is none: ids are written by programmers, not dancers. */
export function figureById(id: string): Figure {
  const figure = BY_ID.get(id);
  if (!figure) throw new Error(`No figure "${id}"`);
  return figure;
}

type Camel<S extends string> = S extends `${infer Head}-${infer Tail}` ? `${Head}${Capitalize<Camel<Tail>>}` : S;
type Known = { readonly [Id in (typeof KNOWN_IDS)[number] as Camel<Id>]: Figure };

/** The figures that grammar speaks of by name. */
export const KNOWN = Object.fromEntries(
  KNOWN_IDS.map((id) => [id.replace(/-(.)/g, (_, letter: string) => letter.toUpperCase()), figureById(id)]),
) as Known;

/** The figure that two names (or a name and a small word) are together, with a foot between them. */
export function fused(first: Figure, second: Figure | string): Figure | undefined {
  const id = fusedId(first.id, typeof second === 'string' ? second : second.id);
  return id === undefined ? undefined : BY_ID.get(id);
}

/** The places a name lists; undefined for names that list none. */
export const placesNamed = (figure: Figure): readonly Direction[] | undefined =>
  (PLACES_NAMED as Readonly<Record<string, readonly Direction[]>>)[figure.id];

/** The spelling of a turned figure, where the table has one: by way relative to the leading foot, then by amount alone. */
export function turnedPattern(figure: Figure, lead: Foot, turn: number): readonly PatternStep[] | undefined {
  const amount = amountWords(turn);
  const way: Way = turn > 0 ? 'right' : 'left';
  const relative = (way === 'right') === (lead === 'R') ? 'out' : 'in';
  return figure.turned.get(`${relative} ${amount}`) ?? figure.turned.get(amount);
}

// Names

const nameWords = (name: string): string[] => name.split(/[\s-]+/).map(plainLetters);

const ALL_NAMES = FIGURE_ROWS.flatMap((row) => READ_LANGUAGES.flatMap((language) => row.names[language] ?? []));

/** Words that stand as they are: they open a name, or say something beside one. */
const FIXED: ReadonlySet<string> = new Set([
  ...ALL_NAMES.map((name) => nameWords(name)[0]),
  ...[SIDE_WORDS, FOOT_WORDS, DIRECTION_WORDS, AMOUNT_WORDS, WAY_WORDS, REPEAT_WORDS]
    .flatMap(Object.keys)
    .flatMap((words) => words.split(' ')),
  ...FILLERS,
]);

const KNOWN_WORDS: ReadonlySet<string> = new Set([...FIXED, ...ALL_NAMES.flatMap(nameWords)]);

/** German and French words in names that may be verbs. */
const VERBS: ReadonlySet<string> = new Set(
  [
    ...FIGURE_ROWS.flatMap(({ names }) => [...(names.de ?? []), ...(names.fr ?? [])].flatMap(nameWords)),
    ...Object.keys(DIRECTION_WORDS),
  ].filter((word) => /(?:en|er|ir)$/.test(word)),
);

const spelt = speller(KNOWN_WORDS);

/** The word that a slip of the finger made of another; undefined where it is a word, or may be several. */
export const meantBy = (raw: string): string | undefined => (isKnownWord(raw) ? undefined : spelt(raw));

/** A word of the trade or of what goes with it, in any form. */
export const isKnownWord = (raw: string): boolean => KNOWN_WORDS.has(canonicalWord(raw));

const ENDINGS: readonly [RegExp, readonly string[]][] = [
  [/ing$/, ['', 'e']],
  [/ies$/, ['y']],
  [/es$/, ['', 'e']],
  [/s$/, ['']],
  [/ed$/, ['', 'e']],
];

/** Forms of German and French verbs, whose tables name the infinitive: `setzt`, `aufgesetzt`, `aufzusetzen`; `lève`, `posez`, `fléchissant`. */
const VERB_ENDINGS: readonly [RegExp, string][] = [
  [/(?:e|t|st|et|end|te)$/, 'en'],
  [/(?:e|es|ent|ez|ons|ant|ee|ees)$/, 'er'],
  [/(?:it|is|ie|issez|issent|issant|issons)$/, 'ir'],
];
/** What no rule forms. */
const STRONG: Readonly<Record<string, string>> = Object.assign(Object.create(null), {
  gezogen: 'ziehen', gegangen: 'gehen', gehoben: 'heben', tritt: 'treten', gesprungen: 'springen', geschlossen: 'schliessen', geschwungen: 'schwingen',
  met: 'mettre', mettez: 'mettre', mis: 'mettre', ouvre: 'ouvrir', ouvrez: 'ouvrir', court: 'courir', revient: 'retour',
}); // prettier-ignore
const GERMAN_PREFIX =
  /^(heran|zurueck|hin|vor|auf|an|ab|nach|daneben|dazu|ran|bei|aus|hoch|nieder|zusammen)?(?:ge|zu)(\p{L}{4,})$/u;

/** A word as it stands in the tables: without plural, -ing, accents. `crossing` and `crosses` are `cross`. */
export function canonicalWord(raw: string): string {
  const word = plainLetters(raw);
  const known = KEPT_WORDS.get(word) ?? stems.get(word);
  if (known !== undefined) return known;
  const found = stem(word);
  if (stems.size >= MOST_STEMS) stems.clear();
  stems.set(word, found);
  return found;
}

/** Words seen; all are forgotten at once, so that a day of other sheets costs the next one nothing. */
const stems = new Map<string, string>();
const MOST_STEMS = 5000;

/** "Turning" stays itself: `step turning 1/4` is a step that turns, `step turn` a pivot. */
const KEPT_WORDS: ReadonlyMap<string, string> = new Map([
  ['turning', 'turning'],
  ['rotating', 'rotating'],
  // `près du PG` is no press.
  ['press', 'press'],
]);

function stem(word: string): string {
  for (const [ending, replacements] of ENDINGS) {
    if (!ending.test(word)) continue;
    const base = word.replace(ending, '');
    if (base.length < 3) continue;
    const undoubled = /(.)\1$/.test(base) ? [base.slice(0, -1)] : [];
    const found = [...replacements.map((end) => base + end), ...undoubled].find((candidate) =>
      KNOWN_WORDS.has(candidate),
    );
    if (found) return found;
  }
  return FIXED.has(word) ? word : (infinitive(word) ?? word);
}

function infinitive(word: string): string | undefined {
  const [, prefix = '', rest] = GERMAN_PREFIX.exec(word) ?? [];
  const bare = rest && !prefix ? [STRONG[`ge${rest}`]] : [STRONG[word]];
  const parted = prefix && rest ? [prefix + rest, prefix + (STRONG[`ge${rest}`] ?? '')] : rest ? [rest] : [];
  for (const own of [...bare, word, ...parted]) {
    if (own === undefined) continue;
    if (own !== word && KNOWN_WORDS.has(own)) return own;
    for (const [ending, replacement] of VERB_ENDINGS) {
      const base = own.replace(ending, '');
      if (base !== own && base.length > 2 && VERBS.has(base + replacement)) return base + replacement;
    }
  }
  return undefined;
}

/** A figure's name in canonical words. */
const canonicalName = (name: string): string[] => nameWords(name).map(canonicalWord);

interface NameNode {
  readonly next: Map<string, NameNode>;
  figure?: Figure;
}

const NAMES: NameNode = { next: new Map() };

/** Every name of every language with its figure, in canonical words. Exported for the test that no name is claimed twice. */
export const NAME_LIST: readonly {
  readonly name: string;
  readonly figure: Figure;
  readonly language: string;
}[] = FIGURES.flatMap((figure) =>
  READ_LANGUAGES.flatMap((language) =>
    (figure.names[language] ?? []).map((name) => ({
      name: canonicalName(name).join(' '),
      figure,
      language,
    })),
  ),
);

for (const { name, figure } of NAME_LIST) addName(NAMES, name.split(' '), figure);

function addName(tree: NameNode, words: readonly string[], figure: Figure): void {
  let node = tree;
  for (const word of words) {
    let next = node.next.get(word);
    if (!next) node.next.set(word, (next = { next: new Map() }));
    node = next;
  }
  node.figure ??= figure;
}

/** How a name is written among separators that do not belong to it: a list with commas (`cross, quarter, quarter, cross`). */
const SEPARATOR = ' break';

export interface FoundName {
  readonly figure: Figure;
  /** Words taken. */
  readonly length: number;
}

/** The figures a text is read with: those of the trade, and before them the writer's own. */
export interface Vocabulary {
  readonly own: readonly Figure[];
  /** The longest name that starts at `words[start]`; of two equally long ones the writer's own. */
  readonly findName: (words: readonly string[], start: number) => FoundName | undefined;
  /** What the signs of this sheet stand for, as its writer explains them. */
  readonly signs?: ReadonlyMap<string, readonly string[]>;
}

export const COMMON_VOCABULARY: Vocabulary = { own: [], findName: (words, start) => findIn(NAMES, words, start) };

export function vocabularyWith(own: readonly Figure[], signs?: Vocabulary['signs']): Vocabulary {
  if (own.length === 0) return signs?.size ? { ...COMMON_VOCABULARY, signs } : COMMON_VOCABULARY;
  const tree: NameNode = { next: new Map() };
  for (const figure of own) for (const name of figure.names.en) addName(tree, canonicalName(name), figure);
  return {
    own,
    ...(signs?.size && { signs }),
    findName: (words, start) => {
      const [mine, common] = [findIn(tree, words, start), findIn(NAMES, words, start)];
      return mine && mine.length >= (common?.length ?? 0) ? mine : common;
    },
  };
}

/** Only figures whose row says so may have commas between their words. */
function findIn(tree: NameNode, words: readonly string[], start: number): FoundName | undefined {
  let node: NameNode | undefined = tree;
  let best: FoundName | undefined;
  let separated = false;
  for (let index = start; index < words.length; index++) {
    // One comma between two words; a row of them is no list.
    if (words[index] === SEPARATOR && index > start && words[index - 1] !== SEPARATOR) {
      separated = true;
      continue;
    }
    node = node.next.get(words[index]);
    if (!node) break;
    if (node.figure && (!separated || node.figure.listed)) best = { figure: node.figure, length: index - start + 1 };
  }
  return best;
}

/** At most so many words stand inside a name. */
const WIDEST_GAP = 4;

/**
 * A name of a part of the body and a verb, with a foot or an article between them: `lift the right knee`, `Fersen nach rechts drehen`.
 * The places of its words; undefined where none of these names is there.
 */
export function findParted(
  words: readonly string[],
  start: number,
  mayStandInside: (word: string) => boolean,
): { readonly figure: Figure; readonly places: readonly number[] } | undefined {
  let node: NameNode | undefined = NAMES.next.get(words[start]);
  if (!node) return undefined;
  const places = [start];
  let gap = 0;
  for (let index = start + 1; index < words.length && places.length < 4 && gap <= WIDEST_GAP; index++) {
    const next: NameNode | undefined = node.next.get(words[index]);
    // `heel R forward`: where it goes is no verb.
    if (next && !(words[index] in DIRECTION_WORDS)) {
      node = next;
      places.push(index);
      const parts = places.filter((place) => BODY_PARTS.has(words[place])).length;
      if (node.figure && gap > 0 && parts === 1) return { figure: node.figure, places };
    } else if (mayStandInside(words[index])) gap += 1;
    else return undefined;
  }
  return undefined;
}

/**
 * The largest turn a figure is customarily danced with, in parts of a circle: what its name says, what its table spells out, a full
 * turn for turns on both feet or in the air of one, a half where one step carries it all. 0 for what does not turn.
 */
export function turnCapacity(figure: Figure): number {
  const spelt = [...figure.turned.values()].map((steps) =>
    steps.reduce((sum, { turn }) => sum + (turn === 'whole' ? 0 : turn), 0),
  );
  const whole = figure.forms.some(({ steps }) => steps.some(({ turn }) => turn === 'whole'));
  const inPlace = figure.bare === 'way' || figure.share !== undefined || figure === KNOWN.monterey;
  const named = figure.definite ? (figure.amount ?? 0) : 0;
  if (named > 0) return greatest(spelt, named);
  return greatest(spelt, whole || figure.share !== undefined ? (inPlace ? CIRCLE : CIRCLE / 2) : 0);
}

const PREFIX = /^(dazu|daneben|heran|ran|zurueck|vor|seit|hinter|auf|ab|an|hin|los|weg)(\p{L}{4,})$/u;
const SAYS_NOTHING: ReadonlySet<string> = new Set(['auf', 'ab', 'an', 'hin', 'los', 'weg']);

/** A German verb and where it goes, in one word: `dazutippen`, `vorsetzen`. Undefined for any other word. */
export function compoundWords(raw: string): readonly string[] | undefined {
  const word = plainLetters(raw);
  if (KNOWN_WORDS.has(canonicalWord(word))) return undefined;
  const [, prefix, rest] = PREFIX.exec(word) ?? [];
  const verb = rest && canonicalWord(rest);
  if (!verb || !NAMES.next.has(verb)) return undefined;
  return SAYS_NOTHING.has(prefix) ? [verb] : [prefix, verb];
}

/** What a short form stands for, as canonical words. */
export const findAbbreviation = (word: string): readonly string[] | undefined => ABBREVIATIONS[word]?.split(' ');

/** The name a figure is printed with. */
export const houseName = (figure: Figure): string => figure.names.en[0];
