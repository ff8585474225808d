/**
 * The song under the dance: a map of its phrases in counts, as the lines below `## Song` write it. Count 0 is the dance's first step, the
 * intro lies before it. Counts are the dance's; what a count is of the beat is said by "counted".
 */
import { plainLetters } from '../lexicon/letters';
import { PHRASE_WORDS, SONG_WORDS, type PhraseKind } from '../lexicon/song';
import type { Script, ScriptLine } from '../reading/script';
import { tempoOf } from '../reading/tempo';

export interface Phrase {
  /** As it is written: `verse 1`. */
  readonly label: string;
  readonly kind: PhraseKind;
  /** Counts from the first step at which it begins; a pause inside it makes it longer. */
  readonly start: number;
  readonly counts: number;
  /** Script line. */
  readonly line: number;
}

/** Beats that fail: the music stands still for so many counts. */
export interface Pause {
  readonly counts: number;
  /** Counts from the first step. */
  readonly after: number;
}

export interface TempoChange {
  readonly after: number;
  /** Beats a minute. */
  readonly tempo: number;
}

export interface Song {
  readonly title: string;
  /** Beats a minute at its beginning; 0 where nobody says. */
  readonly tempo: number;
  readonly changes: readonly TempoChange[];
  /** Beats of a count: 2 where it is counted at half the tempo. */
  readonly beats: number;
  /** Counts before the first step; undefined where neither the song nor the head says. */
  readonly intro?: number;
  readonly phrases: readonly Phrase[];
  readonly pauses: readonly Pause[];
  /** From the first step to its end. */
  readonly counts: number;
  /** Lines that say nothing anybody understands. */
  readonly unread: readonly ScriptLine[];
  /** Lines that go beyond what a song can have: they are left out. */
  readonly beyond: readonly ScriptLine[];
  readonly headingLine: number;
}

/** What one piece of a line says. @public */
export type SongItem =
  | { readonly kind: 'phrase'; readonly label: string; readonly phrase: PhraseKind; readonly counts: number; readonly times: number }
  | { readonly kind: 'pause'; readonly counts: number; readonly after: number | undefined }
  | { readonly kind: 'tempo'; readonly tempo: number; readonly after: number | undefined }
  | { readonly kind: 'counted'; readonly beats: number }; // prettier-ignore

/** Longer songs are none: counts from the first step, phrases and pauses together. */
export const MOST_SONG_COUNTS = 4000;
const MOST_PHRASES = 200;
const MOST_PAUSES = 200;
const EIGHTS = new Set([4, 6, 8]);
/** `4 x 8` is four eights, `32 x 2` a phrase twice. */
const MOST_EIGHTS = 16;

/** A line below `## Song`; empty where a piece of it says nothing that is known. */
export function readSongLine(line: string): readonly SongItem[] {
  const pieces: string[] = [];
  for (const piece of line
    .split(/[,;]/)
    .map((one) => one.trim())
    .filter(Boolean)) {
    const before = pieces[pieces.length - 1];
    // `chorus, 32` is one piece.
    if (
      before !== undefined &&
      /^\d/.test(piece) &&
      !/\d{2}/.test(before) &&
      !/\p{L}{3}/u.test(piece.replace(SONG_WORDS.count, ''))
    )
      pieces.push(`${pieces.pop()} ${piece}`);
    else pieces.push(piece);
  }
  const items = pieces.map(readPiece);
  return items.every((item) => item !== undefined) ? items : [];
}

function readPiece(piece: string): SongItem | undefined {
  const { pause, after, tempo, half, double } = SONG_WORDS;
  const numbers = piece.match(/\d+(?:[.,]\d+)?/g)?.map((number) => Number(number.replace(',', '.'))) ?? [];
  const place = after.test(piece) ? numbers[numbers.length - 1] : undefined;
  if (pause.test(piece) && numbers.length === (place === undefined ? 1 : 2))
    return { kind: 'pause', counts: numbers[0], after: place };
  if (tempo.test(piece) && numbers.length === (place === undefined ? 1 : 2))
    return numbers[0] >= 20 && numbers[0] <= 400 ? { kind: 'tempo', tempo: numbers[0], after: place } : undefined;
  if (numbers.length === 0 && half.test(piece)) return { kind: 'counted', beats: 2 };
  if (numbers.length === 0 && double.test(piece)) return { kind: 'counted', beats: 0.5 };
  return readPhrase(piece);
}

/**
 * `verse 1: 32`, `Chorus (32 counts)`, `verse 2 – 32`, `32 chorus`. The counts may be so many eights (`4 x 8`, `two eights` in figures),
 * the phrase come several times: `32 x2`, `2 x chorus: 32`.
 */
function readPhrase(piece: string): SongItem | undefined {
  const words = piece
    .replace(/[:=()[\]]|(?<=\s)[-–—](?=\s)/g, ' ')
    .replace(/(\d)\s*[x×]\s*(?=\d)/gi, '$1 x ')
    .replace(/(^|\s)[x×]\s*(?=\d)/gi, '$1x ')
    .replace(/^\s*(\d+)\s*[x×]\s+(?=\p{L})/iu, '$1 times ')
    .split(/\s+/)
    .filter((word) => word !== '' && !SONG_WORDS.count.test(word));
  const ahead = words[1] === 'times' ? Number(words.splice(0, 2)[0]) : 1;
  const { counts, by, times } = numbersOf(words);
  const label = words.join(' ');
  if (!Number.isInteger(counts) || !Number.isInteger(by) || !isLabel(label)) return undefined;
  const isEights = EIGHTS.has(by) && counts <= MOST_EIGHTS;
  // `2 x 16`: twice sixteen; `32 x 2`: thirty-two twice.
  const [own, again] = isEights ? [counts * by, 1] : by > counts ? [by, counts] : [counts, by];
  const often = ahead * times * again;
  return own * often > 0 && own * often <= MOST_SONG_COUNTS ? { kind: 'phrase', label, phrase: kindOf(label), counts: own, times: often } : undefined;
} // prettier-ignore

/** Takes the numbers out of the words, at their end or ahead of them. `by`: `4 x 8`, or times. */
function numbersOf(words: string[]): { counts: number; by: number; times: number } {
  const isNumber = (word: string | undefined): boolean => /^\d+$/.test(word ?? '');
  const plain = (numbers: readonly string[]) => ({ counts: Number(numbers[0]), by: Number(numbers[2] ?? 1), times: 1 });
  if (/^\d/.test(words[0] ?? '')) return plain(words.splice(0, words[1] === 'x' ? 3 : 1));
  if (SONG_WORDS.eight.test(words[words.length - 1] ?? '') && isNumber(words.at(-2)))
    return { counts: Number(words.splice(-2)[0]), by: 8, times: 1 };
  if (words.at(-2) === 'x') return plain(words.splice(-3));
  // `(x2) 32`.
  if (words.at(-3) === 'x' && isNumber(words.at(-2))) {
    const [, times, counts] = words.splice(-3);
    return { counts: Number(counts), by: 1, times: Number(times) };
  }
  return plain(words.splice(-1));
}

/** Begins with a letter; of signs only those within names. Words of place belong to a pause that isn't understood. */
const isLabel = (label: string): boolean =>
  /^\p{L}[\p{L}\p{N}\s.'’/&-]*$/u.test(label) && !(SONG_WORDS.after.test(label) && /\d/.test(label));

const kindOf = (label: string): PhraseKind =>
  plainLetters(label).split(/[^\p{L}]+/u).flatMap((word) => PHRASE_WORDS.get(word) ?? [])[0] ?? 'other'; // prettier-ignore

/** The lines of the map, read. */
export function songLinesOf({ blocks, lines }: Script): { readonly line: ScriptLine; readonly items: readonly SongItem[] }[] {
  const heading = blocks.find(({ kind }) => kind === 'song')?.headingLine;
  if (heading === undefined) return [];
  const end = lines.find((line) => line.index > heading && line.kind === 'heading')?.index;
  const own = lines.slice(heading + 1, end).filter(({ kind }) => kind === 'song');
  return own.map((line) => ({ line, items: readSongLine(line.text) }));
} // prettier-ignore

/** The song of a script; undefined where it has no `## Song`. */
export function songOf(script: Script): Song | undefined {
  const block = script.blocks.find(({ kind }) => kind === 'song');
  if (block?.headingLine === undefined) return undefined;
  const read = songLinesOf(script);
  const { items, beyond } = withinBounds(read);
  const laid = layPhrases(items);
  const tempi = items.flatMap(({ item }) => (item.kind === 'tempo' ? [item] : []));
  const fact = script.header.entries.find(({ key }) => key === 'intro')?.value;
  const intro = laid.intro ?? introIn(fact);
  return {
    title: block.name,
    tempo: tempi.find(({ after }) => after === undefined)?.tempo ?? tempoOf(script.header),
    changes: tempi.flatMap(({ tempo, after }) => (after === undefined ? [] : [{ tempo, after }])),
    beats: items.flatMap(({ item }) => (item.kind === 'counted' ? [item.beats] : []))[0] ?? 1,
    ...(intro !== undefined && { intro }),
    phrases: laid.phrases,
    pauses: laid.pauses,
    counts: laid.counts,
    unread: read.filter(({ line, items: all }) => all.length === 0 && !beyond.includes(line)).map(({ line }) => line),
    beyond,
    headingLine: block.headingLine,
  };
}

/** `16 counts`; undefined for what says no number that a song can wait for. */
function introIn(fact: string | undefined): number | undefined {
  const counts = Number(/\d+/.exec(fact ?? '')?.[0] ?? NaN);
  return counts <= MOST_SONG_COUNTS ? counts : undefined;
}

interface PlacedItem {
  readonly item: SongItem;
  readonly line: number;
}

/** The items of lines up to what a song can have, and the lines that go beyond it. */
function withinBounds(read: ReturnType<typeof songLinesOf>): { items: PlacedItem[]; beyond: ScriptLine[] } {
  const items: PlacedItem[] = [];
  const beyond: ScriptLine[] = [];
  let sum: Sum = { counts: 0, phrases: 0, pauses: 0 };
  for (const { line, items: own } of read) {
    const after = own.reduce(plus, sum);
    const numbers = own.length > 0 ? own.map(placeIn) : (line.text.match(/\d+/g) ?? []).map(Number);
    const isBeyond =
      after.counts > MOST_SONG_COUNTS ||
      after.phrases > MOST_PHRASES ||
      after.pauses > MOST_PAUSES ||
      numbers.some((number) => number > MOST_SONG_COUNTS);
    if (isBeyond) beyond.push(line);
    else {
      sum = after;
      items.push(...own.map((item) => ({ item, line: line.index })));
    }
  }
  return { items, beyond };
}

type Sum = Readonly<Record<'counts' | 'phrases' | 'pauses', number>>;

const plus = (sum: Sum, item: SongItem): Sum => ({
  counts: sum.counts + (item.kind === 'phrase' ? item.counts * item.times : item.kind === 'pause' ? item.counts : 0),
  phrases: sum.phrases + (item.kind === 'phrase' ? item.times : 0),
  pauses: sum.pauses + (item.kind === 'pause' ? 1 : 0),
});

const placeIn = (item: SongItem): number => ('after' in item ? (item.after ?? 0) : 0);

/** Phrases one behind the other; a pause stands where it says, or where it is written. */
function layPhrases(items: readonly { readonly item: SongItem; readonly line: number }[]) {
  const phrases: Phrase[] = [];
  const written: Pause[] = [];
  let intro: number | undefined;
  let at = 0;
  for (const { item, line } of items) {
    if (item.kind === 'pause') written.push({ counts: item.counts, after: item.after ?? at });
    if (item.kind !== 'phrase') continue;
    // Before the first step; what is called so later in the song is danced.
    if (item.phrase === 'intro' && phrases.length === 0) {
      intro = (intro ?? 0) + item.counts * item.times;
      continue;
    }
    for (let time = 0; time < item.times; time++) {
      phrases.push({ label: item.label, kind: item.phrase, start: at, counts: item.counts, line });
      at += item.counts;
    }
  }
  // Places of pauses are running counts, those of earlier pauses among them.
  const pauses = written.toSorted((one, other) => one.after - other.after);
  const paused = pauses.reduce((laid, pause) => laid.map((phrase) => pausedBy(phrase, pause)), phrases);
  const last = paused[paused.length - 1];
  return { phrases: paused, pauses, intro, counts: last ? last.start + last.counts : 0 };
}

function pausedBy(phrase: Phrase, { counts, after }: Pause): Phrase {
  if (phrase.start >= after) return { ...phrase, start: phrase.start + counts };
  return phrase.start + phrase.counts >= after ? { ...phrase, counts: phrase.counts + counts } : phrase;
}

/** Seconds from the first step to a count; undefined where there is no tempo. */
export function secondsAt({ tempo, changes, beats }: Song, count: number): number | undefined {
  if (tempo === 0) return undefined;
  let seconds = 0;
  let from = 0;
  let now = tempo;
  for (const change of [...changes.toSorted((a, b) => a.after - b.after), { after: Infinity, tempo }]) {
    const to = Math.min(Math.max(change.after, from), count);
    seconds += ((to - from) * beats * 60) / now;
    from = to;
    now = change.tempo;
  }
  return seconds;
}
