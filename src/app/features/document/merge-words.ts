/** Words that were changed in two places at once, put together: nothing that either wrote is lost. */
import { differing } from './text-change';

/**
 * `base`: what both began with. Changes in different places both stand; where they overlap, what `own` wrote stands first and `theirs`
 * behind it, with `joint` between them.
 */
export function mergeWords(base: string, own: string, theirs: string, joint = '\n'): string {
  if (own === theirs || base === theirs) return own;
  if (base === own) return theirs;
  const [mine, other] = [differing(base, own), differing(base, theirs)];
  const isSamePlace = mine.from === other.from && mine.to === other.to;
  if (!isSamePlace && (mine.to <= other.from || other.to <= mine.from)) {
    const [first, last] = mine.to <= other.from ? [mine, other] : [other, mine];
    return (
      base.slice(0, first.from) + first.insert + base.slice(first.to, last.from) + last.insert + base.slice(last.to)
    );
  }
  const [from, to] = [Math.min(mine.from, other.from), Math.max(mine.to, other.to)];
  const whole = ({ from: start, to: end, insert }: typeof mine): string =>
    base.slice(from, start) + insert + base.slice(end, to);
  const [ownPart, theirPart] = [whole(mine), whole(other)];
  return base.slice(0, from) + together(ownPart, theirPart, joint) + base.slice(to);
}

function together(one: string, other: string, joint: string): string {
  if (one.includes(other)) return one;
  return other.includes(one) ? other : one + joint + other;
}
