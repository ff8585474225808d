/** The marks on a line that are no steps: claims in round brackets, cues in quotes, notes in square brackets. */
import type { Foot } from '../model/feet';
import type { Span } from '../model/text';
import { readHour, type Facing } from '../model/turns';
import { sideNamed } from '../vocabulary/words';
import { lex } from '../grammar/lexer';
import { matchAt, pattern } from '../grammar/pattern';
import { countsCalls, countsInBracket, digitsInRow } from './count-words';

export type WeightClaim = Foot | 'both' | 'none';

export interface Marks {
  readonly weightClaims: readonly { readonly span: Span; readonly weight: WeightClaim }[];
  readonly facingClaims: readonly { readonly span: Span; readonly facing: Facing }[];
  /** Claims about one wall's facing in the room, kept for the plan. */
  readonly wallClaims: readonly { readonly span: Span; readonly wall: number; readonly facing: Facing }[];
  readonly cues: readonly { readonly span: Span; readonly text: string }[];
  readonly notes: readonly {
    readonly span: Span;
    readonly text: string;
    readonly walls: readonly number[];
  }[];
  readonly accepted: readonly { readonly span: Span; readonly code: string }[];
}

const MARK = /\(([^()]*)\)|["“”„]([^"“”„]*)["“”„]|\[([^[\]]*)\]|(?:->|→)\s*(\d{1,2}(?::\d{2})?)/g;

/** Brackets that a number of times follows hold calls: `(step R forward, pivot 1/2 left) x2`. */
const REPEATED = /^\s*(?:x\s?\d|\d\s?x|twice|times)/i;

const WEIGHT =
  /^(?:wt|weight|gewicht|poids)\b\s*(?:(?:ends?|is|am ende|sur|to|on|onto|auf)\s+)*(?:the\s+)?(both|beide|beiden|deux|les deux|none|[a-z]+)(?:\s+(?:foot|feet|fuss))?$/i;
const TAKES_WEIGHT = /^([a-z]+)(?:\s+foot)?\s+(?:(?:takes|has|bears|gets)\s+(?:the\s+)?weight|weighted|belastet)$/i;
const FACING = /^(?:(?:to\s+)?(?:face|facing|end facing|at)\s+)?(\d{1,2}(?:[:.]\d{2})?)(?:\s*(?:o'?clock|h|uhr))?$/i;
const WALL_FACING = pattern('wall number:number :? hour:hour');

const MAY_BE_MARKED = /[(["“”„→]|->/;
const NO_MARKS: Marks = { weightClaims: [], facingClaims: [], wallClaims: [], cues: [], notes: [], accepted: [] };

/** Reads all marks and returns the line with each blanked out by spaces, so that every other place keeps its offset. */
export function readMarks(text: string): { marks: Marks; rest: string } {
  if (!MAY_BE_MARKED.test(text)) return { marks: NO_MARKS, rest: text };
  const marks = { weightClaims: [], facingClaims: [], wallClaims: [], cues: [], notes: [], accepted: [] } as {
    -readonly [K in keyof Marks]: Marks[K][number][];
  };
  const isCounted = countsCalls(text);
  const rest = text.replace(
    MARK,
    (whole, round?: string, cue?: string, square?: string, arrow?: string, offset?: number) => {
      const span = { from: offset as number, to: (offset as number) + whole.length };
      const blank = ' '.repeat(whole.length);
      if (isCounted && /^\d{1,2}$/.test(round ?? square ?? '')) return whole;
      if (cue !== undefined) marks.cues.push({ span, text: cue.trim() });
      else if (square !== undefined && isCounts(square, text.slice(0, span.from))) return whole;
      else if (square !== undefined) marks.notes.push(readNote(span, square));
      else if (arrow !== undefined) {
        const facing = readHour(arrow);
        if (facing === undefined) return whole;
        marks.facingClaims.push({ span, facing });
      } else if (
        REPEATED.test(text.slice(span.to, span.to + 8)) ||
        goesOnCounting((round ?? '').trim(), text.slice(0, span.from))
      )
        return whole;
      else return readRound(marks, span, (round ?? '').trim(), text) ? blank : whole;
      return blank;
    },
  );
  return { marks, rest };
}

function claimOf(weight: string): WeightClaim | undefined {
  if (/^(?:both|beiden?|(?:les )?deux)$/.test(weight)) return 'both';
  return weight === 'none' ? 'none' : sideNamed(weight);
}

const isInRow = (inner: string, text: string): boolean =>
  digitsInRow(inner) !== undefined && (inner !== '12' || /\(\s*34/.test(text));

function readRound(
  marks: { -readonly [K in keyof Marks]: Marks[K][number][] },
  span: Span,
  inner: string,
  text: string,
): boolean {
  const meant = /^meant so:\s*([\w-]+)$/i.exec(inner);
  if (meant) return marks.accepted.push({ span, code: meant[1] }) > 0;
  if (/^(?:no weight|ohne gewicht|sans poids)$/i.test(inner))
    return marks.weightClaims.push({ span, weight: 'none' }) > 0;
  const weight = (WEIGHT.exec(inner) ?? TAKES_WEIGHT.exec(inner))?.[1]?.toLowerCase();
  if (weight) {
    const claim = claimOf(weight);
    return claim !== undefined && marks.weightClaims.push({ span, weight: claim }) > 0;
  }
  const wall = wallFacing(inner);
  if (wall) return marks.wallClaims.push({ span, ...wall }) > 0;
  // `heel strut (12), heel strut (34)`: counts without a space.
  if (isInRow(inner, text)) return false;
  const hour = FACING.exec(inner)?.[1];
  const facing = hour === undefined ? undefined : readHour(hour.replace('.', ':'));
  if (facing !== undefined) return marks.facingClaims.push({ span, facing }) > 0;
  if (countsInBracket(inner)) return false;
  // Read with the call: (R L R), (x2).
  if (/^(?:[rl](?:[\s,-]*[rl])+|x\s*\d+|\d+\s*x|twice)$/i.test(inner) || isFeet(inner)) return false;
  return marks.notes.push({ span, text: inner, walls: [] }) > 0;
}

/** `(wall 3: 6:00)`. */
function wallFacing(inner: string): { readonly wall: number; readonly facing: Facing } | undefined {
  const tokens = /\d/.test(inner) ? lex(inner) : [];
  const match = matchAt(tokens, 0, WALL_FACING);
  const [wall, facing] = [match?.named.number?.value, match?.named.hour?.facing];
  return match?.to === tokens.length && wall !== undefined && facing !== undefined ? { wall, facing } : undefined;
}

/** `[1-2] step right`, `step right [3&4]`: counts stand in brackets of any kind; a number alone only at the head of a line. */
const isCounts = (inner: string, before: string): boolean =>
  (before.trim() === '' ? /^\s*\d/ : /^\s*&?\d{1,2}\s*[-&,]/).test(inner) &&
  countsInBracket(inner.trim()) !== undefined;

/** `(gauche, droit, gauche)`. */
function isFeet(inner: string): boolean {
  const words = inner.split(/[\s,-]+/).filter((word) => !/^(?:and|und|et)$/i.test(word));
  return words.length > 1 && words.every((word) => sideNamed(word) !== undefined);
}

/** `... (1 2 3) then tap left (4)`: the number goes on with the counts of the bracket before it. */
function goesOnCounting(inner: string, before: string): boolean {
  if (!/^\d{1,2}$/.test(inner)) return false;
  const last = /\([^()]*\d[^()]*\D(\d{1,2})\s*\)[^()]*$/.exec(before)?.[1];
  return last !== undefined && Number(inner) === Number(last) + 1;
}

function readNote(span: Span, inner: string): Marks['notes'][number] {
  const walls = /^(?:walls?|wände?|waende|wand|murs?)\s+([\d,\sandundet&]+?)\s*:\s*(.*)$/i.exec(inner.trim());
  if (!walls) return { span, text: inner.trim(), walls: [] };
  return { span, text: walls[2], walls: (walls[1].match(/\d+/g) ?? []).map(Number) };
}
