import { layUnder } from '../../music/laid';
import { section, type Rule } from '../rule';

const DANCE = section(16, '1-8 K step R', '9-12 Vine R, touch L', '13-16 Vine L, touch R');

const howFar = (out: number): string =>
  `${Math.abs(out)} ${Math.abs(out) === 1 ? 'count' : 'counts'} ${out < 0 ? 'before' : 'after'}`;

export const wallOffPhrase: Rule = {
  code: 'wall-off-phrase',
  group: 'music',
  severity: 'remark',
  about: 'A wall begins beside the phrase of the song: a tag or a restart would bring it back.',
  waitsFor: 'dance',
  examples: {
    bad: [
      {
        text: `${DANCE}\n\n<|## Song|>\nverse: 16\ngap: 4\nchorus: 16 x2`,
        message: 'Wall 2 begins 4 counts before “chorus”, and 3 of 4 walls beside their phrase.',
      },
    ],
    good: [`${DANCE}\n\n## Song\nverse: 16\nchorus: 16 x2`],
  },
  find: (dance) => {
    const laid = layUnder(dance);
    const off = laid?.walls.filter(({ out }) => out !== 0) ?? [];
    const [first] = off;
    if (!laid || !first) return [];
    const many = `${off.length} of ${laid.walls.length} walls beside their phrase`;
    return [
      {
        span: dance.script.lines[laid.song.headingLine].span,
        message: `Wall ${first.wall.number} begins ${howFar(first.out)} “${first.phrase.label}”, and ${many}.`,
      },
    ];
  },
};
