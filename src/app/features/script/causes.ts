/** What is told, put together by cause: what the same change mends, and what the same rule says in several places. */
import { keyOf, kindOf, lineAtOffset, type Finding, type Look, type Mending, type Study } from '../../../core';

export interface Cause {
  readonly finding: Finding;
  /** Goes away with its likeliest proposal. */
  readonly same: readonly Finding[];
  /** The same remark elsewhere. */
  readonly alike: readonly Finding[];
  readonly looks: readonly Look[];
}

const LOUDNESS = { slips: 0, cares: 1, remarks: 2 } as const;

/** Proposals as the rule gives them, until what comes of them is worked out. */
const plainLooks = ({ fix, suggestions = [] }: Finding): Look[] =>
  [...(fix ? [fix] : []), ...suggestions].map((proposal) => ({ proposal, text: '', goes: 1, comes: 0 }));

export function causesOf(
  { script }: Study,
  told: readonly Finding[],
  mendings: readonly Mending[],
  line: number,
): Cause[] {
  const known = new Map(mendings.map((mending) => [mending.key, mending]));
  const isHere = ({ span }: Finding): boolean => lineAtOffset(script, span.from) === line;
  const rank = (finding: Finding): number => (isHere(finding) ? -1 : LOUDNESS[kindOf(finding)]);
  const left = told.toSorted((a, b) => rank(a) - rank(b));
  const causes: Cause[] = [];
  while (left.length > 0) {
    const finding = left.shift() as Finding;
    const mending = known.get(keyOf(finding, script));
    const take = (wanted: (one: Finding) => boolean): Finding[] => {
      const taken = left.filter(wanted);
      for (const one of taken) left.splice(left.indexOf(one), 1);
      return taken;
    };
    const same = take((one) => mending?.same.includes(keyOf(one, script)) === true);
    const alike = take(
      (one) => one.code === finding.code && kindOf(one) === 'remarks' && kindOf(finding) === 'remarks' && !isHere(one),
    );
    causes.push({ finding, same, alike, looks: mending?.looks ?? plainLooks(finding) });
  }
  return causes;
}
