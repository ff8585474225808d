/** Findings with what a search adds to them: answers for open turns, changes elsewhere that mend a stated wall. */
import { joinPlace } from '../checking/rules/join-weight';
import type { Dance } from '../dancing/dance';
import type { Finding, Proposal } from '../model/findings';
import { lineAtOffset } from '../reading/script';
import { wallsOf } from '../walls/table';
import { mendFacings } from './mend-facing';
import { mendJoin } from './mend-join';
import { noTurnFor } from './no-turn';
import { solveOpenTurns } from './open-turns';

const MOST_OFFERED = 5;
/** Findings that are searched for with one key; those after them wait until some of these are settled. */
const MOST_SEARCHED = 24;
/** Turns that were left open, with a question mark or without. */
const OPEN: ReadonlySet<string> = new Set(['turn-open', 'turn-without-amount', 'turn-without-direction']);

export function proposeSolutions(dance: Dance, findings: readonly Finding[]): readonly Finding[] {
  const open = findings.some(({ code }) => OPEN.has(code));
  const claims = new Set(findings.flatMap(({ code, span }) => (code === 'facing-claim' ? [span.from] : [])));
  const joins = findings.some(({ code }) => code === 'join-weight' || code === 'no-turn-missing');
  if (!open && !joins && claims.size === 0) return findings;
  const answers = open ? solveOpenTurns(dance) : undefined;
  const changes = claims.size > 0 ? mendFacings(dance, claims) : undefined;
  let searched = 0;
  return findings.map((finding) => {
    if (finding.code === 'join-weight' || finding.code === 'no-turn-missing') {
      if (searched++ >= MOST_SEARCHED) return finding;
      return withMore(
        finding,
        finding.code === 'join-weight' ? joinChanges(dance, finding) : withoutTurn(dance, finding),
      );
    }
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

/** Changed steps for every join that a plan line breaks. */
function joinChanges(dance: Dance, { span }: Finding): Proposal[] {
  const bad = wallsOf(dance).badJoins.filter((join) => joinPlace(dance, join).from === span.from);
  return bad.slice(0, 1).flatMap((join) => mendJoin(dance, join));
}

function withoutTurn(dance: Dance, { span }: Finding): Proposal[] {
  const found = noTurnFor(dance, lineAtOffset(dance.script, span.from));
  return found ? [{ label: `no turn: ${found.words.join(' / ')}`, edits: found.edits }] : [];
}
