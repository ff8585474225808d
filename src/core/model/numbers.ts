/** Of lists of any length: `Math.max(...list)` puts every value on the stack, and a pasted sheet may have more than it holds. */

/** The greatest of the values, or `floor` where none is greater. */
export function greatest(values: Iterable<number>, floor = -Infinity): number {
  let most = floor;
  for (const value of values) if (value > most) most = value;
  return most;
}

/** The least of the values, or `ceiling` where none is less. */
export function least(values: Iterable<number>, ceiling = Infinity): number {
  let few = ceiling;
  for (const value of values) if (value < few) few = value;
  return few;
}
