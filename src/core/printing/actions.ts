/** Actions, moments and states in words, for people, for the foot-by-foot panel and for tests. */
import type { Action } from '../model/actions';
import { labelOfTick } from '../model/ticks';
import { turnWords } from '../model/turns';

/** `R rock forward`, `[L touch together]`, `L pivot, 1/2 left`, `hold`. Gestures stand in brackets. */
function actionWords(action: Action): string {
  const { foot, word, direction, effect, turn, size } = action;
  const words = [
    foot,
    word === 'step' && direction ? undefined : word,
    size === 'large' ? 'large' : undefined,
    direction,
  ]
    .filter(Boolean)
    .join(' ');
  const marked = foot && effect === 'none' ? `[${words}]` : words;
  return turn === 0 ? marked : `${marked}, ${turnWords(turn)}`;
}

/** `1 R forward; & L together; 2 R forward`. */
export const momentsWords = (moments: readonly { readonly tick: number; readonly action: Action }[]): string =>
  moments.map(({ tick, action }) => `${labelOfTick(tick)} ${actionWords(action)}`).join('; ');
