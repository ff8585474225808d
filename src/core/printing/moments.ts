/** One moment as a sentence for the foot-by-foot panel. */
import type { Action } from '../model/actions';
import { amountWords, wayOfTurn } from '../model/turns';

const PLACES: Readonly<Record<string, string>> = {
  forward: 'forward',
  back: 'back',
  side: 'to the side',
  cross: 'across',
  behind: 'behind',
  together: 'beside',
  place: 'in place',
  'diagonal forward': 'diagonally forward',
  'diagonal back': 'diagonally back',
  lock: 'locked behind',
  out: 'out',
  in: 'to the centre',
};

/** `forward`, `touch beside`, `turn 1/2 left on both feet, weight to L`, `rock back, turning 1/4 right`. */
export function actionSentence(action: Action): string {
  const { word, foot, direction, turn } = action;
  const amount =
    turn === 0 ? '' : `${amountWords(turn)}${amountWords(turn) === 'full' ? ' turn' : ''} ${wayOfTurn(turn)}`;
  if (word === 'pivot' || word === 'unwind')
    return `${word === 'pivot' ? 'turn' : 'unwind'} ${amount} on both feet, weight to ${foot ?? 'either'}`;
  if (word === 'turn') return `turn ${amount}`.trim();
  if (word === 'recover') return amount ? `weight back, turning ${amount}` : 'weight back';
  if (word === 'drop') return 'heel down, weight on';
  const place = direction ? PLACES[direction] : '';
  const size = action.size === 'large' ? 'long step' : '';
  const verb = word === 'step' ? size : word;
  const words = [verb, place].filter(Boolean).join(' ');
  return amount ? `${words}, turning ${amount}` : words;
}
