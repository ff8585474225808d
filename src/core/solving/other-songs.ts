/**
 * Other songs for a dance, and other dances for a song: the map is put under the dance, and the best plan that fits it says how well it
 * goes. Songs are looked for in the texts of the shelf; a text may hold nothing but a song.
 */
import type { Dance } from '../dancing/dance';
import { applyEdits, type Edit } from '../model/text';
import { songLinesOf, songOf } from '../music/song';
import { rereadScript } from '../page/read-script';
import { editFacts } from '../printing/header';
import type { Script } from '../reading/script';
import { tempoOf } from '../reading/tempo';
import { danceWithPlan } from '../walls/settle';
import { fitSong, type SongFit } from './fit-song';

export interface ShelfText {
  readonly id: string;
  readonly text: string;
}

/** A song and a dance that go together, and how. */
export interface Matched {
  /** Of the text on the shelf. */
  readonly id: string;
  readonly title: string;
  readonly dance: string;
  /** Beats a minute of the song; 0 where nobody says. */
  readonly tempo: number;
  readonly fit: Pick<SongFit, 'lines' | 'asks' | 'met' | 'walls' | 'cost'>;
  /** In the dance that was asked about, where a song was looked for: its song and plan from then on. */
  readonly edits: readonly Edit[];
}

/** A dance is danced to no song that is faster or slower by more, as a factor. */
const NEAR = 1.2;
const MOST = 12;

/** Songs of other texts that carry the dance, the best first. */
export function songsFor(dance: Dance, shelf: readonly ShelfText[]): Matched[] {
  const own = tempoOf(dance.script.header);
  const seen = new Set(songOf(dance.script) ? [keyOfSong(dance.script)] : []);
  const songs = shelf.flatMap(({ id, text }) => {
    const script = rereadScript(dance.script, text);
    const song = songOf(script);
    if (!song || song.counts === 0 || !isNear(own, song.tempo) || seen.has(keyOfSong(script))) return [];
    seen.add(keyOfSong(script));
    return [{ id, script, tempo: song.tempo, far: distance(own, song.tempo) }];
  });
  return bestOf(
    songs
      .sort((one, other) => one.far - other.far)
      .slice(0, MOST)
      .flatMap(({ id, script, tempo }) => {
        const found = matched(dance.script, script);
        return found ? [{ id, title: titleOf(script), dance: script.title, tempo, ...found }] : [];
      }),
  );
}

/** Dances of other texts that the song of this one carries, the best first. */
export function dancesFor(song: Script, shelf: readonly ShelfText[]): Matched[] {
  const own = songOf(song);
  if (!own || own.counts === 0) return [];
  const dances = shelf.flatMap(({ id, text }) => {
    const script = rereadScript(song, text);
    const tempo = tempoOf(script.header);
    return isNear(own.tempo, tempo) ? [{ id, script, far: distance(own.tempo, tempo) }] : [];
  });
  return bestOf(
    dances
      .sort((one, other) => one.far - other.far)
      .slice(0, MOST)
      .flatMap(({ id, script }) => {
        const found = matched(script, song);
        return found ? [{ id, title: titleOf(song), dance: script.title, tempo: own.tempo, fit: found.fit, edits: [] }] : []; // prettier-ignore
      }),
  );
}

const bestOf = (all: readonly Matched[]): Matched[] =>
  all.toSorted((a, b) => b.fit.met / b.fit.walls - a.fit.met / a.fit.walls || a.fit.cost - b.fit.cost);

const isNear = (one: number, other: number): boolean =>
  one === 0 || other === 0 || distance(one, other) < Math.log(NEAR);
const distance = (one: number, other: number): number =>
  one === 0 || other === 0 ? 0.1 : Math.abs(Math.log(one / other));

const titleOf = (script: Script): string =>
  songOf(script)?.title || musicOf(script).split(',')[0].trim() || script.title;
const musicOf = ({ header }: Script): string => header.entries.find(({ key }) => key === 'music')?.value ?? '';

/** The same song in two texts is one. */
const keyOfSong = (script: Script): string =>
  [titleOf(script), ...songLinesOf(script).map(({ line }) => line.text.trim())].join('\n').toLowerCase();

/** The map and the facts of the song in the text of the dance, with the best plan. */
function matched(dance: Script, song: Script): Pick<Matched, 'fit' | 'edits'> | undefined {
  const under = withSong(dance, song);
  const [fit] = fitSong(danceWithPlan(under));
  if (!fit) return undefined;
  const text = applyEdits(under.text, [...fit.edits]);
  return { fit, edits: [{ from: 0, to: dance.text.length, insert: text }] };
}

function withSong(dance: Script, song: Script): Script {
  const own = songOf(song);
  const title = titleOf(song).replace(/"/g, '');
  const map = songLinesOf(song).map(({ line }) => line.text).join('\n'); // prettier-ignore
  const heading = dance.blocks.find(({ kind }) => kind === 'song')?.headingLine;
  const block = `## Song "${title}"\n${map}\n`;
  const next = dance.lines.find(({ index, kind }) => heading !== undefined && index > heading && kind === 'heading');
  const end = dance.text.trimEnd().length;
  const edit: Edit =
    heading === undefined
      ? { from: end, to: dance.text.length, insert: `\n\n${block}` }
      : { from: dance.lines[heading].span.from, to: next?.span.from ?? dance.text.length, insert: next ? `${block}\n` : block };
  const placed = rereadScript(dance, applyEdits(dance.text, [edit]));
  const music = musicOf(song) || (own && own.tempo > 0 ? `${title}, ${own.tempo} bpm` : title);
  const facts = { title: placed.title, music, tempo: '', ...(own?.intro !== undefined && { intro: `${own.intro} counts` }) };
  return rereadScript(placed, applyEdits(placed.text, editFacts(placed, facts)));
} // prettier-ignore
