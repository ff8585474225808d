import { cuesTooLong } from '../../teaching/performance';
import { danceTempo } from '../../music/tempo';
import { passagesOfSections, timelineOf } from '../../teaching/timeline';
import { languageOf } from '../../vocabulary/language';
import { LANGUAGES } from '../../vocabulary/figures';
import type { Rule } from '../rule';

const HEAD = 'music: Slack Water, 124 bpm\n\n## Section 1 (4 counts)\n1&2 Shuffle R forward\n';

export const cueTooLong: Rule = {
  code: 'cue-too-long',
  group: 'cues',
  severity: 'remark',
  about: 'A cue takes longer to say than there is time before its step, at the dance’s tempo.',
  waitsFor: 'dance',
  examples: {
    bad: [
      {
        text: `${HEAD}3&4 Shuffle L forward <|"and another shuffle forward on the left"|>`,
        message: 'This cue has 11 syllables, and before its step there is time for 4 at 124 a minute. “shuffle” can be said.',
      },
    ],
    good: [`${HEAD}3&4 Shuffle L forward "shuffle left"`, `${HEAD.replace(', 124 bpm', '')}3&4 Shuffle L forward "and another shuffle forward on the left"`],
  },
  find: (dance) => {
    const { tempo, beats, isSaid } = danceTempo(dance.script);
    if (!isSaid) return [];
    const said = languageOf(dance.script.text);
    const language = LANGUAGES.find((one) => one === said) ?? 'en';
    return [...dance.parts, ...dance.tags].flatMap((block) =>
      cuesTooLong(timelineOf(passagesOfSections(dance, block, 0, block.sections.length - 1), language), tempo, beats).flatMap(
        ({ call, syllables, room, instead }) => {
          const line = dance.script.lines[call.line];
          const [cue] = line?.step?.marks.cues ?? [];
          if (!line || !cue) return [];
          const span = { from: line.span.from + cue.span.from, to: line.span.from + cue.span.to };
          const other = instead ? ` “${instead}” can be said.` : '';
          return [
            {
              span,
              message: `This cue has ${syllables} syllables, and before its step there is time for ${room} at ${Math.round(tempo)} a minute.${other}`,
              ...(instead && { proposals: [{ label: `say “${instead}”`, edits: [{ ...span, insert: `"${instead}"` }] }] }),
            },
          ];
        },
      ),
    );
  },
}; // prettier-ignore
