/** Words of a song's phrase map. From memory and common practice in the trade (no source). */
import { anyOf, lexiconOf, wordsOf, type Words } from './lexicon';

/** @public */
export const PHRASE_KINDS = ['intro', 'verse', 'chorus', 'bridge', 'solo', 'gap', 'outro'] as const;
export type PhraseKind = (typeof PHRASE_KINDS)[number] | 'other';

const KINDS: readonly (readonly [PhraseKind, Words])[] = [
  ['intro', { en: 'intro introduction', de: 'intro vorspiel einleitung', fr: 'intro introduction', nl: 'intro' }],
  ['chorus', { en: 'chorus refrain hook', de: 'refrain chorus', fr: 'refrain', nl: 'refrein' }],
  ['verse', { en: 'verse', de: 'strophe vers', fr: 'couplet', nl: 'couplet vers' }],
  ['bridge', { en: 'bridge middle', de: 'brücke überleitung', fr: 'pont', nl: 'brug' }],
  ['solo', { en: 'solo instrumental', de: 'solo zwischenspiel', fr: 'solo instrumental', nl: 'solo' }],
  ['gap', { en: 'gap extra', de: 'lücke', fr: 'trou', nl: 'gat' }],
  ['outro', { en: 'outro ending end coda', de: 'schluss ende nachspiel', fr: 'fin', nl: 'slot einde' }],
];

/** A word in plain letters -> the kind of phrase it names. */
export const PHRASE_WORDS: ReadonlyMap<string, PhraseKind> = lexiconOf(KINDS);

const COUNTS: Words = {
  en: 'count counts beat beats ct cts',
  de: 'zählzeiten schläge',
  fr: 'temps comptes',
  nl: 'tellen',
};
const EIGHTS: Words = { en: 'eight eights', de: 'achter achten', fr: 'huit huits', nl: 'achten achttallen' };
const PAUSES: Words = {
  en: 'pause pauses break breaks stop stops silence silent',
  de: 'pause stille',
  fr: 'pause silence arrêt',
  nl: 'pauze stilte',
};
const AFTERS: Words = { en: 'after from at', de: 'nach ab', fr: 'après', nl: 'na' };
const TEMPOS: Words = { en: 'tempo bpm speeds slows faster slower', de: 'tempo', fr: 'tempo', nl: 'tempo' };
const HALVES: Words = { en: 'half', de: 'halb halbe', fr: 'demi', nl: 'half' };
const DOUBLES: Words = { en: 'double', de: 'doppelt', fr: 'double', nl: 'dubbel' };

export const SONG_WORDS = {
  count: anyOf(wordsOf(COUNTS)),
  eight: anyOf(wordsOf(EIGHTS)),
  pause: anyOf(wordsOf(PAUSES)),
  after: anyOf(wordsOf(AFTERS)),
  tempo: anyOf(wordsOf(TEMPOS)),
  half: anyOf(wordsOf(HALVES)),
  double: anyOf(wordsOf(DOUBLES)),
} as const;
