/** Plan lines in their one form: walls first, then what happens there: `walls 3, 6: restart after 16 (6:00, 9:00)`. */
import { hourOfFacing } from '../model/turns';
import type { PlanItem } from '../grammar/plan';
import type { OrderItem } from '../grammar/plan-order';
import type { PlaceSaid, WallPick } from '../grammar/plan-places';
import { TONGUES, type Tongue } from './tongues';

export { ordinalWords } from './tongues/en';

/** How the words of an item are put: in which language, and its steps. */
export interface PlanPrinting {
  readonly tongue: Tongue;
  readonly steps: (words: string) => string;
}

const AS_WRITTEN: PlanPrinting = { tongue: TONGUES.en, steps: (words) => words };

/** `text` is what the item was read from; words that are the writer's own are taken from it. */
export function printPlanItem(item: PlanItem, text: string, { tongue, steps }: PlanPrinting = AS_WRITTEN): string {
  const { plan, colon } = tongue;
  const then = ({ changed }: { changed?: { text: string } }): string =>
    changed ? `, ${plan.then} ${steps(changed.text)}` : '';
  const at = (place: PlaceSaid | undefined): string => (place ? ` ${plan.place(place)}` : '');
  switch (item.kind) {
    case 'restart':
      return `${plan.pick(item.walls)}${colon} ${plan.restart}${at(item.place)}${facings(item)}${then(item)}`;
    case 'ending':
      return `${item.walls.kind === 'walls' ? `${plan.ending}${colon} ${plan.pick(item.walls)}` : `${plan.pick(item.walls)}${colon} ${plan.ending}`}${at(item.place)}${facings(item)}${then(item)}`;
    case 'tag': {
      const times = item.times > 1 ? ` x${item.times}` : '';
      const place = item.place.kind === 'end' ? '' : at(item.place);
      const head = `${plan.pick(item.walls)}${colon} ${plan.tag}`;
      if (item.tag.kind === 'own') return `${head}${place}${facings(item)}${colon} ${steps(item.tag.text)}`;
      return `${head}${item.tag.kind === 'named' ? ` ${nameWords(item.tag.text)}` : ''}${times}${place}${facings(item)}`;
    }
    case 'change': {
      const and = (place: PlaceSaid & { kind: 'count' }) => `${place.count}${place.and === 'with' ? '&' : ''}`;
      const range = and(item.from) === and(item.place) ? and(item.from) : `${and(item.from)}-${and(item.place)}`;
      return `${plan.pick(item.walls)}${colon} ${plan.change(range, steps(item.changed.text))}`;
    }
    case 'note':
      return `${plan.pick(item.walls)}${colon} ${item.text}`;
    case 'order':
      return `${plan.order}${colon} ${item.items.map(orderWords).join(' ')}`;
    case 'none':
    case 'unread':
      return text.slice(item.span.from, item.span.to);
  }
}

const facings = ({ facings: said }: Extract<PlanItem, { facings: unknown }>): string =>
  said.length === 0 ? '' : ` (${said.map(({ facing }) => hourOfFacing(facing)).join(', ')})`;

/** A name of several words, or one that is a number, needs its quotes. */
export const nameWords = (name: string): string => (/^[\p{L}][\p{L}'-]*$/u.test(name) ? name : `"${name}"`);

export const pickWords = (pick: WallPick): string => TONGUES.en.plan.pick(pick);

function orderWords({ name, from, to, short }: OrderItem): string {
  const and = to?.and === 'with' ? '&' : '';
  const cut = to ? `(${from === undefined ? '' : `${from}-`}${to.count}${and})` : '';
  return `${name}${cut}${short ? '-' : ''}`;
}
