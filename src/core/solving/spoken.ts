/** Words danced without a script around them: what a line would do where it is not written yet. */
import { danceFrom, type DancedBlock } from '../dancing/dance';
import type { DanceState } from '../dancing/state';
import { readStepLine } from '../reading/line';
import type { BlockText, ScriptLine, SectionText } from '../reading/script';
import type { Vocabulary } from '../vocabulary';
import { isImpossible } from '../checking/rules/foot-not-free';

/** Lines of counts and calls, as a block of one section. */
function spokenBlock(texts: readonly string[], vocabulary?: Vocabulary): BlockText {
  const lines: ScriptLine[] = [];
  const block: BlockText = { kind: 'option', name: '', sections: [] };
  const section: SectionText = { number: 1, title: '', block, countsStated: false, counts: 64, lines };
  block.sections.push(section);
  for (const text of texts)
    lines.push({
      index: -1,
      kind: 'step',
      span: { from: 0, to: text.length },
      text,
      step: readStepLine(text, vocabulary),
      section,
    });
  return block;
}

export const danceSpoken = (
  texts: readonly string[],
  before: DanceState,
  vocabulary?: Vocabulary,
  whole?: DancedBlock,
): DancedBlock => danceFrom(spokenBlock(texts, vocabulary), before, whole);

/** Every call was understood and has its counts, every count its call, and no foot steps that bears the weight. */
export const isWhole = ({ sections, moments }: DancedBlock): boolean =>
  sections.every(({ lines }) =>
    lines.every(
      (line) =>
        line.understood &&
        line.groups.every(({ empty }) => empty.length === 0) &&
        line.calls.every(({ unplaced }) => !unplaced),
    ),
  ) && !moments.some(isImpossible);
