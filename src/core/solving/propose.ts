/** Findings with what a search adds to them: answers for open turns, changes elsewhere that mend a stated wall. */
import type { Dance } from '../dancing/dance';
import type { Finding } from '../model/findings';
import { mendFacings } from './mend-facing';
import { solveOpenTurns } from './open-turns';

const MOST_OFFERED = 5;
/** Turns that were left open, with a question mark or without. */
const OPEN: ReadonlySet<string> = new Set(['turn-open', 'turn-without-amount', 'turn-without-direction']);

export function proposeSolutions(dance: Dance, findings: readonly Finding[]): readonly Finding[] {
  const open = findings.some(({ code }) => OPEN.has(code));
  const claims = new Set(findings.flatMap(({ code, span }) => (code === 'facing-claim' ? [span.from] : [])));
  if (!open && claims.size === 0) return findings;
  const answers = open ? solveOpenTurns(dance) : undefined;
  const changes = claims.size > 0 ? mendFacings(dance, claims) : undefined;
  return findings.map((finding) => {
    if (finding.code === 'facing-claim') return withMore(finding, changes?.get(finding.span.from) ?? []);
    if (!OPEN.has(finding.code)) return finding;
    const suggestions = answers?.get(finding.span.from) ?? [];
    if (finding.code !== 'turn-open') return suggestions.length > 0 ? { ...finding, suggestions } : finding;
    const message =
      suggestions.length > 0 ? 'This turn is still open. These come to the walls stated after it.' : finding.message;
    return { ...finding, message, suggestions };
  });
}

const withMore = (finding: Finding, more: NonNullable<Finding['suggestions']>): Finding => ({
  ...finding,
  suggestions: [...(finding.suggestions ?? []), ...more].slice(0, MOST_OFFERED),
});
