/** What is said for a call: short, as usual, and in full; the writer's own cue goes before all. */
import type { DancedCall, DancedLine } from '../dancing/dance';
import { printCall } from '../printing/calls';
import { SLATE_STYLE, styledDirection, styledName, type HouseStyle } from '../printing/style';
import type { Language } from '../vocabulary/figures';
import { KNOWN } from '../vocabulary';
import { saidAloud, syllablesOf } from './syllables';

export const CUE_FORMS = ['short', 'usual', 'full'] as const;
export type CueForm = (typeof CUE_FORMS)[number];

export interface Cue {
  /** As it is said: no signs, no brackets. */
  readonly words: string;
  readonly syllables: number;
}

export type Cues = Readonly<Record<CueForm, Cue>> & {
  /** The writer's own, for the line that the call opens. */
  readonly own?: Cue;
};

const styleOf = (language: Language): HouseStyle => ({ ...SLATE_STYLE, language, fractions: 'slash', turns: 'short', capitals: 'small' }); // prettier-ignore

/** Of a call that is danced; `line` where it is the first of its line; `opens`: it is the first of a list that has a name. */
export function cuesOf(danced: DancedCall, text: string, language: Language, line?: DancedLine, opens = false): Cues {
  const style = styleOf(language);
  const full = printCall({ ...danced.call, detail: undefined }, text, style);
  const { figure } = danced;
  const place = figure === KNOWN.step ? placeOf(danced, style) : undefined;
  const plain = figure ? withTurn(place ?? styledName(figure, style), full) : withoutFeet(full);
  const title = opens ? danced.titled?.figure : undefined;
  const usual = title ? `${styledName(title, style)}, ${plain}` : plain;
  const short = title ? shortestOf(namesOf(title.names, language), language) : (place ?? (figure ? shortestOf([usual, ...namesOf(figure.names, language)], language) : usual.split(' ')[0])); // prettier-ignore
  const own = line?.line.step?.marks.cues.map((cue) => cue.text).join(', ');
  const cue = (words: string): Cue => {
    const said = saidAloud(words.toLowerCase(), language);
    return { words: said, syllables: syllablesOf(said, language) };
  };
  return { short: cue(short), usual: cue(usual), full: cue(full), ...(own && { own: cue(own) }) };
} // prettier-ignore

/** What is said where no more than the time allows can be: the writer's own, else as usual, else short. */
export function cueWithin(cues: Cues, syllables: number, form: CueForm = 'usual'): Cue {
  const wanted = cues.own ?? cues[form];
  if (wanted.syllables <= syllables) return wanted;
  return [cues.full, cues.usual, cues.short].find((cue) => cue.syllables <= Math.min(syllables, wanted.syllables)) ?? cues.short;
} // prettier-ignore

/** "Side, behind, side": a step to a place is told by the place; ahead and back it is a step. */
function placeOf({ call: { direction } }: DancedCall, style: HouseStyle): string | undefined {
  return direction && !['forward', 'back', 'place'].includes(direction) ? styledDirection(direction, style) : undefined;
}

/** The amount that is turned goes ahead of the name: `half pivot`. */
function withTurn(name: string, full: string): string {
  const amount = /\b(?:\d )?\d\/\d\b|\b(?:full|volle|complet)\b/i.exec(full)?.[0];
  return amount && !name.includes(amount) ? `${amount} ${name}` : name;
}

/** Feet are seen, and known from the one before. */
const withoutFeet = (words: string): string => words.replace(/\s*\b(?:R|L|D|G|right|left|rechts|links|droit|gauche)\b/g, '').trim() || words; // prettier-ignore

function namesOf(names: { readonly [language in Language]?: readonly string[] } & { readonly en: readonly string[] }, language: Language): readonly string[] {
  return names[language] ?? names.en;
} // prettier-ignore

/** The fewest syllables; of as many the first, that is the house's own. */
const shortestOf = (names: readonly string[], language: Language): string =>
  names.filter((name) => /^\p{L}/u.test(name) && name.length > 2).reduce((best, name) => (syllablesOf(name, language) < syllablesOf(best, language) ? name : best), names[0]); // prettier-ignore

/** Feet as letters, however they are said: for reading. */
export const feetAsLetters = (words: string): string =>
  words.replace(/(?<!\p{L})[rldg](?![\p{L}'’])/gu, (foot) => foot.toUpperCase());
