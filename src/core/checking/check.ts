/** All rules over one dance. */
import type { Dance } from '../dancing/dance';
import { lineAtOffset } from '../reading/script';
import { SEVERITIES, type Finding, type Severity } from '../model/findings';
import { RULES } from './rules';

/** Findings in the order of the text, the graver first at one place. A finding that its line accepts ("meant so") is left out. */
export function checkDance(dance: Dance): Finding[] {
  const accepted = acceptedCodes(dance);
  return RULES.flatMap((rule) =>
    rule.find(dance).map(({ severity = rule.severity, ...found }): Finding => ({
      code: rule.code,
      group: rule.group,
      ...(rule.namesPlace && { namesPlace: rule.namesPlace }),
      ...(rule.waitsFor && { waitsFor: rule.waitsFor }),
      severity,
      ...found,
    })),
  )
    .filter(({ code, span }) => !accepted.has(`${lineAtOffset(dance.script, span.from)} ${code}`))
    .sort((a, b) => a.span.from - b.span.from || SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity));
}

/** Each with the number of its line. */
function acceptedCodes(dance: Dance): ReadonlySet<string> {
  const codes = dance.script.lines.flatMap(({ step, kind, text, index }) => {
    if (kind === 'plan' || kind === 'option')
      return [...text.matchAll(/\(meant so:\s*([\w-]+)\)/gi)].map(([, code]) => `${index} ${code}`);
    return step?.marks.accepted.map(({ code }) => `${index} ${code}`) ?? [];
  });
  return new Set(codes);
}

/** Errors and warnings: what must never be told of a correct dance. */
export const isAlarm = (finding: Finding): boolean => finding.severity !== 'remark';

/** How many of them can't be danced as written, are very likely a slip of the pen, are worth knowing. */
export interface Tally {
  readonly slips: number;
  readonly cares: number;
  readonly remarks: number;
}

const NAMES = { error: 'slips', warning: 'cares', remark: 'remarks' } as const satisfies Record<Severity, keyof Tally>;

/** The screens' name for each severity. */
export const kindOf = ({ severity }: Finding): keyof Tally => NAMES[severity];

export function tallyOf(findings: readonly Finding[]): Tally {
  const tally = { slips: 0, cares: 0, remarks: 0 };
  for (const finding of findings) tally[kindOf(finding)] += 1;
  return tally;
}
