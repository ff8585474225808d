/** How many walls a dance has, said honestly: by the turn of one wall, and as it is danced; and why the two differ. */
import { sectionPlace } from '../dancing/places';
import { countsOfTicks } from '../model/ticks';
import { CIRCLE, facingAfter, hourOfFacing, turnWords, wayOfTurn, type Turn } from '../model/turns';
import type { Wall, WallPlan } from './wall';

const walls = (count: number): string => `${count} wall${count === 1 ? '' : 's'}`;

/** `4 walls as danced (2 by its turn)`; short enough for one line among others. */
export const wallsInShort = (plan: WallPlan): string => Object.values(wallsInParts(plan)).join('');

/** The same in three: the number of walls that are danced, and what is said before and behind it. */
export function wallsInParts({ wallsNet, wallsDanced, order }: WallPlan): WallsInParts {
  const danced = walls(wallsDanced);
  if (order?.entry) return { before: 'phrased, danced from ', danced, behind: '' };
  if (wallsNet === null || wallsNet === wallsDanced) return { before: '', danced, behind: '' };
  return { before: '', danced, behind: ` as danced (${wallsNet} by its turn)` };
}

export interface WallsInParts {
  readonly before: string;
  readonly danced: string;
  readonly behind: string;
}

/** One sentence, or two where the readings differ. */
export function wallsExplained(plan: WallPlan): string {
  const { wallsNet, wallsDanced, netTurn, order, walls: table } = plan;
  if (table.length === 0) return '';
  if (order?.entry) {
    const parts = table.filter(({ kind }) => kind === 'part');
    const starts = [...new Set(parts.map(({ start }) => start))].sort((a, b) => a - b).map(hourOfFacing);
    const end = hourOfFacing(table[table.length - 1].end);
    return `${parts.length} parts are danced, starting from ${listed(starts)}; the whole turns ${netTurn % CIRCLE === 0 ? fullTurns(netTurn) : turnWords(netTurn)} and ends facing ${end}.`;
  }
  const turn = netTurn === 0 ? 'A wall does not turn' : `A wall turns ${turnWords(netTurn)}`;
  const other = firstTurned(plan);
  if (wallsNet === wallsDanced) {
    const same = `${turn}, which makes ${walls(wallsDanced)}`;
    return other ? `${same}; so many are danced. ${reasonOf(other, plan)}.` : `${same}.`;
  }
  const first = `${turn}, which alone would make ${walls(wallsNet ?? 0)}.`;
  if (!other) return `${first} Only ${wallsDanced} of them are reached before the dance ends.`;
  return `${first} ${reasonOf(other, plan)}, and the dance is danced from ${walls(wallsDanced)}.`;
}

/** `not at all`, `once round to the left`, `2 times round to the right`. */
function fullTurns(turn: Turn): string {
  const times = Math.abs(turn) / CIRCLE;
  return times === 0 ? 'not at all' : `${times === 1 ? 'once' : `${times} times`} round to the ${wayOfTurn(turn)}`;
}

/** The first wall that turns otherwise than a whole one. */
const firstTurned = ({ walls: table, netTurn }: WallPlan): Wall | undefined =>
  table.find(({ start, end, cut }) => cut?.kind !== 'ending' && facingAfter(start, netTurn) !== end);

function reasonOf({ number, pieces, cut, end }: Wall, { walls: table }: WallPlan): string {
  const turned = pieces.reduce((sum, { turn }) => sum + turn, 0);
  const next = table.some((wall) => wall.number === number + 1)
    ? `, so wall ${number + 1} starts facing ${hourOfFacing(end)}`
    : '';
  const turn = turned === 0 ? 'without a turn' : `with ${turnWords(turned)} turned`;
  if (cut?.kind === 'restart')
    return `The cut after ${countsOfTicks(cut.cut.ticks)} on wall ${number} comes ${turn}${next}`;
  const tag = pieces.find(({ kind, turn: own }) => kind === 'tag' && own !== 0);
  if (tag) return `The tag on wall ${number} turns ${turnWords(tag.turn)}${next}`;
  return `Wall ${number} turns ${turnWords(turned)}${next}`;
}

const listed = (words: readonly string[]): string =>
  words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words[words.length - 1]}`;

/** A place both ways: `after 20 counts (4 counts into section 3)`, `after 16 counts (the end of section 2)`. */
export function bothWays(block: Wall['pieces'][number]['block'], ticks: number, half: boolean): string {
  const counts = `after ${countsOfTicks(ticks)}${half ? '&' : ' counts'}`;
  const place = sectionPlace(block, ticks);
  if (!place || block.sections.length < 2) return counts;
  const into = place.whole
    ? `the end of section ${place.section}`
    : `${place.counts} counts into section ${place.section}`;
  return `${counts} (${into})`;
}
