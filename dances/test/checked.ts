/** A text danced and checked, without the searches for what could mend it: what a test asks of findings needs no proposals. */
import { checkDance } from '../../src/core/checking/check';
import type { Finding, Script } from '../../src/core/index';
import type { Dance } from '../../src/core/dancing/dance';
import { readScript } from '../../src/core/page/read-script';
import { danceWithPlan } from '../../src/core/walls/settle';

export interface Checked {
  readonly script: Script;
  readonly dance: Dance;
  readonly findings: readonly Finding[];
}

export const danced = (text: string): Dance => danceWithPlan(readScript(text));

export function checked(text: string): Checked {
  const dance = danced(text);
  return { script: dance.script, dance, findings: checkDance(dance) };
}
