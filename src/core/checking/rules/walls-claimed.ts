import { turnWords, wallsOfTurn } from '../../model/turns';
import { plural, replacing, type Rule } from '../rule';

const HALF_TURN = '\n\n## Section 1 (2 counts)\n1-2 Step R forward, pivot 1/2 left';

export const wallsClaimed: Rule = {
  code: 'walls-claimed',
  group: 'facing',
  severity: 'warning',
  about: 'The header says another number of walls than the turns of one wall come to.',
  examples: {
    bad: [
      {
        text: `<|walls: 4|>${HALF_TURN}`,
        fixed: `walls: 2${HALF_TURN}`,
        message: 'It says 4 walls; a wall turns 1/2 left, which makes 2.',
      },
    ],
    good: [
      `walls: 2${HALF_TURN}`,
      `walls: two${HALF_TURN}`,
      `walls: 4${HALF_TURN}\n\n## Plan\nwall 3: restart after 1`,
    ],
  },
  find: (dance) => {
    const { walls } = dance.script.header;
    // With a plan the dance may be danced on other walls than its turn says; that is worked out with the plan.
    const planned = dance.script.blocks.some((block) => block.kind === 'plan');
    const computed = wallsOfTurn(dance.netTurn);
    if (!walls || planned || dance.counts === 0 || walls.value === computed) return [];
    const text = dance.script.text.slice(walls.span.from, walls.span.to);
    const turn = dance.netTurn === 0 ? 'does not turn' : `turns ${turnWords(dance.netTurn)}`;
    return [
      {
        span: walls.span,
        message: `It says ${plural(walls.value, 'wall')}; a wall ${turn}, which makes ${computed}.`,
        fix: replacing(`walls: ${computed}`, walls.span, text.replace(/:.*$/, `: ${computed}`)),
      },
    ];
  },
};
