/** Headings in their writer's own words: `SECTION ONE`, `Second eight`, `Row 3: locks`, `FOURTH ROW, the quick one`, `2. Wind backing`. */
import { numberOf, ordinalOf, romanOf } from '../lexicon/numbers';
import { namesSection } from '../lexicon/page';
import { lex } from '../grammar/lexer';
import { matchAt, pattern } from '../grammar/pattern';
import { statedCounts, titleAfter, type Heading } from '../grammar/heading';
import { MOST_COUNT } from '../reading/counts';

const DRAWN = /^[\s*~=_#|]+|[\s*~=_|]+$/g;
const LONGEST = 160;
const OPENING = /^(?:the\s+|der\s+|die\s+|le\s+|la\s+|de\s+)?([\p{L}\d.]+)(?:\s+|-)([\p{L}\d]+)/iu;
const LAST = /^(?:last|final|letzte[rs]?|dernier|dernière|laatste)$/i;
const ENDS = /^\s*(?:$|[:.,;()[\]–—|-])/;

/** The signs a writer draws around a heading taken away. */
export const bareHeading = (line: string): string =>
  line.length > LONGEST ? line : line.replace(DRAWN, '').replace(/\s*[~*=_]{2,}\s*/g, ' ');

/** A section by its wording alone, wherever it stands; undefined for anything else. */
export function wordedSection(line: string): Heading | undefined {
  if (line.length > LONGEST) return undefined;
  const text = bareHeading(line).replace(/^\[(\p{L}+)\]/u, '$1');
  const opening = OPENING.exec(text);
  if (!opening) return undefined;
  const [whole, first, second] = opening;
  // `sept huit : ...` counts.
  const counted = numberOf(first);
  if (counted !== undefined && numberOf(second) === counted + 1) return undefined;
  const number = sectionNumber(first, second);
  const rest = text.slice(whole.length);
  // `The last eight.`: whichever that is.
  if (LAST.test(first) && (namesSection(second) || second === '8') && ENDS.test(rest))
    return sectionHeading(rest, undefined);
  // "Section 4 goes on to the left" is a sentence; "First row of sacks" is short enough to be none.
  if (number === undefined || number === 0 || (!ENDS.test(rest) && (text.length > 36 || /[.!?]$/.test(text))))
    return undefined;
  return sectionHeading(rest, number);
}

/** `Section 2`, `Row IV`; `Second eight`, `Two: row`. */
function sectionNumber(first: string, second: string): number | undefined {
  if (namesSection(first)) return numberOf(second) ?? romanOf(second) ?? ordinalOf(second);
  const isNoun = namesSection(second) || (second === '8' && !/^\d+$/.test(first));
  return isNoun ? (ordinalOf(first) ?? (/^\d/.test(first) ? undefined : numberOf(first))) : undefined;
}

/** The heading that opens a line of steps, and how many letters it is. */
export function wordedOpening(line: string): { readonly heading: Heading; readonly length: number } | undefined {
  const sign = line.slice(0, 48).search(/[.:)–—]\s/);
  const opening = sign < 3 ? undefined : line.slice(0, sign + 1) + (/^\s+/.exec(line.slice(sign + 1))?.[0] ?? '');
  const heading = opening && wordedSection(opening.replace(/[.:)–—]\s+$/, ''));
  return heading ? { heading, length: opening.length } : undefined;
}

const ENUMERATED =
  /^(?:\(?(\d{1,2})(?:[).:]|[ºª°][).:]?|\s+[-–—](?=\s+\p{L}))|[A-H](\d{1,2})|([A-Za-z])\)|\(([A-Za-z])\)|([IVX]{1,4})[.):])(?:\s+|$)/u;
const RANGE = pattern('word? (|[? from:number -|to until:number )|]?');
const LONGEST_RANGE = 60;

/** The number that a line is given in a list: `2.`, `(2)`, `B)`. */
export function numberInList(line: string): number | undefined {
  const match = ENUMERATED.exec(bareHeading(line));
  if (!match) return undefined;
  const number = match[1] ?? match[2];
  const letter = match[3] ?? match[4];
  return number ? Number(number) : letter ? letter.toUpperCase().charCodeAt(0) - 64 : romanOf(match[5]);
}

/** How much a line looks like the name of what follows it, from its form alone. */
export function headingLikeness(line: string, isNextToSteps: boolean, isAfterBlank: boolean): number {
  const text = line.trim();
  const letters = text.replace(/[^\p{L}]/gu, '');
  let score = (isNextToSteps ? 1 : 0) + (isAfterBlank ? 1 : 0);
  if (ENUMERATED.test(text)) score += 3;
  if (letters.length > 1 && letters === letters.toUpperCase()) score += 2;
  if (text.endsWith(':')) score += 2;
  if (/^[*~=_]{2,}/.test(text)) score += 2;
  if (/[.!?]["”]?$/.test(text) && !ENUMERATED.test(text)) score -= 3;
  if (/^(?:[("“„«]|\*(?!\*))/.test(text) && !ENUMERATED.test(text)) score -= 3;
  if (text.length > 90) score -= 3;
  if (/\d:\d\d/.test(text)) score -= 2;
  return score;
}

/** Least likeness of a line that is taken for a heading because of where it stands. */
export const LEAST_LIKENESS = 2;

/** The heading a line is by its place. */
export function headingByPlace(line: string): Heading {
  const text = bareHeading(line);
  const numbered = ENUMERATED.exec(text);
  const rest = numbered ? text.slice(numbered[0].length) : text;
  const counted = rangeOf(rest);
  const number = numbered?.[1] ?? numbered?.[2];
  return {
    ...sectionHeading(counted ? rest.slice(counted.length) : rest, number === undefined ? undefined : Number(number)),
    ...(counted && { counts: counted.to - counted.from + 1 }),
  };
}

/** `9-16  ROCKING CHAIR`, `COUNTS 9 TO 16. Wind backing`: the counts of a whole section before its name. */
export function rangeOf(
  line: string,
): { readonly from: number; readonly to: number; readonly length: number } | undefined {
  if (!/\d|\p{L}\s(?:to|bis|à|tot)\s/u.test(line.slice(0, LONGEST_RANGE))) return undefined;
  const tokens = lex(line.slice(0, LONGEST_RANGE));
  const match = matchAt(tokens, 0, RANGE);
  const [from, to] = [match?.named.from?.value, match?.named.until?.value];
  if (!match || from === undefined || to === undefined || to <= from || to > MOST_COUNT) return undefined;
  const end = tokens[match.to - 1].to;
  const next = line[end] ?? ' ';
  return /[:.\s]/.test(next) ? { from, to, length: Math.min(end + 1, line.length) } : undefined;
}

const sectionHeading = (rest: string, number: number | undefined): Heading => ({
  kind: 'section',
  name: '',
  title: titleAfter(rest),
  ...(number !== undefined && { number }),
  ...statedCounts(rest),
});
