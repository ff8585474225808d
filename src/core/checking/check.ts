/** All rules over one dance. */
import type { Dance } from '../dancing/dance';
import { lineAtOffset } from '../reading/script';
import { SEVERITIES, type Finding } from '../model/findings';
import { RULES } from './rules';

/** Findings in the order of the text, the graver first at one place. A finding that its line accepts ("meant so") is left out. */
export function checkDance(dance: Dance): Finding[] {
  const accepted = acceptedCodes(dance);
  return RULES.flatMap((rule) =>
    rule.find(dance).map(({ severity = rule.severity, ...found }): Finding => ({
      code: rule.code,
      group: rule.group,
      ...(rule.namesPlace && { namesPlace: rule.namesPlace }),
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

/** Errors and warnings: what the frame counts as slips. */
export const isSlip = (finding: Finding): boolean => finding.severity !== 'remark';
