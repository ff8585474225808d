/** The map of a song rewritten: phrases split, joined, named, their borders moved. Lines that are not about them stay as they stand. */
import type { Edit } from '../model/text';
import { songLinesOf, type SongItem } from './song';
import type { Script } from '../reading/script';

/** A song to begin with, at the foot of the script: its intro as the head says it, and phrases of the usual length (32, in a waltz 48) to be changed. */
export function songEdit({ text }: Script, intro: number, line = 32): Edit {
  const end = text.trimEnd().length;
  const map = [`intro: ${intro}`, ...['verse 1', 'chorus', 'verse 2', 'chorus'].map((label) => phraseOf(label, line))];
  return { from: end, to: text.length, insert: `${end > 0 ? '\n\n' : ''}## Song\n${map.join('\n')}\n` };
}

/** One phrase as it is danced: a line may hold several, and one several times. */
interface MapPhrase {
  readonly label: string;
  readonly counts: number;
  readonly line: number;
}

/** What is heard in a recording, to be written down as a map. */
export interface HeardSong {
  readonly title: string;
  readonly tempo: number;
  readonly intro: number;
  readonly phrases: readonly { readonly label: string; readonly counts: number }[];
  readonly pauses: readonly { readonly after: number; readonly counts: number }[];
  readonly changes: readonly { readonly after: number; readonly tempo: number }[];
}

const numberWords = (value: number): string => String(Math.round(value * 100) / 100);

/** A piece of a map as it is printed. */
function printItem(item: SongItem): string {
  const after = 'after' in item && item.after !== undefined ? ` after ${numberWords(item.after)}` : '';
  switch (item.kind) {
    case 'phrase':
      return `${item.label}: ${item.counts}${item.times > 1 ? ` x${item.times}` : ''}`;
    case 'pause':
      return `pause of ${numberWords(item.counts)}${after}`;
    case 'tempo':
      return `tempo ${numberWords(item.tempo)}${after}`;
    case 'counted':
      return item.beats > 1 ? 'counted at half' : 'counted at double';
  }
}

const phraseOf = (label: string, counts: number): string => printItem({ kind: 'phrase', label, phrase: 'other', counts, times: 1 }); // prettier-ignore

/** Splits the phrase of that number (from 0, those of the intro not counted) after so many of its own counts, its pauses left out. */
export const splitPhrase = (script: Script, index: number, after: number): Edit[] =>
  rewritten(script, (phrases) => {
    const { label, counts, line } = phrases[index] ?? { counts: 0 };
    if (!(after > 0 && after < counts)) return phrases;
    return phrases.toSpliced(index, 1, { label, counts: after, line }, { label, counts: counts - after, line });
  });

/** The phrase and the one behind it become one, with the name of the first. */
export const joinPhrases = (script: Script, index: number): Edit[] =>
  rewritten(script, (phrases) => {
    const [one, other] = [phrases[index], phrases[index + 1]];
    return one && other ? phrases.toSpliced(index, 2, { ...one, counts: one.counts + other.counts }) : phrases;
  });

/** Words that a map can't read as a name are left out: digits ahead, colons, commas. An empty name changes nothing. */
export const namePhrase = (script: Script, index: number, name: string): Edit[] =>
  rewritten(script, (phrases) => {
    const label = name.replace(/[:;,=#\n]/g, ' ').replace(/\s+/g, ' ').trim().replace(/^[^\p{L}]+/u, ''); // prettier-ignore
    return label && phrases[index] ? phrases.with(index, { ...phrases[index], label }) : phrases;
  });

/** The end of the phrase moves later by so many counts (earlier where negative), and with it the beginning of the next. */
export const moveBorder = (script: Script, index: number, by: number): Edit[] =>
  rewritten(script, (phrases) => {
    const [one, other] = [phrases[index], phrases[index + 1]];
    if (!one || one.counts + by < 1 || (other && other.counts - by < 1)) return phrases;
    const moved = phrases.with(index, { ...one, counts: one.counts + by });
    return other ? moved.with(index + 1, { ...other, counts: other.counts - by }) : moved;
  });

/** The intro in counts, as the map says it: above the phrases. */
export function introEdit(script: Script, counts: number): Edit[] {
  const own = songLinesOf(script);
  const written = own.find(({ items }) => items[0]?.kind === 'phrase' && items[0].phrase === 'intro');
  const heading = script.blocks.find(({ kind }) => kind === 'song')?.headingLine;
  if (heading === undefined) return [];
  const insert = phraseOf('intro', counts);
  if (written && written.items.length === 1)
    return [{ from: written.line.span.from, to: written.line.span.to, insert }];
  const { to } = script.lines[heading].span;
  return [{ from: to, to, insert: `\n${insert}` }];
}

/** The tempo from the beginning on, as the map says it. */
export function tempoEdit(script: Script, tempo: number): Edit[] {
  const insert = printItem({ kind: 'tempo', tempo, after: undefined });
  const isOwn = (item: SongItem): boolean => item.kind === 'tempo' && item.after === undefined;
  const written = songLinesOf(script).find(({ items }) => items.some(isOwn));
  if (written) {
    const { from, to } = written.line.span;
    return [{ from, to, insert: written.items.map((item) => (isOwn(item) ? insert : printItem(item))).join(', ') }];
  }
  const heading = script.blocks.find(({ kind }) => kind === 'song')?.headingLine;
  if (heading === undefined) return [];
  const { to } = script.lines[heading].span;
  return [{ from: to, to, insert: `\n${insert}` }];
}

/** A map written anew below `## Song`, or such a block where there is none. What the old map said goes. */
export function heardSongEdit(script: Script, heard: HeardSong): Edit {
  const { text, lines } = script;
  const map = [
    ...(heard.tempo > 0 ? [printItem({ kind: 'tempo', tempo: heard.tempo, after: undefined })] : []),
    phraseOf('intro', heard.intro),
    ...heard.phrases.map(({ label, counts }) => phraseOf(label, counts)),
    ...heard.pauses.map((pause) => printItem({ kind: 'pause', ...pause })),
    ...heard.changes.map((change) => printItem({ kind: 'tempo', ...change })),
  ].join('\n');
  const heading = script.blocks.find(({ kind }) => kind === 'song')?.headingLine;
  if (heading === undefined) {
    const end = text.trimEnd().length;
    const title = heard.title.replace(/["\n]/g, '').trim();
    return { from: end, to: text.length, insert: `${end > 0 ? '\n\n' : ''}## Song${title ? ` "${title}"` : ''}\n${map}\n` }; // prettier-ignore
  }
  const next = lines.find(({ index, kind }) => index > heading && kind === 'heading');
  return {
    from: lines[heading].span.to,
    to: next ? next.span.from : text.length,
    insert: `\n${map}\n${next ? '\n' : ''}`,
  };
}

/** Only lines whose phrases changed are printed anew, each phrase of them on a line of its own. */
function rewritten(script: Script, change: (phrases: readonly MapPhrase[]) => readonly MapPhrase[]): Edit[] {
  const lines = songLinesOf(script);
  const before = lines.flatMap(({ line, items }) =>
    items.flatMap((item) => (isDanced(item, line.index) ? phrasesOf(item, line.index) : [])),
  );
  const after = change(before);
  if (after === before) return [];
  return lines.flatMap(({ line, items }) => {
    const [old, own] = [before, after].map((all) => all.filter((phrase) => phrase.line === line.index));
    if (old.length === own.length && old.every((phrase, index) => phrase.label === own[index].label && phrase.counts === own[index].counts)) return [];
    const others = items.filter((item) => !isDanced(item, line.index)).map(printItem);
    const printed = [...own.map(({ label, counts }) => phraseOf(label, counts)), ...others];
    const { from, to } = line.span;
    // The line goes with its last phrase.
    if (printed.length === 0) return [{ from: Math.max(0, from - 1), to, insert: '' }];
    return [{ from, to, insert: printed.join('\n') }];
  });

  /** Before the first step nothing is danced: what is called so later in the song is. */
  function isDanced(item: SongItem, line: number): item is Extract<SongItem, { kind: 'phrase' }> {
    if (item.kind !== 'phrase') return false;
    const first = lines.flatMap(({ line: own, items }) => items.flatMap((one) => (one.kind === 'phrase' && one.phrase !== 'intro' ? [own.index] : [])))[0];
    return item.phrase !== 'intro' || (first !== undefined && line > first);
  }
} // prettier-ignore

const phrasesOf = ({ label, counts, times }: Extract<SongItem, { kind: 'phrase' }>, line: number): MapPhrase[] =>
  Array.from({ length: times }, () => ({ label, counts, line }));
