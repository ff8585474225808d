/** One change from the first letter that differs to the last: cursor and undo history stay where they are. */
export function differing(old: string, next: string): { from: number; to: number; insert: string } {
  let from = 0;
  while (from < old.length && from < next.length && old[from] === next[from]) from += 1;
  let back = 0;
  while (
    back < old.length - from &&
    back < next.length - from &&
    old[old.length - 1 - back] === next[next.length - 1 - back]
  )
    back += 1;
  return { from, to: old.length - back, insert: next.slice(from, next.length - back) };
}
