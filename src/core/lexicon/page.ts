/** Words that hold a sheet together. */
import { lexiconOf, wordsOf, type Words } from './lexicon';
import { plainLetters } from './letters';

/** A stretch of a dance that is counted from 1, by whatever name. */
const SECTION: Words = {
  en: 'section sect sec s row set eight eights verse sequence phrase part block',
  de: 'abschnitt sektion teil reihe achter block',
  fr: 'section partie bloc série huit séquence',
  nl: 'sectie deel blok reeks rij achttal',
};

export type FactUnit = 'counts' | 'walls' | 'tempo';

/** What a number at the head of a sheet counts. */
const UNITS: readonly (readonly [FactUnit, Words])[] = [
  ['counts', { en: 'count counts ct cts beats steps', de: 'counts count zählzeiten taktschläge schläge schritte', fr: 'temps comptes compte t', nl: 'tellen tel' }],
  ['walls', { en: 'wall walls', de: 'wand wände wall', fr: 'mur murs m', nl: 'muur muren' }],
  ['tempo', { en: 'bpm', de: 'bpm', fr: 'bpm', nl: 'bpm' }],
]; // prettier-ignore

const LEVELS: Words = {
  en: 'beginner beginners beginner-plus improver improvers intermediate advanced easy absolute ultra high low plus',
  de: 'anfänger fortgeschrittene fortgeschritten mittelstufe leicht einsteiger',
  fr: 'débutant débutante débutants novice intermédiaire avancé avancée facile',
  nl: 'beginners gevorderden gevorderd makkelijk halfgevorderd',
};

const sections = lexiconOf([[true, SECTION]]);
const units = lexiconOf(UNITS);
const levels = lexiconOf([[true, LEVELS]]);

export const namesSection = (word: string): boolean => sections.has(plainLetters(word));
export const unitOf = (word: string): FactUnit | undefined => units.get(plainLetters(word));
export const namesLevel = (word: string): boolean => levels.has(plainLetters(word));

/** What the facts at the head of a sheet are called. */
const KEYS: readonly (readonly [string, Words])[] = [
  ['music', { en: 'music song track', de: 'musik lied', fr: 'musique chanson', nl: 'muziek nummer' }],
  ['tempo', { en: 'tempo', de: 'takt', nl: 'tempo' }],
  ['intro', { en: 'intro introduction', de: 'einleitung vorspiel', fr: 'introduction', nl: 'inleiding' }],
  ['start', { en: 'start', de: 'beginn', fr: 'départ début', nl: 'begin' }],
  ['level', { en: 'level', de: 'niveau schwierigkeit', fr: 'niveau', nl: 'niveau' }],
  ['walls', { en: 'walls wall', de: 'wände wand', fr: 'murs mur', nl: 'muren muur' }],
  ['counts', { en: 'counts count', de: 'taktschläge zählzeiten', fr: 'temps comptes compte', nl: 'tellen' }],
  ['author', { en: 'author choreographer choreographed_by', de: 'choreografie choreographie choreograf autor', fr: 'auteur chorégraphe chorégraphie', nl: 'choreografie' }],
  ['date', { en: 'date', de: 'datum', nl: 'datum' }],
  ['section', { en: 'section', de: 'abschnitt' }],
  ['style', { en: 'style', de: 'stil', nl: 'stijl' }],
  ['hall', { en: 'hall', de: 'halle saal', fr: 'salle', nl: 'zaal' }],
  ['notes', { en: 'notes', de: 'hinweise anmerkungen', fr: 'remarques remarque', nl: 'opmerkingen' }],
]; // prettier-ignore
const keys = lexiconOf(KEYS);

/** The name a fact is kept under; undefined where nobody calls one so. */
export const factNamed = (word: string): string | undefined => keys.get(plainLetters(word));

/** All of them, the longest first; `wand` opens lines of a plan as well. */
export const FACT_NAMES: readonly string[] = KEYS.filter(
  ([key]) => key !== 'section' && key !== 'style' && key !== 'notes' && key !== 'hall',
)
  .flatMap(([, words]) => wordsOf(words))
  .map((word) => word.replaceAll('_', ' '))
  .filter((word) => word !== 'wand')
  .sort((one, other) => other.length - one.length);
