/** Which language a sheet is written in, by the words only that language has. Mixed sheets go to the one with most of them. */
import type { Language } from '../vocabulary/figures';
import { plainLetters } from '../lexicon/letters';

const GERMAN = 'links rechts rechten linken vor vorn zurueck schritt seite und mit drehung herum gewicht kreuzen tippen auftippen heransetzen halten wand waende nach abschnitt sektion ferse daneben ueber hinter neben fuss belasten reihenfolge wiederhole dann taktschlaege fuesse auf'; // prettier-ignore
const FRENCH = 'droite gauche pas avec et mur murs temps poids devant derriere avant arriere cote croiser croise apres tour pd pg chasse retour talon pointe touche sur ensemble puis ordre repeter danse fois au pied debut'; // prettier-ignore
const ENGLISH = 'right left forward back side and with turn turning weight cross touch close hold wall walls after section heel together over behind beside foot step order repeat then counts shuffle feet on'; // prettier-ignore

const WORDS: readonly (readonly [Language, ReadonlySet<string>])[] = [
  ['en', new Set(ENGLISH.split(' '))],
  ['de', new Set(GERMAN.split(' '))],
  ['fr', new Set(FRENCH.split(' '))],
];

/** English where nothing tells. */
export function languageOf(text: string): Language {
  const words = (text.slice(0, 20_000).match(/\p{L}+/gu) ?? []).map(plainLetters);
  const counts = WORDS.map(([language, own]) => ({ language, count: words.filter((word) => own.has(word)).length }));
  return counts.reduce((best, one) => (one.count > best.count ? one : best)).language;
}
