import type { Foot } from './feet';
import type { Turn } from './turns';

/** Directions from the dancer's facing, after the turn on the same action (handbook of the trade: common practice, no source). @public */
export const DIRECTIONS = [
  'forward',
  'back',
  'side',
  'cross',
  'behind',
  'together',
  'place',
  'diagonal forward',
  'diagonal back',
  'lock',
  'out',
  'in',
] as const;
export type Direction = (typeof DIRECTIONS)[number];

/** What a foot (or the hands) does. Whether it takes weight is the action's own field: a stomp may or may not. */
const WEIGHT_ACTIONS = [
  'step',
  'rock',
  'recover',
  'press',
  'lunge',
  'stomp',
  'ball',
  'sway',
  'skate',
  'drop',
  'jump',
  'hop',
] as const;
const GESTURES = [
  'touch', 'tap', 'point', 'toe', 'heel', 'kick', 'flick', 'hitch', 'hook', 'brush', 'scuff', 'sweep', 'drag', 'stomp up', 'knee pop',
] as const; // prettier-ignore
const BOTH_FEET_ACTIONS = ['pivot', 'unwind', 'swivel', 'twist', 'turn'] as const;
const BODY_ACTIONS = ['hold', 'clap', 'snap', 'slap', 'bump', 'roll', 'sit', 'bounce', 'shimmy', 'style'] as const;
export const ACTION_WORDS = [...WEIGHT_ACTIONS, ...GESTURES, ...BOTH_FEET_ACTIONS, ...BODY_ACTIONS] as const;
export type ActionWord = (typeof ACTION_WORDS)[number];

/**
 * What an action does to the weight: `takes` (the named foot bears all of it), `none`, `both` (it is spread over both feet),
 * `open` (settled by what is stated or by what follows).
 */
export type WeightEffect = 'takes' | 'none' | 'both' | 'open';

/** One thing done at one moment, with its foot named. */
export interface Action {
  readonly word: ActionWord;
  /** Null where no foot is meant: a hold, a clap, hips. */
  readonly foot: Foot | null;
  readonly direction: Direction | null;
  readonly effect: WeightEffect;
  /** Turned on this action before the foot lands. */
  readonly turn: Turn;
  /** "large" for a big step or a slide, "small" for a ball step. */
  readonly size?: 'large' | 'small';
}

const GESTURE_SET: ReadonlySet<string> = new Set(GESTURES);
/** A gesture takes no weight: the same foot is still free after it. */
export const isGesture = (word: ActionWord): boolean => GESTURE_SET.has(word);
