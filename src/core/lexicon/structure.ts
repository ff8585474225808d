/**
 * Words that hold a sheet together: headings, plans, options. A concept is a row, a language a column; `_` stands for a space, the
 * longest phrase wins. From memory and common practice in the trade (no source).
 */
import { plainLetters } from './letters';
import { anyOf, wordsOf, type Words } from './lexicon';

const ROWS = [
  ['section', { en: 'section sections sec sect s', de: 'abschnitt abschnitte abschnitten abschnitts sektion', fr: 'section sections', nl: 'sectie secties' }],
  ['eight', { en: 'eight eights section sections', de: 'achter abschnitt', fr: 'huit', nl: 'achttal' }],
  ['part', { en: 'part parts', de: 'teil teile teils', fr: 'partie parties bloc', nl: 'deel' }],
  // French counts the parts of a dance as its sections.
  ['numbered-part', { fr: 'partie parties' }],
  ['tag', { en: 'tag tags bridge bridges', de: 'brücke brücken', fr: 'pont ponts transition', nl: 'brug' }],
  ['restart', { en: 'restart restarts restarting restarted re-start re-starts from_the_beginning from_the_top from_the_start', de: 'neustart neubeginn von_vorn von_vorne von_vorn_beginnen von_vorne_beginnen abbrechen_und_von_vorn_beginnen', fr: 'reprise recommencer reprendre_du_début reprendre_au_début recommencer_au_début recommencer_la_danse', nl: 'herstart' }],
  ['ending', { en: 'ending finish finale ends end_the_dance dance_ends the_dance_ends', de: 'ende schluss', fr: 'fin finale', nl: 'einde slot' }],
  ['option', { en: 'option', de: 'option', fr: 'option', nl: 'optie' }],
  ['figure', { en: 'figure', de: 'figur', nl: 'figuur' }],
  ['plan', { en: 'plan', de: 'plan', nl: 'plan' }],
  ['lesson', { en: 'lesson', de: 'stunde unterrichtsstunde', fr: 'leçon' }],
  ['song', { en: 'song', de: 'lied', fr: 'chanson morceau', nl: 'lied nummer' }],
  ['order', { en: 'order sequence phrasing', de: 'reihenfolge ablauf', fr: 'ordre', nl: 'volgorde' }],

  ['wall', { en: 'wall walls w', de: 'wand wände wänden runde runden', fr: 'mur murs', nl: 'muur muren' }],
  ['every', { en: 'every each', de: 'jede jeder jedes jeden', fr: 'chaque tous_les', nl: 'elke' }],
  ['all', { en: 'all', de: 'alle', nl: 'alle' }],
  ['other', { en: 'other alternate' }],
  ['odd', { en: 'odd odd-numbered', de: 'ungerade ungeraden', fr: 'impairs', nl: 'oneven' }],
  ['even', { en: 'even even-numbered', de: 'gerade geraden', fr: 'pairs', nl: 'even' }],
  ['last', { en: 'last final', de: 'letzte letzten letzter', fr: 'dernier derniers dernière', nl: 'laatste' }],
  ['starting', { en: 'starting starts start beginning begins begin', de: 'mit_beginn beginnend', fr: 'commençant', nl: 'beginnend' }],

  ['preposition', { en: 'at after on in during of', de: 'auf in nach der von', fr: 'au aux sur du après pendant le les', nl: 'op in na van' }],
  ['the', { en: 'the', de: 'der die das dem den', fr: 'le la les', nl: 'de het' }],
  ['end', { en: 'end', de: 'am_ende', fr: 'à_la_fin', nl: 'aan_het_einde' }],
  ['end-of', { en: 'end_of at_the_end_of', de: 'am_ende_von am_ende_der am_ende_von_wänden ende_der ende_von', fr: 'à_la_fin_du à_la_fin_des fin_du fin_des', nl: 'aan_het_einde_van einde_van' }],
  ['here', { en: 'here', de: 'hier', fr: 'ici', nl: 'hier' }],
  ['opening', { en: 'up_to up_to_and_including through after at to until on', de: 'nach bis auf', fr: "après à jusqu'à sur", nl: 'na tot op' }],
  ['after', { en: 'after', de: 'nach', fr: 'après', nl: 'na' }],
  ['to', { en: 'to', de: 'bis', fr: 'à', nl: 'tot t/m' }],
  ['in', { en: 'into in of', de: 'in von', fr: 'de dans', nl: 'in van' }],
  ['count', { en: 'count counts beat beats step steps c', de: 'count counts taktschlag taktschläge taktschlägen zählzeit zählzeiten', fr: 'temps compte comptes', nl: 'tel tellen' }],
  ['first', { en: 'first', de: 'ersten erste', fr: 'premiers premières', nl: 'eerste' }],
  ['half', { en: 'and_a_half' }],
  ['no', { en: 'no without', de: 'ohne kein keine', fr: 'sans ni pas_de', nl: 'geen zonder' }],

  ['do', { en: 'do dance dancing doing', de: 'tanze', fr: 'danser', nl: 'dans' }],
  ['then', { en: 'then', de: 'dann danach', fr: 'puis ensuite', nl: 'dan' }],
  ['goes-on', { en: 'go continue carry again the_dance' }],
  ['change', { en: 'change replace', de: 'ändere ändern ersetze ersetzen', fr: 'changer remplacer', nl: 'verander vervang' }],
  ['into', { en: 'to into for with by', de: 'zu durch mit', fr: 'en par', nl: 'in door' }],
  ['repeat', { en: 'repeat same', de: 'wiederhole wiederholen', fr: 'répéter répétez reprendre', nl: 'herhaal' }],
  ['hold', { en: 'hold holds wait pause', de: 'halte halten', fr: 'attendre', nl: 'wacht' }],
  ['mirrored', { en: 'mirrored', de: 'gespiegelt spiegelverkehrt', fr: 'en_miroir', nl: 'gespiegeld' }],
  ['again', { en: 'again mirror', de: 'noch_einmal', fr: 'encore', nl: 'opnieuw' }],
  ['note', { en: 'note', de: 'hinweis', fr: 'remarque', nl: 'noot' }],

  ['facing', { en: 'facing face to_face', de: 'richtung blick', fr: 'face_à face_au', nl: 'richting' }],
  ['front', { en: 'front', de: 'vorderwand', nl: 'voormuur' }],
  ['back', { en: 'back', de: 'rückwand', nl: 'achtermuur' }],

  ['and', { en: 'and', de: 'und', fr: 'et', nl: 'en' }],
  ['filler', {
    en: 'a an the and then on in at of with to is are as it its this that there will be you your do does dance dancing add after again over from beginning start top begin only counts count beats times time once here during wall walls step steps facing face o clock just happens occurs comes restart restarts following you’ll you\'ll only',
    de: 'und auf der die das dem den in von bis zu mal dann danach nach wand richtung ist es dabei man wir ihr hier',
    fr: 'et sur à le la les du de des au aux en puis ensuite après mur temps on face fois',
    nl: 'en op de het in van tot na dan muur',
  }],
] as const satisfies readonly (readonly [string, Words])[]; // prettier-ignore

export type StructureWord = (typeof ROWS)[number][0];

const PHRASES = new Map<string, Set<StructureWord>>();
for (const [concept, words] of ROWS)
  for (const list of Object.values(words) as string[])
    for (const phrase of list.split(' ')) {
      // "à" alone keeps its accent: "a" says nothing, or is a part.
      const key = phrase === 'à' ? phrase : plainLetters(phrase.replaceAll('_', ' '));
      PHRASES.set(key, (PHRASES.get(key) ?? new Set()).add(concept));
    }

/** The rows' words by language. */
export const STRUCTURE_WORDS: readonly Words[] = ROWS.map(([, words]) => words);

/** Words in the longest phrase. */
export const LONGEST_PHRASE = 5;

/** What a phrase in plain letters, its words parted by one space, may stand for. */
export const structureOf = (phrase: string): ReadonlySet<StructureWord> | undefined => PHRASES.get(phrase);

/** Whether a text can hold a word with one of these meanings. */
export const findsAny = (...meanings: StructureWord[]): RegExp =>
  anyOf(ROWS.filter(([concept]) => meanings.includes(concept)).flatMap(([, words]) => wordsOf(words)));
