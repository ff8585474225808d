import type { DancedBlock, Dance } from '../../dancing/dance';
import { facingAfter, hourOfFacing, type Facing } from '../../model/turns';
import { wallsOf } from '../../walls/table';
import { phrased, type Rule } from '../rule';

const RUNNING = (hour: string) =>
  phrased('order: B A B')
    .replace('1-4 Vine R, touch L', '1-4 Vine R, touch L (6:00)')
    .replace('5-8 Vine L, touch R', `5-8 Vine L, touch R (${hour})`);

export const facingsRunOn: Rule = {
  code: 'facings-run-on',
  group: 'facing',
  severity: 'remark',
  about: 'The facings written in a part go on from where the dance has come to, not from 12:00.',
  waitsFor: 'dance',
  examples: {
    bad: [
      {
        text: RUNNING('6:00').replace('## Part A', '<|## Part A|>'),
        message: 'The facings of part A run on from 6:00, so it is taken to start there.',
      },
    ],
    good: [RUNNING('9:00'), phrased('order: A B')],
  },
  find: (dance) =>
    dance.parts.flatMap((part) => {
      const start = runningStart(dance, part);
      if (start === undefined || part.block.headingLine === undefined) return [];
      return [
        {
          span: dance.script.lines[part.block.headingLine].span,
          message: `The facings of part ${part.block.name} run on from ${hourOfFacing(start)}, so it is taken to start there.`,
        },
      ];
    }),
};

/** Where a part is first danced from, when every facing it states is off by just that; undefined otherwise. */
export function runningStart(dance: Dance, part: DancedBlock): Facing | undefined {
  const offsets = part.sections.flatMap(({ lines }) =>
    lines.flatMap(({ calls }) =>
      calls.flatMap(({ facingClaims, after }) =>
        facingClaims.map(({ facing }) => facingAfter(0, facing - after.facing)),
      ),
    ),
  );
  const [offset] = offsets;
  // One hour may be a slip; several that are off by the same are a way of writing.
  if (offsets.length < 2 || offset === 0 || offsets.some((other) => other !== offset)) return undefined;
  const first = wallsOf(dance).walls.find(({ pieces }) => pieces[0].block === part);
  return first?.start === offset ? offset : undefined;
}
