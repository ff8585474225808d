/** Text in, answers out: the whole chain in one call. */
import { checkDance } from './checking/check';
import { tooLong } from './checking/too-long';
import type { Dance } from './dancing/dance';
import type { Finding } from './model/findings';
import { readScript } from './page/read-script';
import { type Script } from './reading/script';
import { proposeSolutions } from './solving/propose';
import { danceWithPlan } from './walls/settle';
import { viewScript, type ScriptView } from './views/script-view';

export interface Study {
  readonly text: string;
  /** The writer's own figures from elsewhere that it was read with, as `## Figure` lines. */
  readonly personal: string;
  /** Letters beyond which it was refused; undefined for a text that was worked out. */
  readonly refusedAt?: number;
  readonly script: Script;
  readonly dance: Dance;
  readonly findings: readonly Finding[];
  readonly view: ScriptView;
}

/** Longer texts are refused with a sentence; nothing of them is lost, they are only not worked out. */
const LONGEST_TEXT = 1_000_000;

/** What is worked out at every key: two thousand lines and more. Beyond it typing would stutter. */
export const LONGEST_LIVE_TEXT = 120_000;

/** The newest alone: every study kept longer has to be carried through the collector's quick rounds. */
let last: Study | undefined;

/** Reads, dances and checks a text. The last answer is remembered, so that several views of one text cost one study. */
export function studyText(text: string, personal = '', longest = LONGEST_TEXT): Study {
  const refusedAt = text.length > longest ? longest : undefined;
  if (last?.text === text && last.personal === personal && last.refusedAt === refusedAt) return last;
  const refused = refusedAt !== undefined;
  const script = readScript(refused ? '' : text, personal);
  const dance = danceWithPlan(script);
  const findings = refused ? [tooLong(text, longest)] : proposeSolutions(dance, checkDance(dance));
  let view: ScriptView | undefined;
  const study: Study = {
    text,
    personal,
    ...(refused && { refusedAt }),
    script,
    dance,
    findings,
    // Worked out when somebody looks: a folder of sheets is checked without it.
    get view() {
      return (view ??= viewScript(dance));
    },
  };
  last = study;
  return study;
}
