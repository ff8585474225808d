/**
 * House styles: one way to write each thing. A sheet in one style reads the same in any other; only the words differ.
 * The three to start from are the project's own; a writer keeps others beside them.
 */
import type { Direction } from '../model/actions';
import type { Foot } from '../model/feet';
import { amountWords, CIRCLE } from '../model/turns';
import { houseName, type Figure } from '../vocabulary';

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
  /** The name for a figure by its id, where it is not the table's first one. */
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

/** The name this style gives a figure; a name that is not one of the figure's own is passed over. */
export function styledName(figure: Figure, style: HouseStyle): string {
  const wanted = style.names[figure.id];
  return wanted !== undefined && figure.names.en.includes(wanted) ? wanted : houseName(figure);
}

/** `sure`: only a foot can be meant. */
export function styledSide(foot: Foot, style: HouseStyle, sure: boolean): string {
  if (style.sides === 'letters') return foot;
  if (style.sides === 'feet' && sure) return `${foot}F`;
  return foot === 'R' ? 'right' : 'left';
}

const SIGNS: Readonly<Record<string, string>> = { '1/4': '¼', '1/2': '½', '3/4': '¾', '1/8': '⅛', '3/8': '⅜', '5/8': '⅝', '7/8': '⅞', '1/3': '⅓', '2/3': '⅔', '1/6': '⅙', '5/6': '⅚' }; // prettier-ignore
const WORDS: Readonly<Record<number, string>> = { 6: 'eighth', 12: 'quarter', 24: 'half', 36: 'three quarter' };

export function styledAmount(amount: number, style: HouseStyle): string {
  const slash = amountWords(amount);
  if (amount === CIRCLE) return 'full';
  if (style.fractions === 'words') return WORDS[amount] ?? slash;
  return style.fractions === 'sign'
    ? slash.replace(/\s?(\d\/\d)$/, (_, part: string) => SIGNS[part] ?? ` ${part}`).trim()
    : slash;
}

const FULL: Readonly<Record<Direction, string>> = {
  forward: 'forward',
  back: 'back',
  side: 'side',
  cross: 'across',
  behind: 'behind',
  together: 'together',
  place: 'in place',
  'diagonal forward': 'diagonally forward',
  'diagonal back': 'diagonally back',
  lock: 'locked',
  out: 'out',
  in: 'in',
};
const SHORT: Partial<Record<Direction, string>> = {
  forward: 'fwd',
  together: 'tog',
  'diagonal forward': 'diag fwd',
  'diagonal back': 'diag back',
};

export const styledDirection = (direction: Direction, style: HouseStyle): string =>
  (style.directions === 'short' ? SHORT[direction] : undefined) ?? FULL[direction];
