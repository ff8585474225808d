/** Text in, answers out: the whole chain in one call. */
import { checkDance } from './checking/check';
import { tooLong } from './checking/too-long';
import { danceScript, type Dance } from './dancing/dance';
import type { Finding } from './model/findings';
import { readScript, type Script } from './reading/script';
import { proposeSolutions } from './solving/propose';
import { viewScript, type ScriptView } from './views/script-view';

export interface Study {
  readonly text: string;
  /** The writer's own figures from elsewhere that it was read with, as `## Figure` lines. */
  readonly personal: string;
  readonly script: Script;
  readonly dance: Dance;
  readonly findings: readonly Finding[];
  readonly view: ScriptView;
}

/** Longer texts are refused with a sentence; nothing of them is lost, they are only not worked out. */
export const LONGEST_TEXT = 1_000_000;

/** What is worked out at every key: two thousand lines and more. Beyond it typing would stutter. */
export const LONGEST_LIVE_TEXT = 120_000;

/** The newest first: the editor is at one text while a panel is still drawn from the one before. */
let recent: readonly Study[] = [];
const MOST_REMEMBERED = 2;

/** Reads, dances and checks a text. The newest answers are remembered, so that several views of one text cost one study. */
export function studyText(text: string, personal = '', longest = LONGEST_TEXT): Study {
  const known = recent.find((study) => study.text === text && study.personal === personal);
  if (known) return known;
  const refused = text.length > longest;
  const script = readScript(refused ? '' : text, personal);
  const dance = danceScript(script);
  const findings = refused ? [tooLong(text, longest)] : proposeSolutions(dance, checkDance(dance));
  let view: ScriptView | undefined;
  const study: Study = {
    text,
    personal,
    script,
    dance,
    findings,
    // Worked out when somebody looks: a folder of sheets is checked without it.
    get view() {
      return (view ??= viewScript(dance, findings));
    },
  };
  recent = [study, ...recent].slice(0, MOST_REMEMBERED);
  return study;
}
