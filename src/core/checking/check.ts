/** All rules over one dance. */
import type { Dance } from '../dancing/dance';
import { SEVERITIES, type Finding } from '../model/findings';
import { RULES } from './rules';

/** Findings in the order of the text, the graver first at one place. A finding that its line accepts ("meant so") is left out. */
export function checkDance(dance: Dance): Finding[] {
  const accepted = acceptedCodes(dance);
  return RULES.flatMap((rule) =>
    rule.find(dance).map(({ severity = rule.severity, ...found }): Finding => ({
      code: rule.code,
      group: rule.group,
      severity,
      ...found,
    })),
  )
    .filter(
      (finding) =>
        !accepted.some(
          ({ code, from, to }) => code === finding.code && finding.span.from >= from && finding.span.from <= to,
        ),
    )
    .sort((a, b) => a.span.from - b.span.from || SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity));
}

function acceptedCodes(dance: Dance): { code: string; from: number; to: number }[] {
  return dance.script.lines.flatMap(({ step, span, kind, text }) => {
    if (kind === 'plan' || kind === 'option')
      return [...text.matchAll(/\(meant so:\s*([\w-]+)\)/gi)].map(([, code]) => ({ code, ...span }));
    return step?.marks.accepted.map(({ code }) => ({ code, ...span })) ?? [];
  });
}

/** Errors and warnings: what the frame counts as slips. */
export const isSlip = (finding: Finding): boolean => finding.severity !== 'remark';
