/** Plan lines in their one form: walls first, then what happens there: `walls 3, 6: restart after 16 (6:00, 9:00)`. */
import { hourOfFacing } from '../model/turns';
import type { PlanItem } from '../reading/plan';
import type { OrderItem } from '../reading/plan-order';
import type { PlaceSaid, WallPick } from '../reading/plan-words';

/** `text` is what the item was read from; words that are the writer's own are taken from it. */
export function printPlanItem(item: PlanItem, text: string): string {
  switch (item.kind) {
    case 'restart':
      return `${pickWords(item.walls)}: restart${item.place ? ` ${placeWords(item.place)}` : ''}${facings(item)}${then(item)}`;
    case 'ending':
      return `${/^walls? (?!\?)/.test(pickWords(item.walls)) && item.walls.kind === 'walls' ? `ending: ${pickWords(item.walls)}` : `${pickWords(item.walls)}: ending`}${item.place ? ` ${placeWords(item.place)}` : ''}${facings(item)}${then(item)}`;
    case 'tag': {
      const times = item.times > 1 ? ` x${item.times}` : '';
      const place = item.place.kind === 'end' ? '' : ` ${placeWords(item.place)}`;
      if (item.tag.kind === 'own') return `${pickWords(item.walls)}: tag${place}${facings(item)}: ${item.tag.text}`;
      return `${pickWords(item.walls)}: tag${item.tag.kind === 'named' ? ` ${nameWords(item.tag.text)}` : ''}${times}${place}${facings(item)}`;
    }
    case 'change': {
      const and = (place: PlaceSaid & { kind: 'count' }) => `${place.count}${place.and === 'with' ? '&' : ''}`;
      const range = and(item.from) === and(item.place) ? and(item.from) : `${and(item.from)}-${and(item.place)}`;
      return `${pickWords(item.walls)}: change ${range} to ${item.changed.text}`;
    }
    case 'note':
      return `${pickWords(item.walls)}: ${item.text}`;
    case 'order':
      return `order: ${item.items.map(orderWords).join(' ')}`;
    case 'none':
    case 'unread':
      return text.slice(item.span.from, item.span.to);
  }
}

const facings = ({ facings: said }: Extract<PlanItem, { facings: unknown }>): string =>
  said.length === 0 ? '' : ` (${said.map(({ facing }) => hourOfFacing(facing)).join(', ')})`;

const then = ({ changed }: { changed?: { text: string } }): string => (changed ? `, then ${changed.text}` : '');

/** A name of several words, or one that is a number, needs its quotes. */
export const nameWords = (name: string): string => (/^[\p{L}][\p{L}'-]*$/u.test(name) ? name : `"${name}"`);

export function pickWords(pick: WallPick): string {
  switch (pick.kind) {
    case 'walls':
      return `${pick.numbers.length === 1 ? 'wall' : 'walls'} ${pick.numbers.join(', ')}`;
    case 'every':
      if (pick.step === 1) return 'every wall';
      if (pick.step === 2) return pick.first === 1 ? 'odd walls' : 'even walls';
      return `every ${ordinalWords(pick.step)} wall`;
    case 'starting':
      return `walls starting ${hourOfFacing(pick.facing)}`;
    case 'part':
      return pick.numbers ? `${pick.numbers.map(ordinalWords).join(', ')} ${pick.part}` : `every ${pick.part}`;
    case 'last':
      return 'last wall';
    case 'unsaid':
      return 'wall ?';
  }
}

const ENDINGS: Readonly<Record<number, string>> = { 1: 'st', 2: 'nd', 3: 'rd' };

/** `3rd`. */
export const ordinalWords = (number: number): string =>
  `${number}${number % 100 >= 11 && number % 100 <= 13 ? 'th' : (ENDINGS[number % 10] ?? 'th')}`;

export function placeWords(place: PlaceSaid): string {
  switch (place.kind) {
    case 'count': {
      const and = place.and === 'with' ? '&' : place.and === 'without' ? ' (no &)' : '';
      return place.section === undefined
        ? `after ${place.count}${and}`
        : `after section ${place.section} count ${place.count}${and}`;
    }
    case 'section':
      return `after section ${place.section}`;
    case 'words':
      return `after the ${place.words}`;
    case 'here':
      return 'here';
    case 'end':
      return 'at the end';
  }
}

function orderWords({ name, from, to, short }: OrderItem): string {
  const and = to?.and === 'with' ? '&' : '';
  const cut = to ? `(${from === undefined ? '' : `${from}-`}${to.count}${and})` : '';
  return `${name}${cut}${short ? '-' : ''}`;
}
