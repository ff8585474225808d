/** The middle one in order of size, or between the middle two; 0 of nothing. */
export function median(values: readonly number[]): number {
  const sorted = values.toSorted((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length === 0 ? 0 : sorted.length % 2 === 1 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2;
}

export const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length);

/** How far apart two lists of the same length are: the root of the sum of squares. */
export function distance(one: ArrayLike<number>, other: ArrayLike<number>): number {
  let sum = 0;
  for (let index = 0; index < one.length; index++) sum += (one[index] - other[index]) ** 2;
  return Math.sqrt(sum);
}
