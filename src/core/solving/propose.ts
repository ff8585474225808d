/** Findings with what a search adds to them: answers for open turns, changes elsewhere that mend a stated wall. */
import type { Dance } from '../dancing/dance';
import type { Finding } from '../model/findings';
import { mendFacing } from './mend-facing';
import { solveOpenTurns } from './open-turns';

export function proposeSolutions(dance: Dance, findings: readonly Finding[]): readonly Finding[] {
  if (!findings.some(({ code }) => code === 'turn-open' || code === 'facing-claim')) return findings;
  const answers = findings.some(({ code }) => code === 'turn-open') ? solveOpenTurns(dance) : undefined;
  return findings.map((finding) => {
    if (finding.code === 'facing-claim')
      return { ...finding, suggestions: [...(finding.suggestions ?? []), ...mendFacing(dance, finding)].slice(0, 5) };
    if (finding.code !== 'turn-open') return finding;
    const suggestions = answers?.get(finding.span.from) ?? [];
    const message =
      suggestions.length > 0 ? 'This turn is still open. These come to the walls stated after it.' : finding.message;
    return { ...finding, message, suggestions };
  });
}
