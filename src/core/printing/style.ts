/**
 * House styles: one way to write each thing. A sheet in one style reads the same in any other; only the words differ.
 * The three to start from are the project's own; a writer keeps others beside them.
 */
import type { Direction } from '../model/actions';
import type { Foot } from '../model/feet';
import { amountWords, CIRCLE } from '../model/turns';
import { houseName, type Figure } from '../vocabulary';
import type { Language } from '../vocabulary/figures';
import { TONGUES, type Tongue } from './tongues';

/** `R`, `right` or `RF` (where only a foot can be meant; elsewhere `right`). */
export const SIDE_STYLES = ['letters', 'words', 'feet'] as const;
/** `1/4`, `¼`, `quarter`. */
export const FRACTION_STYLES = ['slash', 'sign', 'words'] as const;
/** `turning 1/4 right`, `1/4 right`, `1/4 turn over right shoulder`. */
export const TURN_STYLES = ['turning', 'short', 'shoulder'] as const;
/** `forward`, `fwd`. */
export const DIRECTION_STYLES = ['full', 'short'] as const;
/** `Shuffle R`, `shuffle R`. */
export const CAPITAL_STYLES = ['sentence', 'small'] as const;

export interface HouseStyle {
  readonly id: string;
  readonly title: string;
  readonly sides: (typeof SIDE_STYLES)[number];
  readonly fractions: (typeof FRACTION_STYLES)[number];
  readonly turns: (typeof TURN_STYLES)[number];
  readonly directions: (typeof DIRECTION_STYLES)[number];
  readonly capitals: (typeof CAPITAL_STYLES)[number];
  /** The language everything is put into; left out, calls are in English and other words stay as they are written. */
  readonly language?: Language;
  /** The English name for a figure by its id, where it is not the table's first one. */
  readonly names: Readonly<Record<string, string>>;
}

export const HOUSE_STYLES: readonly HouseStyle[] = [
  { id: 'slate', title: 'Slate', sides: 'letters', fractions: 'slash', turns: 'turning', directions: 'full', capitals: 'sentence', names: {} },
  {
    id: 'full-words',
    title: 'Full words',
    sides: 'words',
    fractions: 'slash',
    turns: 'shoulder',
    directions: 'full',
    capitals: 'sentence',
    names: { shuffle: 'triple step', vine: 'grapevine', 'jazz-box': 'jazz square', wizard: 'wizard step', coaster: 'coaster step', sailor: 'sailor step' },
  },
  { id: 'pocket', title: 'Pocket card', sides: 'letters', fractions: 'sign', turns: 'short', directions: 'short', capitals: 'small', names: {} },
]; // prettier-ignore

export const [SLATE_STYLE] = HOUSE_STYLES;

/** The words of the style's language. */
export const tongueOf = ({ language = 'en' }: HouseStyle): Tongue => TONGUES[language];

export const inLanguage = (style: HouseStyle, language: Language): HouseStyle => ({ ...style, language });

/** The name this style gives a figure; a name that is not one of the figure's own is passed over. English where the language has none. */
export function styledName(figure: Figure, style: HouseStyle): string {
  const { language = 'en' } = style;
  const wanted = style.names[figure.id];
  const english = wanted !== undefined && figure.names.en.includes(wanted) ? wanted : houseName(figure);
  const name = language === 'en' ? english : (figure.names[language]?.[0] ?? english);
  return tongueOf(style).keepsCapitals && !figure.names[language]
    ? name.replace(/^\p{Ll}/u, (letter) => letter.toUpperCase())
    : name;
}

/** `sure`: only a foot can be meant. */
export function styledSide(foot: Foot, style: HouseStyle, sure: boolean): string {
  const { sides } = tongueOf(style);
  return sides[style.sides === 'feet' && !sure ? 'words' : style.sides][foot];
}

const SIGNS: Readonly<Record<string, string>> = { '1/4': '¼', '1/2': '½', '3/4': '¾', '1/8': '⅛', '3/8': '⅜', '5/8': '⅝', '7/8': '⅞', '1/3': '⅓', '2/3': '⅔', '1/6': '⅙', '5/6': '⅚' }; // prettier-ignore

export function styledAmount(amount: number, style: HouseStyle): string {
  const slash = amountWords(amount);
  if (amount === CIRCLE) return 'full';
  if (style.fractions === 'words') return tongueOf(style).fractions[amount] ?? slash;
  return style.fractions === 'sign'
    ? slash.replace(/\s?(\d\/\d)$/, (_, part: string) => SIGNS[part] ?? ` ${part}`).trim()
    : slash;
}

export function styledDirection(direction: Direction, style: HouseStyle): string {
  const { directions, shortDirections } = tongueOf(style);
  return (style.directions === 'short' ? shortDirections[direction] : undefined) ?? directions[direction];
}
