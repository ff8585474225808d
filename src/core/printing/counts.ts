/** Ticks back to a count expression: `1-4`, `3&4`, `&5`, `7&8&`, `1-2 3&4`. */
import { countOfTick, labelOfTick, TICKS_A_COUNT } from '../model/ticks';

/** `borrows`: the last moment is the 1 of what follows and is called so. */
export function printCounts(ticks: readonly number[], borrows = false): string {
  const groups: string[] = [];
  let run: number[] = [];
  const flush = () => {
    if (run.length > 0) groups.push(run.length === 1 ? `${run[0]}` : `${run[0]}-${run[run.length - 1]}`);
    run = [];
  };
  ticks.forEach((tick, index) => {
    if (tick % TICKS_A_COUNT !== 0) {
      const opensBeat = run.length > 1 && index < ticks.length - 1;
      const last = opensBeat ? run.pop() : undefined;
      flush();
      groups.push(`${last === undefined ? '' : ` ${last}`}${labelOfTick(tick)}`);
      return;
    }
    const count = borrows && index === ticks.length - 1 ? 1 : countOfTick(tick);
    const afterBetween = index > 0 && ticks[index - 1] % TICKS_A_COUNT !== 0;
    const runs = run.length > 0 && !(count === 1 && borrows);
    if (!runs && !afterBetween && groups.length > 0) groups.push(' ');
    // After `1&2` the next whole count begins a run of its own.
    if (afterBetween && index < ticks.length - 1 && ticks[index + 1] === tick + TICKS_A_COUNT && index > 1) {
      groups.push(`${count}`, ' ');
      return;
    }
    if (run.length > 0 && count !== run[run.length - 1] + 1) {
      flush();
      groups.push(' ');
    }
    run.push(count);
  });
  flush();
  return groups.join('').replace(/\s+/g, ' ').trim();
}
