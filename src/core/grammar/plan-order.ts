/** The order of a phrased dance: `A B C A(24) lamp (A B) x2`, also as people write it: `A, B, Tag, A-`, `AAB`, `first 24 of A`. */
import type { Span } from '../model/text';
import type { AndRule } from './plan-places';

/** One item of an order: a part, or a tag, by its name; whole, or a stretch of it. */
export interface OrderItem {
  readonly name: string;
  readonly span: Span;
  /** First count danced, from 1; undefined for the top. */
  readonly from?: number;
  readonly to?: { readonly count: number; readonly and: AndRule };
  /** `A-`: cut, and nobody says where. */
  readonly short: boolean;
}

/** More would be no dance, and `((A B) x9) x9` must end. */
const MOST_ITEMS = 400;

const TOKEN =
  /\s*(?:(?<open>[([])|(?<close>[)\]])|[x×*]\s*(?<times>\d{1,2})|(?<again>\d{1,2})\s*[x×](?![a-z])|first\s+(?<first>\d{1,3})(?<firstAnd>&?)\s+(?:counts?\s+)?of\s+(?:part\s+)?|(?:part\s+)?["“]?(?<name>[\p{L}\d][\p{L}\d']*)["”]?(?<cut>\s?\(\s*(?:first\s+)?(?:counts?\s+)?\d[^()]{0,24}\))?(?<short>-(?=\s|,|$)|\*(?!\s*\d))?|(?<other>[,;+/>.→–-]+|\S))/giuy;

const CUT = /(?:(\d{1,3})\s*-\s*)?(\d{1,3})\s*(&)?\s*(?:counts?)?\s*(\(?no &\)?)?/i;

/** `from`: where the items begin in the line. Undefined when a word stands in it that can be no item. */
export function readOrder(line: string, from: number): OrderItem[] | undefined {
  const stack: { items: OrderItem[]; unit: number }[] = [{ items: [], unit: 0 }];
  let first: OrderItem['to'];
  let pending = 1;
  TOKEN.lastIndex = from;
  for (let at = from; at < line.length; at = TOKEN.lastIndex) {
    TOKEN.lastIndex = at;
    const match = TOKEN.exec(line);
    if (!match) break;
    const {
      open,
      close,
      times,
      again,
      name,
      cut,
      short,
      first: opening,
      firstAnd,
    } = match.groups as Record<string, string | undefined>;
    const here = stack[stack.length - 1];
    if (open) stack.push({ items: [], unit: 0 });
    else if (close && stack.length > 1) {
      stack.pop();
      const outer = stack[stack.length - 1];
      outer.unit = outer.items.length;
      outer.items.push(...here.items);
    } else if (times) repeatLast(here, Number(times));
    else if (again) pending = Number(again);
    else if (opening) first = { count: Number(opening), and: firstAnd ? 'with' : 'line' };
    else if (name) {
      const start = match.index + match[0].indexOf(name);
      here.unit = here.items.length;
      here.items.push({
        name,
        span: { from: start, to: match.index + match[0].trimEnd().length },
        short: short !== undefined,
        ...cutOf(cut),
        ...(first && { to: first }),
      });
      first = undefined;
      if (pending > 1) repeatLast(here, pending);
      pending = 1;
    } else if (/[:"=?!]/.test(match[0])) return undefined;
    if (stack.some(({ items }) => items.length > MOST_ITEMS)) break;
  }
  // A bracket nobody closes holds its items all the same.
  const items = stack.flatMap((level) => level.items).slice(0, MOST_ITEMS);
  return items.length > 0 ? items : undefined;
}

function repeatLast(level: { items: OrderItem[]; unit: number }, times: number): void {
  const unit = level.items.slice(level.unit);
  for (let time = 1; time < times && level.items.length <= MOST_ITEMS; time++) level.items.push(...unit);
}

function cutOf(cut: string | undefined): Partial<OrderItem> {
  const match = cut && CUT.exec(cut);
  if (!match) return {};
  const [, from, to, and, no] = match;
  return {
    ...(from && { from: Number(from) }),
    to: { count: Number(to), and: no ? 'without' : and ? 'with' : 'line' },
  };
}
