/** Calls and lines back to text in a house style. What was not understood is printed as it was written. */
import { otherFoot } from '../model/feet';
import { CIRCLE, hourOfFacing } from '../model/turns';
import type { Direction } from '../model/actions';
import type { Call } from '../grammar/steps/cut';
import type { Span } from '../model/text';
import type { StepLine } from '../reading/line';
import type { WeightClaim } from '../reading/marks';
import type { Repeat } from '../grammar/repeat';
import { KNOWN, type Figure } from '../vocabulary';
import { printCounts } from './counts';
import { SLATE_STYLE, styledAmount, styledDirection, styledName, styledSide, tongueOf, type HouseStyle } from './style';

/** `text` is the line the call was read from. */
export function printCall(call: Call, text: string, style: HouseStyle = SLATE_STYLE): string {
  const figure = call.figure as Figure;
  if (isVerbatim(call)) return text.slice(call.span.from, call.span.to);
  if (figure === KNOWN.step && call.more) return printSteps(call, text, style);
  const closes = figure === KNOWN.step && call.direction === 'together';
  const tongue = tongueOf(style);
  const words = [
    figure === KNOWN.turn && tongue.turnTellsItself && isAmountAlone(call)
      ? ''
      : styledName(closes ? KNOWN.close : figure, style),
    figure === KNOWN.fullTurn ? '' : printFeet(call, style),
    closes ? '' : printDirection(call, style),
    call.repeat > 1 && !isCounted(call) ? `x${call.repeat}` : '',
    printTurn(call, style),
    figure === KNOWN.fullTurn ? printStepping(call, style) : '',
  ];
  const exception = call.at === undefined ? '' : `${tongue.onCount(call.at)} `;
  const part = call.firstCounts === undefined ? '' : tongue.firstCounts(call.firstCounts);
  const printed = exception + words.filter(Boolean).join(' ') + part;
  return call.detail
    ? `${printed}${tongue.colon} ${call.detail.map((detail) => printDetail(detail, text, style)).join(', ')}`
    : printed;
}

/** What was not understood from end to end is printed as it was written, with whatever stands in it. */
const isVerbatim = ({ figure, unread, more }: Call): boolean =>
  !figure || unread.length > 0 || more?.includes(null) === true;

const verbatimSpans = (calls: readonly Call[]): readonly Span[] =>
  calls.flatMap((call) => (isVerbatim(call) ? [call.span] : verbatimSpans(call.detail ?? [])));

/** A side beside "full turn" is its way, so the feet of one are told as steps. */
function printStepping({ foot, feet }: Call, style: HouseStyle): string {
  const stepped = feet ?? (foot ? [foot, otherFoot(foot)] : []);
  return stepped.length > 0
    ? tongueOf(style).stepping(stepped.map((one) => styledSide(one, style, true)).join(' '))
    : '';
}

const isAmountAlone = ({ turn, foot, feet, travel, direction, repeat }: Call): boolean =>
  turn?.amount !== undefined && !turn.open && !foot && !feet && !travel && !direction && repeat === 1;

/** `four walks R L R L`: the feet say how many. */
const isCounted = ({ numbered, feet, repeat }: Call): boolean =>
  numbered === true && feet !== undefined && feet.length >= repeat;

/** After a colon a step is told by its direction alone: `side, behind, side, cross`. */
function printDetail(call: Call, text: string, style: HouseStyle): string {
  const bare =
    call.figure === KNOWN.step && !call.foot && !call.turn && call.direction !== undefined && call.unread.length === 0;
  return bare ? printPlaces(call, style) : midLine(printCall(call, text, style), style);
}

const printPlaces = ({ direction, more }: Call, style: HouseStyle): string =>
  [direction, ...(more ?? [])].map((place) => (place ? styledDirection(place, style) : '')).join(' ');

/** `side together forward` is told as the three steps it is. */
const printSteps = ({ more = [], ...first }: Call, text: string, style: HouseStyle): string =>
  [
    first,
    ...more.map((place) => ({
      ...first,
      foot: undefined,
      feet: undefined,
      turn: undefined,
      direction: place ?? undefined,
    })),
  ]
    .map((step, index) => (index === 0 ? printCall(step, text, style) : midLine(printCall(step, text, style), style)))
    .join(', ');

/** A side after a turn would be read as its way, so feet stand before the turn. */
function printFeet(call: Call, style: HouseStyle): string {
  const { figure } = call;
  const sure = figure?.bare !== 'side' && figure?.bare !== 'direction' && figure?.bare !== 'way';
  if (call.feet) return call.feet.map((foot) => styledSide(foot, style, sure)).join(' ');
  const foot = call.foot ?? call.travel;
  return foot ? styledSide(foot, style, sure) : '';
}

function printDirection(call: Call, style: HouseStyle): string {
  const { direction, figure, foot, more } = call;
  const other = (): string => styledSide(otherFoot(foot ?? 'R'), style, true);
  if (figure === KNOWN.cross && foot && (direction === undefined || direction === 'cross'))
    return tongueOf(style).over(other());
  if (!direction) return '';
  if (foot && !more && (direction === 'behind' || direction === 'cross') && figure?.family === 'single')
    return tongueOf(style)[direction === 'behind' ? 'behind' : 'over'](other());
  if (more) return printPlaces(call, style);
  if (startsElsewhere(call, direction)) return tongueOf(style).starting(styledDirection(direction, style));
  return styledDirection(direction, style);
}

/** A weave is told where it begins when that is not where its row begins. */
const startsElsewhere = ({ figure }: Call, direction: Direction): boolean =>
  figure?.run?.some((step) => step.direction === direction) === true && figure.bare === 'direction';

function printTurn({ turn, figure, total }: Call, style: HouseStyle): string {
  if (!turn) return '';
  const inPlace = figure?.bare === 'way';
  return tongueOf(style).turn({
    amount: turn.amount === undefined ? '' : styledAmount(turn.amount, style),
    isFull: turn.amount === CIRCLE,
    ...(turn.way && { way: turn.way }),
    ...(turn.target !== undefined && { target: hourOfFacing(turn.target) }),
    isOpen: turn.open === true,
    isTotal: total,
    of: figure === KNOWN.turn ? 'turn' : figure === KNOWN.fullTurn ? 'full-turn' : inPlace ? 'place' : 'figure',
    wording: style.turns,
  });
}

/** Calls in brackets stay together: `(step R forward, pivot 1/2 left) x2`. */
export function printCalls(calls: readonly Call[], text: string, style: HouseStyle = SLATE_STYLE): string {
  return printCallList(calls, text, style, () => '');
}

function printCallList(
  calls: readonly Call[],
  text: string,
  style: HouseStyle,
  marksAfter: (index: number) => string,
): string {
  return calls
    .map((call, index) => {
      const opens = call.bracket && calls[index - 1]?.bracket !== call.bracket ? '(' : '';
      const closes = call.bracket && calls[index + 1]?.bracket !== call.bracket ? `) x${call.bracket.times}` : '';
      const joint = index === 0 ? '' : call.joined ? tongueOf(style).and : ', ';
      const printed = printCall(call, text, style);
      const cased = index === 0 && style.capitals === 'sentence' ? upperFirst(printed) : midLine(printed, style);
      return `${joint}${opens}${cased}${closes}${marksAfter(index)}`;
    })
    .join('');
}

const upperFirst = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Small in the middle of a line; what starts like a name (`K step`, `RLR`, `Dorothy`) stays. */
const midLine = (text: string, style: HouseStyle): string =>
  /^\p{Lu}\p{Ll}/u.test(text) && !text.startsWith('Dorothy') && !tongueOf(style).keepsCapitals
    ? text[0].toLowerCase() + text.slice(1)
    : text;

/** Calls of a line begin in this column; longer counts push them on. */
export const CALL_COLUMN = 7;

export interface LinePrinting {
  /** Ticks a running count is brought back by. */
  readonly shift?: number;
  /** Counts for a line that was written without, one a group. */
  readonly counts?: readonly string[];
  readonly style?: HouseStyle;
}

/** A whole step line: counts, calls, then its marks, each after the call it follows. */
export function printStepLine(
  line: StepLine,
  { shift = 0, counts: filled, style = SLATE_STYLE }: LinePrinting = {},
): string {
  const kept = line.groups.flatMap(({ calls }) => verbatimSpans(calls));
  const marks = marksOf(line, style).filter(({ from }) => !kept.some((span) => from >= span.from && from < span.to));
  const printed = line.groups.map(({ counts, calls, repeat }, index) => {
    const written = counts ? printWritten(line, counts, shift) : (filled?.[index] ?? '');
    const head = written && index === 0 ? written.padEnd(CALL_COLUMN - 1) + ' ' : written ? `${written} ` : '';
    if (repeat) {
      // What its own words say is printed with them.
      const behind = marks.filter(({ from }) => style.language || from < repeat.span.from || from >= repeat.span.to);
      return head + printRepeat(repeat, line.text, style) + behind.map(({ text }) => ` ${text}`).join('');
    }
    const next = line.groups[index + 1];
    const body = printCallList(calls, line.text, style, (at) => {
      const end = calls[at + 1]?.span.from ?? next?.calls[0]?.span.from ?? next?.repeat?.span.from ?? Infinity;
      const own = marks.filter(({ from }) => from >= calls[at].span.from && from < end);
      return own.map(({ text }) => ` ${text}`).join('');
    });
    return head + body;
  });
  return printed.join('; ').trimEnd();
}

function printWritten(
  line: StepLine,
  counts: NonNullable<StepLine['groups'][number]['counts']>,
  shift: number,
): string {
  if (counts.problem || counts.floating) return line.text.slice(counts.span.from, counts.span.to).trimEnd();
  return printCounts(
    counts.ticks.map((tick) => tick - shift),
    counts.borrows,
  );
}

/** Word for word, unless a language is asked for. */
function printRepeat(repeat: Repeat, text: string, style: HouseStyle): string {
  if (!style.language) return text.slice(repeat.span.from, repeat.span.to);
  const { section, counts, last, times, mirrored, lead } = repeat;
  const isFirst = counts !== undefined && counts.from === 1 && counts.and;
  return tongueOf(style).repeat({
    ...(section !== undefined && { section }),
    ...(counts && !isFirst && { counts: `${counts.from}-${counts.to}${counts.and ? '&' : ''}` }),
    ...(counts && isFirst && { first: `${counts.to}&` }),
    ...(last !== undefined && { last }),
    times,
    isMirrored: mirrored,
    ...(lead && { lead: styledSide(lead, style, true) }),
  });
}

function marksOf({ marks, text }: StepLine, style: HouseStyle): { from: number; text: string }[] {
  const written = ({ span }: { span: Span }) => ({ from: span.from, text: text.slice(span.from, span.to) });
  const said: { from: number; text: string }[] = [
    ...marks.weightClaims.map((claim) => ({
      from: claim.span.from,
      text: weightMark(text.slice(claim.span.from, claim.span.to), claim.weight, style),
    })),
    // What is said in words is printed as a mark; what is a mark stays as it is.
    ...marks.facingClaims.map((claim) => {
      const own = written(claim);
      return /^[([→-]/.test(own.text) ? own : { ...own, text: `(${hourOfFacing(claim.facing)})` };
    }),
    ...[...marks.cues, ...marks.accepted].map(written),
    ...marks.wallClaims.map((claim) =>
      style.language
        ? {
            from: claim.span.from,
            text: `(${tongueOf(style).wall(String(claim.wall), true)}: ${hourOfFacing(claim.facing)})`,
          }
        : written(claim),
    ),
    ...marks.notes.map((note) =>
      style.language && note.walls.length > 0
        ? {
            from: note.span.from,
            text: `[${tongueOf(style).wall(note.walls.join(', '), note.walls.length === 1)}: ${note.text}]`,
          }
        : /^[([]/.test(written(note).text)
          ? written(note)
          : { from: note.span.from, text: `[${note.text}]` },
    ),
  ];
  return said.sort((a, b) => a.from - b.from);
}

/** "weight on L" said in words is printed in brackets like the rest. */
function weightMark(written: string, weight: WeightClaim, style: HouseStyle): string {
  const tongue = tongueOf(style);
  const side = weight === 'R' || weight === 'L' ? tongue.sides.letters[weight] : weight === 'both' ? tongue.both : '';
  const inWords = side ? `(${tongue.weight(side)})` : `(${tongue.noWeight})`;
  return style.language || !written.startsWith('(') ? inWords : written;
}
