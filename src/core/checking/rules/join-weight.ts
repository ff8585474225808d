import type { Dance } from '../../dancing/dance';
import { sectionPlace } from '../../dancing/places';
import { isFoot, otherFoot } from '../../model/feet';
import { countsOfTicks, TICKS_A_COUNT } from '../../model/ticks';
import type { Span } from '../../model/text';
import type { Piece } from '../../walls/pieces';
import type { BadJoin } from '../../walls/problems';
import { wallsOf } from '../../walls/table';
import type { Wall } from '../../walls/wall';
import { phrased, planned, planPlace, type Found, type Rule } from '../rule';

export const joinWeight: Rule = {
  code: 'join-weight',
  group: 'weight',
  severity: 'error',
  about: 'A restart, tag, change or part begins with a foot that is not free.',
  waitsFor: 'dance',
  examples: {
    bad: [
      {
        text: planned('<|wall 3: restart after 4|>').replace('1-4 Jazz box R', '1-4 Vine R, touch L'),
        message: 'After 4 counts of wall 3 the weight is on R, so R is not free to begin again.',
      },
      {
        text: phrased('<|order: A B(3) A|>'),
        message: 'After 3 counts of wall 2 the weight is on R, so R is not free for A.',
      },
    ],
    good: [
      planned('wall 3: restart after 4'),
      planned('wall 3: restart after 4, then & step L beside R').replace('1-4 Jazz box R', '1-4 Vine R, touch L'),
      phrased('order: A B A'),
    ],
  },
  find: (dance) => {
    const { badJoins } = wallsOf(dance);
    // One line of the plan that goes wrong on several walls is told once, for the first of them.
    return badJoins
      .filter(
        (bad, index) =>
          bad.entry?.item.kind === 'order' || badJoins.findIndex(({ entry }) => entry === bad.entry) === index,
      )
      .map((bad) => describe(dance, bad));
  },
};

function describe(dance: Dance, { wall, piece, before, entry }: BadJoin): Found {
  const { weight } = piece.join;
  const foot = isFoot(weight) ? weight : 'R';
  const first = piece.block.moments.slice(piece.from, piece.to).find(({ action }) => action.foot !== null);
  const line = first?.line.span ?? dance.script.lines[0].span;
  const place = joinPlace(dance, { wall, piece, ...(before && { before }), ...(entry && { entry }) });
  return {
    span: place,
    wall: wallBefore(dance, piece)?.number ?? wall,
    message: `${beforeWords(dance, wall, piece, before)} the weight is on ${foot}, so ${foot} is not free ${nextWords(piece, before)}.`,
    ...(entry && { related: { span: line, message: `${otherFoot(foot) === 'L' ? 'R' : 'L'} is needed here.` } }),
  };
}

/** Where a bad join is told: at the last line of a tag that took over rightly and does not hand over; else at its plan line. */
export function joinPlace(dance: Dance, { piece, before, entry }: BadJoin): Span {
  if (before?.kind === 'tag' && before.join.good !== false && dance.tags.includes(before.block)) {
    const last = before.block.moments[before.to - 1];
    if (last) return last.line.span;
  }
  const first = piece.block.moments.slice(piece.from, piece.to).find(({ action }) => action.foot !== null);
  return entry ? planPlace(entry) : (first?.line.span ?? dance.script.lines[0].span);
}

const wallBefore = (dance: Dance, piece: Piece): Wall | undefined => {
  const { walls } = wallsOf(dance);
  const at = walls.findIndex(({ pieces }) => pieces.includes(piece));
  return walls[at]?.pieces[0] === piece ? walls[at - 1] : walls[at];
};

/** What was danced up to there. */
function beforeWords(dance: Dance, wall: number, piece: Piece, before: Piece | undefined): string {
  const own = wallBefore(dance, piece);
  if (!own || !before) return `At the start of wall ${wall}`;
  if (before.kind === 'tag')
    return `After the tag${before.block.block.name ? ` ${before.block.block.name}` : ''} on wall ${own.number}`;
  if (before.kind === 'changed') return `After the changed steps on wall ${own.number}`;
  const counts = countsOfTicks(before.at + before.ticks);
  const whole = sectionPlace(before.block, before.at + before.ticks);
  const ends = whole && before.at + before.ticks === before.block.counts * TICKS_A_COUNT;
  return ends ? `At the end of wall ${own.number}` : `After ${counts} counts of wall ${own.number}`;
}

function nextWords(piece: Piece, before: Piece | undefined): string {
  const { block } = piece.block;
  if (piece.kind === 'tag') return `for the tag${block.name ? ` ${block.name}` : ''}`;
  if (piece.kind === 'changed' || piece.kind === 'ending')
    return `for the ${piece.kind === 'changed' ? 'changed steps' : 'ending'}`;
  if (piece.from > 0) return `for count ${countsOfTicks(piece.at) + 1}`;
  return before?.block.block === block || !block.name ? 'to begin again' : `for ${block.name}`;
}
