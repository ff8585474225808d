/** One line explained foot by foot, with the feet on the floor seen from above. */
import type { Dance, DancedLine } from '../dancing/dance';
import { wrongMoments } from '../checking/rules/foot-not-free';
import type { FootPlace } from '../dancing/state';
import type { Foot, Weight } from '../model/feet';
import { labelOfTick, TICKS_A_COUNT } from '../model/ticks';
import { CIRCLE, facingAfter, hourOfFacing, type Facing } from '../model/turns';
import { printCounts } from '../printing/counts';
import { actionSentence } from '../printing/moments';
import { houseName } from '../vocabulary';
import { footMark, type FootMark } from './script-view';

export interface ExplainedStep {
  readonly count: string;
  readonly mark: FootMark;
  readonly words: string;
  readonly weight: Weight;
  readonly facing: Facing;
  readonly hour: string;
  readonly turned: boolean;
}

export interface FloorMark extends FootPlace {
  readonly foot: Foot;
  /** `before`: where it stood; `weight` and `gesture`: where it went on the count; `turned`: it only turned where it stands. */
  readonly kind: 'before' | 'weight' | 'gesture';
  readonly count: string;
}

export interface Explained {
  readonly line: number;
  readonly text: string;
  readonly place: string;
  readonly figures: readonly string[];
  readonly steps: readonly ExplainedStep[];
  readonly before: { readonly weight: Weight; readonly facing: Facing; readonly hour: string };
  readonly after: { readonly weight: Weight; readonly facing: Facing; readonly hour: string };
  readonly floor: readonly FloorMark[];
  readonly notes: readonly string[];
}

/** The danced line at a line of the text, if something is danced there. */
export function findDancedLine(dance: Dance, index: number): DancedLine | undefined {
  for (const block of [...dance.parts, ...dance.tags]) {
    for (const own of block.sections) {
      const found = own.lines.find(({ line }) => line.index === index && line.section === own.text);
      if (found) return found;
    }
  }
  return undefined;
}

/** `roomFacing`: what the line ends facing on the wall that is looked at; facings are then told by the room's clock. */
export function explainLine(dance: Dance, index: number, roomFacing?: Facing): Explained | undefined {
  const danced = findDancedLine(dance, index);
  if (!danced) return undefined;
  const { before, after, line } = danced;
  const shift = roomFacing === undefined ? 0 : roomFacing - after.facing;
  const seen = (facing: Facing): { facing: Facing; hour: string } => {
    const turned = facingAfter(facing, shift);
    return { facing: turned, hour: hourOfFacing(turned) };
  };
  const wrong = wrongMoments(dance);
  const counts = danced.groups.map(({ ticks, group }) => printCounts(ticks, group.counts?.borrows)).filter(Boolean);
  const section = line.section;
  const blockName = section?.block.kind === 'tag' ? `Tag ${section.block.name}` : `Section ${section?.number ?? 1}`;
  return {
    line: index,
    text: lineWords(danced),
    place: `${blockName}, counts ${counts.join(', ')}`,
    figures: [
      ...new Set(
        danced.calls.flatMap(({ figure, titled }) =>
          titled?.figure ? [houseName(titled.figure)] : figure ? [houseName(figure)] : [],
        ),
      ),
    ],
    steps: danced.moments.map((moment) => ({
      count: labelOfTick(moment.tick % (99 * TICKS_A_COUNT)),
      mark: footMark(moment, wrong),
      words: actionSentence(moment.action),
      weight: moment.after.weight,
      ...seen(moment.after.facing),
      turned: moment.action.turn !== 0,
    })),
    before: { weight: before.weight, ...seen(before.facing) },
    after: { weight: after.weight, ...seen(after.facing) },
    floor: floorMarks(danced).map((mark) => turnedMark(mark, shift)),
    notes: line.step?.marks.notes.map(({ text }) => text) ?? [],
  };
}

/** The calls of a line as they are written, without counts and marks. */
export function lineWords({ line }: DancedLine): string {
  const spans =
    line.step?.groups.flatMap(({ calls, repeat }) => (repeat ? [repeat.span] : calls.map(({ span }) => span))) ?? [];
  if (spans.length === 0) return '';
  const words = line.text.slice(spans[0].from, spans[spans.length - 1].to).trim();
  // A list of feet in brackets ends with its bracket.
  return words.lastIndexOf('(') > words.lastIndexOf(')') ? `${words})` : words;
}

/** The floor turned with the wall that is looked at: the top of the picture stays the room's 12:00. */
function turnedMark(mark: FloorMark, shift: number): FloorMark {
  if (facingAfter(0, shift) === 0) return mark;
  const angle = (shift / CIRCLE) * 2 * Math.PI;
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
  return {
    ...mark,
    x: mark.x * cos + mark.y * sin,
    y: mark.y * cos - mark.x * sin,
    heading: facingAfter(mark.heading, shift),
  };
}

/** Where both feet stood, then each place a foot went to. */
export function floorMarks({ before, moments }: DancedLine): FloorMark[] {
  const marks: FloorMark[] = (['L', 'R'] as const).map((foot) => ({
    foot,
    kind: 'before',
    count: '',
    ...before.feet[foot],
  }));
  for (const { action, after, tick } of moments) {
    if (!action.foot) continue;
    marks.push({
      foot: action.foot,
      kind: action.effect === 'takes' ? 'weight' : 'gesture',
      count: labelOfTick(tick),
      ...after.feet[action.foot],
    });
  }
  return marks;
}
