/**
 * Scales of difficulty. Inside, a level is a number: 0 absolute beginner, 1 beginner, 2 improver, 3 intermediate, 4 advanced; what lies
 * between two of them has a fraction ("beginner plus" is 1.3). Instructors disagree and keep scales of their own: names and borders
 * are data.
 */
import { least } from '../model/numbers';

export interface LevelScale {
  /** From the easiest up. */
  readonly names: readonly string[];
  /** Points from which each level but the first on begins: one fewer than names, ascending. */
  readonly borders: readonly number[];
}

/**
 * The usual five (handbook of the trade, 3.8). The borders are the project's own judgement, as the points are: see `weights.ts`. The
 * last one was moved up after ten new sheets had come out high there.
 */
export const USUAL_SCALE: LevelScale = {
  names: ['absolute beginner', 'beginner', 'improver', 'intermediate', 'advanced'],
  borders: [3.5, 7.5, 12, 20],
};

export const MOST_LEVELS = 9;

/** Why a scale can't be used, in a sentence; undefined where it can. */
export function scaleProblem({ names, borders }: LevelScale): string | undefined {
  if (names.length < 2 || names.length > MOST_LEVELS) return `A scale has two to ${MOST_LEVELS} levels.`;
  if (names.some((name) => name.trim() === '')) return 'Every level needs a name.';
  if (new Set(names.map((name) => name.trim().toLowerCase())).size < names.length) return 'Two levels have the same name.';
  if (borders.length !== names.length - 1 || borders.some((border) => !Number.isFinite(border) || border < 0))
    return 'Every level but the first needs the points it begins at.';
  if (borders.some((border, index) => index > 0 && border <= borders[index - 1]))
    return 'The points have to go up from level to level.';
  return undefined;
} // prettier-ignore

/** The place of the level that so many points come to. */
export const placeOfPoints = (points: number, { borders }: LevelScale): number =>
  borders.filter((border) => points >= border).length;

/** How far up the level points lie: 0 at its lower border, 1 at the upper; for drawing. The last level is as wide as the one below it. */
export function shareOfLevel(points: number, { borders }: LevelScale): number {
  const place = borders.filter((border) => points >= border).length;
  const from = place === 0 ? 0 : borders[place - 1];
  const to = borders[place] ?? 2 * from - (borders[place - 2] ?? 0);
  return least([1, (points - from) / (to - from || 1)], 1);
}

/** Words that name one of the usual levels, however the sheets of three languages and of Dutch say it (common practice, no source). */
const WORDS: readonly (readonly [level: number, pattern: RegExp])[] = [
  [0, words('(?:absolute[rns]*|total|complete|pure|ultra|grand)[\\s-]*(?:beginner|anfänger|débutant)s?', 'first[\\s-]timers?')],
  [2, words('fortgeschrittene anfänger', 'improvers?', 'novices?')],
  [3, words('intermediates?', 'intermédiaires?', 'mittelstufe', 'mittel', 'gevorderd')],
  [4, words('advanced', 'avancés?', 'fortgeschrittene?r?')],
  [1, words('beginners?', 'anfänger', 'débutants?', 'easy', 'facile', 'leicht')],
]; // prettier-ignore

/** Any of these as whole words; an accent may be left out. */
function words(...any: readonly string[]): RegExp {
  return new RegExp(
    `(?<!\\p{L})(?:${any.join('|').replaceAll('é', '[ée]').replaceAll('ä', '(?:ä|ae?)')})(?!\\p{L})`,
    'iu',
  );
}
const BEGINNER = words('beginners?', 'anfänger', 'débutants?');

/** Added where the words say more or less of the level. */
const MORE = /\+|\bplus\b|\bhigh(?:er)?\b|\bupper\b|\bhard\b|\bund mehr\b|\bupwards\b/i;
const LESS = /\beasy\b|\blow(?:er)?\b|\bgentle\b|\bfacile\b|\bleicht\b/i;
const PART = 0.3;

/** What a sheet claims its level to be, on the usual scale; undefined where its words name none. */
export function statedLevel(said: string): number | undefined {
  const found = said.split(/\/|\bbis\b|\bto\b|\btot\b|\bà\b/i).flatMap((piece) => levelOfPiece(piece) ?? []);
  return found.length === 0 ? undefined : found.reduce((sum, level) => sum + level, 0) / found.length;
}

function levelOfPiece(piece: string): number | undefined {
  const level = WORDS.find(([, pattern]) => pattern.test(piece))?.[0];
  if (level === undefined) return undefined;
  // "Easy" alone is a beginner's, beside a level it takes something off.
  const isBeside = level !== 1 || BEGINNER.test(piece);
  return level + (MORE.test(piece) ? PART : isBeside && LESS.test(piece) ? -PART : 0);
}

/** The place on a scale that a sheet's words claim: by its own names, else by what the usual level comes to in points. */
export function statedPlace(said: string, scale: LevelScale): number | undefined {
  const own = scale.names.findIndex((name) => name.trim().toLowerCase() === said.trim().toLowerCase());
  if (own >= 0) return own;
  const level = statedLevel(said);
  if (level === undefined) return undefined;
  return scale === USUAL_SCALE ? Math.min(scale.names.length - 1, Math.round(level)) : placeOfPoints(pointsOfLevel(level), scale);
} // prettier-ignore

/** Points in the middle of one of the usual levels. */
function pointsOfLevel(level: number): number {
  const { borders } = USUAL_SCALE;
  const edges = [0, ...borders, 2 * borders[borders.length - 1] - borders[borders.length - 2]];
  const at = Math.max(0, Math.min(edges.length - 2, Math.floor(level + 0.5)));
  return edges[at] + (edges[at + 1] - edges[at]) * Math.max(0, Math.min(1, level + 0.5 - at));
}

/** The place on the usual scale of a level of one's own: where its points begin. */
export const usualPlace = (place: number, { borders }: LevelScale): number =>
  place === 0 ? 0 : placeOfPoints(borders[place - 1], USUAL_SCALE);
