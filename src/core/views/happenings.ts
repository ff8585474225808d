/** What happens on a wall, one thing a string, in the order it is danced: for a sheet, a terminal, a label. */
import { sectionPlace } from '../dancing/places';
import { countsOfTicks, TICKS_A_COUNT } from '../model/ticks';
import { hourOfFacing } from '../model/turns';
import type { Wall } from '../walls/wall';
import { SHEET_WORDS, type HappeningWords } from './sheet-words';
import { wordsOf } from './walls';

export function wallHappenings(wall: Wall, words: HappeningWords = SHEET_WORDS.en.happens): string[] {
  const { pieces, cut, notes } = wall;
  const part = pieces[0].block;
  if (wall.kind === 'tag') return [];
  const said: { text: string; isLast: boolean }[] = [];
  const say = (text: string, isLast = false) => said.push({ text, isLast });
  for (const piece of pieces) {
    const { kind, at, start, block } = piece;
    if (kind === 'part') continue;
    const atEnd = at >= part.counts * TICKS_A_COUNT || (cut !== undefined && at >= cut.cut.ticks);
    if (kind === 'tag') {
      const name = block.block.kind === 'tag' ? `${words.tag} ${block.block.name}`.trim() : wordsOf(piece);
      say(`${name} ${atEnd ? words.atEnd : placeIn(part, at, false, words)}, ${words.facing(hourOfFacing(start))}`);
    } else if (kind === 'changed' && !atEnd) say(`${words.fromCount(countsOfTicks(at) + 1)}: ${wordsOf(piece)}`);
    else say(`${kind === 'ending' ? words.ending : words.then}: ${wordsOf(piece)}`, true);
  }
  if (cut) {
    const what = cut.kind === 'ending' ? words.ends : cut.kind === 'order' ? words.cut : words.restart;
    const facing = cut.kind === 'restart' ? `, ${words.facing(hourOfFacing(wall.end))}` : '';
    const then = said.findIndex(({ isLast }) => isLast);
    const text = `${what} ${placeIn(part, cut.cut.ticks, cut.cut.half, words)}${facing}`;
    said.splice(then < 0 ? said.length : then, 0, { text, isLast: false });
  }
  return [...said.map(({ text }) => text), ...notes.map(({ text }) => text)];
}

/** A place both ways: `after 20 counts (4 counts into section 3)`. */
function placeIn(
  block: Wall['pieces'][number]['block'],
  ticks: number,
  isHalf: boolean,
  { after }: HappeningWords,
): string {
  const place = block.sections.length < 2 ? undefined : sectionPlace(block, ticks);
  return after(
    String(countsOfTicks(ticks)),
    isHalf,
    place && { section: place.section, counts: place.counts, isWhole: place.whole },
  );
}
