/**
 * From which level on a figure is ordinarily asked of dancers (common practice, no source; the borders are the project's own
 * judgement). A turn that a figure may have adds to it: see `levelWithTurn`.
 */
import { CIRCLE } from '../model/turns';
import type { Figure } from './index';

/** From the easiest up. @public */
export const FIGURE_LEVELS = ['beginner', 'improver', 'intermediate', 'advanced'] as const;
export type FigureLevel = (typeof FIGURE_LEVELS)[number];

/** All others are for beginners. */
const HARDER: Readonly<Record<Exclude<FigureLevel, 'beginner'>, readonly string[]>> = {
  improver: [
    'cross-mambo', 'rock-and-cross', 'back-rock-side', 'behind-shuffle', 'coaster-cross', 'forward-coaster', 'sailor', 'cross-samba', 'samba-basic', 'anchor',
    'kick-ball-step', 'kick-ball-cross', 'kick-ball-side', 'kick-ball-heel', 'kick-ball-point', 'kick-ball-touch', 'ball-step', 'ball-cross', 'ball-side', 'ball-point',
    'ball-touch', 'heel-ball-cross', 'heel-ball-step', 'samba-whisk', 'pony', 'rolling-vine', 'behind-side-cross', 'touch-out-in-out', 'night-club-basic', 'twinkle',
    'hinge', 'chase-turn', 'push-turn', 'hip-walk', 'heel-jack', 'vaudeville', 'wizard', 'heel-grind', 'lock-step', 'back-lock-back', 'turn-touch', 'applejack', 'swivet', 'unwind',
  ],
  intermediate: [
    'sailor-cross', 'sailor-heel', 'volta', 'ball-cross-side', 'travelling-samba', 'figure-of-eight', 'cross-quarter-quarter-cross', 'diamond', 'full-turn', 'spiral',
    'turning-lock', 'half-turn-cross',
  ],
  advanced: ['cross-quarter-quarter-ball-cross'],
}; // prettier-ignore

/** Every id of the table above. */
export const HARDER_IDS: readonly string[] = Object.values(HARDER).flat();

/**
 * What most dances are made of, the commonest first (common practice, no source; the order agrees roughly with a count over the
 * project's own sheets). Everything else is rarer, and a surprise in every dance.
 */
export const COMMON_IDS: readonly string[] = [
  'shuffle', 'rock-forward', 'vine', 'walk', 'rock-side', 'coaster', 'pivot', 'chasse', 'rock-back', 'jazz-box', 'sailor', 'rocking-chair', 'cross-shuffle',
  'behind-side-cross', 'kick-ball-change', 'toe-strut', 'v-step', 'weave', 'mambo', 'cross-rock', 'lock-step', 'monterey', 'side-touches', 'paddle', 'heel-switch',
  'cross-point', 'wizard', 'cross-side', 'sway', 'heels', 'point-together', 'kick-ball-step', 'side-touch', 'heel-strut', 'rolling-vine', 'rock-and-cross', 'twinkle',
  'waltz-basic', 'samba-whisk', 'k-step', 'rumba-box', 'half-box', 'scissor', 'charleston', 'chase-turn', 'kick-ball-cross', 'lindy',
]; // prettier-ignore

const PLACES: ReadonlyMap<string, number> = new Map(COMMON_IDS.map((id, place) => [id, place / COMMON_IDS.length]));

/** From 0 for what every dance has to 1 for what hardly any has. */
export const rarityOf = (id: string): number => PLACES.get(id) ?? 1;

const LEVEL_OF: ReadonlyMap<string, number> = new Map(
  Object.entries(HARDER).flatMap(([level, ids]) =>
    ids.map((id) => [id, FIGURE_LEVELS.indexOf(level as FigureLevel)] as const),
  ),
);

/** Place in `FIGURE_LEVELS`. `turn`: parts of a circle it is danced with; a half asks more than a quarter, unless the figure is known by it. */
export function levelWithTurn(figure: Figure, turn: number): number {
  const own = LEVEL_OF.get(figure.id) ?? 0;
  const parts = Math.abs(turn);
  if (parts === 0 || figure.definite) return own;
  const asked = parts > CIRCLE / 2 ? 2 : parts > CIRCLE / 4 && figure.amount !== parts ? 1 : 0;
  return Math.max(own, asked);
}
