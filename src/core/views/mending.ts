/**
 * What is told, put in order of cause, with a look at what each proposal would make of it: every proposal is written, read and danced
 * before it is shown, and what goes away with it is counted.
 */
import { checkDance } from '../checking/check';
import { callsOf } from '../checking/rule';
import type { Dance } from '../dancing/dance';
import type { Finding, Proposal } from '../model/findings';
import { applyEdits } from '../model/text';
import { rereadScript } from '../page/read-script';
import { lineAtOffset, type Script } from '../reading/script';
import { didYouMean } from '../solving/did-you-mean';
import { danceWithPlan } from '../walls/settle';
import { findDancedLine } from './explain';
import { viewLine, type LineView } from './script-view';
import { keyOf } from './writing';

export interface Look {
  readonly proposal: Proposal;
  /** The first line it changes, as it would read; empty where that line goes. */
  readonly text: string;
  /** What stands beside that line then. */
  readonly view?: LineView;
  /** How many of what is told go away with it, and how many come. */
  readonly goes: number;
  readonly comes: number;
}

export interface Mending {
  /** Of the finding, as `keyOf` names it. */
  readonly key: string;
  /** The likeliest first. */
  readonly looks: readonly Look[];
  /** What goes away with its likeliest proposal, by keys: it has the same cause. */
  readonly same: readonly string[];
}

const MOST_FINDINGS = 16;
/** Every proposal is a study of the whole text: in a long one, in letters, only the first findings are looked into. */
const LONG_TEXT = 12_000;
const MOST_IN_LONG = 3;
const MOST_PROPOSALS = 4;

/** `findings`: what is told. The same of another state of the text is found again by its key. */
export function mendings(dance: Dance, findings: readonly Finding[]): Mending[] {
  const { script } = dance;
  const most = script.text.length > LONG_TEXT ? MOST_IN_LONG : MOST_FINDINGS;
  const before: readonly Finding[] = checkDance(danceWithPlan(script));
  return findings.slice(0, most).map((finding): Mending => {
    const looks = proposalsFor(dance, finding)
      .slice(0, MOST_PROPOSALS)
      .filter(({ edits }) => applyEdits(script.text, edits) !== script.text)
      .map((proposal) => lookAt({ script, told: findings, before }, proposal));
    const [best] = looks.sort((a, b) => rankOf(a.look) - rankOf(b.look));
    return {
      key: keyOf(finding, script),
      looks: looks.map(({ look }) => look),
      same: best ? best.gone.map((one) => keyOf(one, script)).filter((key) => key !== keyOf(finding, script)) : [],
    };
  });
}

/** The same order for equals: what keeps the meaning stands first, guesses behind it. */
const rankOf = ({ goes, comes }: Look): number => comes - goes;

/** Rules that speak of words nobody could read: what they may mean is looked for where the rule has no answer of its own. */
const GARBLED: ReadonlySet<string> = new Set(['not-understood', 'words-unread']);

function proposalsFor(dance: Dance, finding: Finding): readonly Proposal[] {
  const own = [...(finding.fix ? [finding.fix] : []), ...(finding.suggestions ?? [])];
  if (!GARBLED.has(finding.code) || own.length > 0) return own;
  const garbled = callsOf(dance).find(({ call: { call, figure }, line }) => {
    const start = line.line.span.from;
    const holds = start + call.span.from <= finding.span.from && finding.span.to <= start + call.span.to;
    return holds && (!figure || finding.code === 'words-unread');
  });
  return garbled ? didYouMean(dance, garbled.line, garbled.call) : [];
}

interface Looked {
  readonly look: Look;
  readonly gone: readonly Finding[];
}

interface Asked {
  readonly script: Script;
  readonly told: readonly Finding[];
  /** All there is to find before anything is changed, told or not. */
  readonly before: readonly Finding[];
}

function lookAt({ script, told, before }: Asked, proposal: Proposal): Looked {
  const text = applyEdits(script.text, proposal.edits);
  const after = danceWithPlan(rereadScript(script, text));
  const findings = checkDance(after);
  const gone = goneFrom(script, told, after.script, findings);
  const known = new Map<string, number>();
  for (const { code } of before) count(known, code);
  const comes = findings.filter(
    ({ code, severity, waitsFor }) => severity !== 'remark' && !waitsFor && !take(known, code),
  ).length;
  const line = after.script.lines[changedLines(script.text, text).from];
  const danced = line && findDancedLine(after, line.index);
  return {
    look: {
      proposal,
      text: line?.text.trim() ?? '',
      ...(danced && { view: viewLine(danced) }),
      goes: gone.length,
      comes,
    },
    gone,
  };
}

/** What is told before and not after: first what says the very same, then the same rule at the same line, whose numbers a change may shift. */
function goneFrom(script: Script, told: readonly Finding[], now: Script, findings: readonly Finding[]): Finding[] {
  const { from, by } = changedLines(script.text, now.text);
  const lineThen = ({ span }: Finding): number => {
    const at = lineAtOffset(script, span.from);
    return at < from ? at : at + by;
  };
  const keys: ((finding: Finding, line: number) => string)[] = [
    ({ code, message }, line) => `${line} ${code} ${message}`,
    ({ code }, line) => `${line} ${code}`,
  ];
  return keys.reduce(
    ({ before, after }, keyOfOne) => {
      const left = new Map<string, Finding[]>();
      for (const finding of after) {
        const key = keyOfOne(finding, lineAtOffset(now, finding.span.from));
        left.set(key, [...(left.get(key) ?? []), finding]);
      }
      const missing = before.filter((finding) => !left.get(keyOfOne(finding, lineThen(finding)))?.pop());
      return { before: missing, after: [...left.values()].flat() };
    },
    { before: [...told], after: findings },
  ).before;
}

const count = (of: Map<string, number>, key: string): void => void of.set(key, (of.get(key) ?? 0) + 1);

function take(from: Map<string, number>, key: string): boolean {
  const left = from.get(key) ?? 0;
  if (left > 0) from.set(key, left - 1);
  return left > 0;
}

/** The first line that differs, and how many lines there are more from there on. */
function changedLines(before: string, after: string): { readonly from: number; readonly by: number } {
  const [old, now] = [before.split('\n'), after.split('\n')];
  const from = now.findIndex((line, index) => line !== old[index]);
  return { from: Math.max(from, 0), by: now.length - old.length };
}
