/** `repeat 1-4 on the other foot`, `same again leading L`, `repeat section 1 mirrored`: a line that stands for other lines. */
import type { Foot } from '../model/feet';
import type { Span } from '../model/text';
import { sideNamed } from '../vocabulary/words';
import { inEnglish } from './foreign';

export interface Repeat {
  readonly span: Span;
  /** Another section of the same part; undefined for counts of this one. */
  readonly section?: number;
  /** Whole counts, first and last; undefined for all of the section, or for all that stands above in this one. */
  readonly counts?: { readonly from: number; readonly to: number; readonly and: boolean };
  /** The last so many counts, of the dance or of what stands above. */
  readonly last?: number;
  /** How often. */
  readonly times: number;
  readonly mirrored: boolean;
  /** "leading L": mirrored when the lines repeated lead with the other foot. */
  readonly lead?: Foot;
}

const OPENING =
  /^[\s:.–—-]*(?:(?:and|now|then|und|dann|puis)\s+)*(?:repeat|(?:do|dance)\s+(?=(?:the\s+)?(?:first|last|counts?|sections?|sec\.?|s)\s*\d)|(?:do\s+)?(?:(?:exactly|just)\s+)?(?:the\s+)?(?:(?:very|exact)\s+)?same(?:\s+(?:again|as|thing))?(?=\s*(?:again|as|to|on|but|with|leading|starting|now|other|opposite|mirrored|going|counts?|steps?|(?:two|four|six|eight|sixteen)\s+counts|$|[,.;:\d(]))|all\s+(?:of\s+)?that(?=\s+(?:again|to|on|with|leading|starting)\b)|as\s+above|(?:as|like|wie|comme)(?=\s+(?:in\s+)?(?:counts?\s+|temps\s+|takte?\s+)?\d{1,2}\s?(?:-|to|bis|à)\s?\d)|wiederholen|(?:noch\s?mal\s+|noch\s+einmal\s+)?(?:dasselbe|das\s+(?:gleiche|selbe|ganze))|reprendre|repeter|(?:la\s+)?m[eê]me\s+chose|idem|pareil)(?![\p{L}])/iu;
/** A whole line that says nothing else. */
const AGAIN =
  /^[\s:.–—-]*(?:(?:and|und|et)\s+)?(?:once\s+more|once\s+again|again|ditto|dito|idem|nochmals?|noch\s+(?:ein)?mal|das\s+gleiche|dasselbe|encore(?:\s+une\s+fois)?|pareil)[\s.!]*$/i;
const SECTION = /\b(?:section|sec\.?|s)\s*(\d{1,2})\b/i;
const COUNTS = /(?:counts?|beats?|steps?|lines?|above|repeat|as)?\s*\b(\d{1,2})\s*&?\s*(?:-|to)\s*(\d{1,2})\s*(&)?/i;
const NAMED: Readonly<Record<string, string>> = {
  two: '2',
  three: '3',
  four: '4',
  six: '6',
  eight: '8',
  twelve: '12',
  sixteen: '16',
};
const NAMED_COUNTS = /\b(first|last)\s+(two|three|four|six|eight|twelve|sixteen)\b/i;
const FIRST = /\bfirst\s+(\d{1,2})(?:\s*(&|1\/2|and\s+a\s+half))?/i;
const LAST = /\blast\s+(\d{1,2})\b/i;
/** `the same four counts again` */
const SO_MANY =
  /^\s*(?:(?:these|those|the)\s+)?(two|three|four|six|eight|twelve|sixteen|\d{1,2})\s+(?:counts|beats)\b/i;
const TIMES = /\b(?:(twice)|x\s?([2-9])|([2-9])\s?(?:x|times))\b/i;
const MIRRORED =
  /\b(?:mirror(?:ed)?|(?:other|opposite)\s+(?:foot|feet|side|way|lead|direction)|reversed?|spiegelverkehrt|gegengleich|autre\s+pied|miroir)\b/i;
const LEAD =
  /(?<!\p{L})(?:(?:lead(?:ing)?|start(?:ing)?|beginning|begin)\s+(?:with\s+|on\s+)?(?:the\s+)?|(?:to|on)\s+(?:the\s+)?|nach\s+|mit\s+|à\s+)([a-z]+)\b/iu;

/** `text` from `start`, marks blanked out. Undefined when the line repeats nothing. */
export function readRepeat(text: string, start: number): Repeat | undefined {
  const own = text.slice(start);
  const words = inEnglish(own)?.text ?? own;
  const opening = OPENING.exec(words) ?? AGAIN.exec(words);
  if (!opening) return undefined;
  const rest = words.slice(opening[0].length);
  // "Repeat on the next wall" says that the dance begins again.
  if (/\b(?:walls?|dance|danse|tanz|début)\b/i.test(rest) && !/\d/.test(rest)) return undefined;
  const section = SECTION.exec(rest)?.[1];
  const spoken = (section ? rest.replace(SECTION, ' ') : rest).replace(
    NAMED_COUNTS,
    (_, which: string, number: string) => `${which} ${NAMED[number.toLowerCase()]}`,
  );
  const first = FIRST.exec(spoken);
  const many = SO_MANY.exec(rest)?.[1].toLowerCase() ?? '';
  const last = Number(LAST.exec(spoken)?.[1] ?? NAMED[many] ?? many);
  const counts = first ? [first[0], '1', first[1], first[2]] : last > 0 ? null : COUNTS.exec(spoken);
  const times = TIMES.exec(rest);
  const side = LEAD.exec(rest)?.[1].toLowerCase() ?? '';
  const lead = sideNamed(side);
  const [from, to] = counts ? [Number(counts[1]), Number(counts[2])] : [0, 0];
  if (counts && (from < 1 || to < from)) return undefined;
  const at = start + own.search(/[^\s:.–—-]/);
  return {
    span: { from: at, to: start + own.trimEnd().length },
    ...(section !== undefined && { section: Number(section) }),
    ...(counts && { counts: { from, to, and: Boolean(counts[3]) } }),
    ...(last > 0 && { last }),
    times: times ? (times[1] ? 2 : Number(times[2] ?? times[3])) : 1,
    mirrored: MIRRORED.test(rest),
    ...(lead && { lead }),
  };
}
