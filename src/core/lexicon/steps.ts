/**
 * The small words of a step line, as people write them: a meaning is a row, a language a column. A word is looked up in its canonical
 * spelling: small letters, no accents, no plural, no -ing. From memory and common practice in the trade (no source).
 */
import type { Direction } from '../model/actions';
import type { Foot } from '../model/feet';
import { CIRCLE, type Way } from '../model/turns';
import { lexiconOf, recordOf, wordsOf, type Words } from './lexicon';
import { plainLetters } from './letters';

// Sides: the word for the right and the word for the left, so that each mirrors the other

/** As a foot, a direction or the way of a turn: what it is depends on the figure. */
const SIDES: Words = {
  en: 'r/l right/left rt/lt',
  de: 'rechts/links rechten/linken rechter/linker rechte/linke rechtes/linkes rechtem/linkem re/li',
  fr: 'droite/gauche droit/gauche',
  nl: 'rechts/links rechter/linker rechtse/linkse',
};
/** Always a foot. */
const FEET: Words = { en: 'rf/lf', fr: 'pd/pg', nl: 'rv/lv rechtervoet/linkervoet' };
/** Always the way of a turn. */
const TURNINGS: Words = {
  en: 'clockwise/anticlockwise clockwise/counterclockwise clockwise/anti_clockwise clockwise/counter_clockwise cw/ccw',
  de: 'rechtsherum/linksherum rechtsum/linksum',
  nl: 'rechtsom/linksom',
};
/** Named, and not read in a line. */
const OTHERS: Words = { en: 'rights/lefts righthand/lefthand', fr: 'droites/gauches droits/gauches' };

const pairsOf = (words: Words): (readonly [right: string, left: string])[] =>
  wordsOf(words).map(
    (pair) => pair.split('/').map((word) => plainLetters(word.replaceAll('_', ' '))) as [string, string],
  );

const sided = <T>(words: Words, right: T, left: T): Readonly<Record<string, T>> =>
  recordOf(pairsOf(words).flatMap(([one, other]) => [[one, right] as const, [other, left] as const]));

export const SIDE_WORDS: Readonly<Record<string, Foot>> = sided<Foot>(SIDES, 'R', 'L');
export const FOOT_WORDS: Readonly<Record<string, Foot>> = sided<Foot>(FEET, 'R', 'L');
export const WAY_WORDS: Readonly<Record<string, Way>> = sided<Way>(TURNINGS, 'right', 'left');

const MIRRORED = new Map<string, string>();
for (const words of [SIDES, FEET, TURNINGS, OTHERS])
  for (const [right, left] of pairsOf(words)) {
    if (!MIRRORED.has(right)) MIRRORED.set(right, left);
    if (!MIRRORED.has(left)) MIRRORED.set(left, right);
  }
/** The word of the same language and form for the other side; undefined where it names none. */
export const mirrorOf = (word: string): string | undefined => MIRRORED.get(word.toLowerCase());

// Where a foot goes, how far one turns, how often

type Rows<T> = readonly (readonly [T, Words])[];

const DIRECTIONS: Rows<Direction> = [
  ['forward', { en: 'in_advance forward fwd fw f forwards', de: 'vor vorn vorwärts nach_vorn nach_vorne vorne', fr: 'devant avant en_avant avance avancer avançant', nl: 'voor vooruit naar_voren voorwaarts' }],
  ['back', { en: 'in_back back backward backwards bwd bk', de: 'zurück nach_hinten rückwärts rück hinten', fr: 'recul retro arrière en_arrière recule reculer reculant', nl: 'achteruit naar_achteren terug' }],
  ['side', { en: 'side sideways', de: 'seit seitwärts seitlich zur_seite seite', fr: 'latéral latéralement côtés côté de_côté', nl: 'opzij zijwaarts zij naar_opzij' }],
  ['cross', { en: 'across over in_front_of in_front', de: 'über gekreuzt vorn_gekreuzt', fr: 'par_dessus', nl: 'over voorlangs gekruist' }],
  ['behind', { en: 'behind', de: 'hinter hinten_gekreuzt', fr: 'derrière croisé_derrière', nl: 'achter achterlangs' }],
  ['together', { en: 'together tog beside next_to back_in_place back_in_its_place back_to_its_place in_its_place back_to_place back_home back_in home towards toward', de: 'neben daneben heran ran dazu zusammen', fr: 'près ensemble à_côté', nl: 'naast ernaast bij samen' }],
  ['in', { en: 'back_to_centre back_to_center in centre center', de: 'einwärts rein innen nach_innen zur_mitte', fr: 'au_centre intérieur', nl: 'naar_binnen' }],
  ['place', { en: 'in_place on_the_spot on_the_place on_place', de: 'am_platz auf_der_stelle', fr: 'sur_place', nl: 'op_de_plaats' }],
  ['diagonal forward', { en: 'corner diagonal diagonally diag', de: 'ecke schräg', fr: 'coin diagonale', nl: 'schuin diagonaal' }],
  ['out', { en: 'out apart', de: 'auseinander auswärts raus außen nach_außen', fr: 'écarté extérieur', nl: 'uit naar_buiten' }],
]; // prettier-ignore

/** In parts of a circle. */
const AMOUNTS: Rows<number> = [
  [12, { en: 'quarter', de: 'viertel vierteldrehung', fr: 'quart', nl: 'kwart' }],
  [24, { en: 'half', de: 'halbe halber halben', fr: 'demi', nl: 'halve' }],
  [36, { en: 'three_quarter', de: 'dreiviertel', fr: 'trois_quart', nl: 'driekwart' }],
  [
    CIRCLE,
    { en: 'full whole_turn', de: 'ganze ganzer ganzen volle voller vollen', fr: 'entier', nl: 'hele volledige' },
  ],
  [6, { en: 'eighth', de: 'achtel achteldrehung', fr: 'huitième', nl: 'achtste' }],
];

/** Before a call or behind it. */
const REPEATS: Rows<number> = [
  [1, { en: 'once one' }],
  [2, { en: 'twice two', de: 'zwei zweimal', fr: 'deux deux_fois', nl: 'twee tweemaal' }],
  [3, { en: 'three', de: 'drei dreimal', fr: 'trois trois_fois', nl: 'drie driemaal' }],
  [4, { en: 'four', de: 'vier viermal', fr: 'quatre quatre_fois', nl: 'viermaal' }],
  [6, { en: 'six' }],
  [8, { en: 'eight' }],
];

/** Short forms and words in one for several. */
const SHORT: Rows<string> = [
  ['shuffle', { en: 'shuf' }],
  ['pivot', { en: 'piv' }],
  ['recover', { en: 'rec' }],
  ['jazz box', { en: 'jb' }],
  ['kick ball change', { en: 'kbc' }],
  ['rock', { en: 'rs' }],
  ['side shuffle', { en: 'ss' }],
  ['touch', { en: 'tch', fr: 'touche' }],
  ['night club', { en: 'nightclub' }],
  ['point', { en: 'pt pnt' }],
  ['right heel', { en: 'rh' }],
  ['left heel', { en: 'lh' }],
  ['and', { en: 'n' }],
  ['step', { en: 'stepping stepped' }],
  ['links drehung', { de: 'linksdrehung' }],
  ['rechts drehung', { de: 'rechtsdrehung' }],
  ['halbe drehung', { de: 'halbdrehung' }],
  ['halbe links drehung', { de: 'halblinksdrehung' }],
  ['halbe rechts drehung', { de: 'halbrechtsdrehung' }],
  ['seitwaerts shuffle', { de: 'seitwärtsshuffle seitshuffle' }],
  ['seit schritte', { de: 'seitschritte' }],
  ['rueck rock', { de: 'rückrock' }],
  ['vor rock', { de: 'vorrock' }],
  ['seite rock', { de: 'seitrock' }],
  ['kreuzen schritt', { de: 'kreuzschritt' }],
  ['seite schritt', { de: 'seitschritt' }],
  ['zurueck schritt', { de: 'rückschritt' }],
  ['vor schritt', { de: 'vorschritt' }],
  ['opzij stap', { nl: 'zijstap' }],
  ['kwart draai', { nl: 'kwartdraai' }],
  ['halve draai', { nl: 'halvedraai' }],
];

export const DIRECTION_WORDS: Readonly<Record<string, Direction>> = recordOf([...lexiconOf(DIRECTIONS)]);
export const AMOUNT_WORDS: Readonly<Record<string, number>> = recordOf([...lexiconOf(AMOUNTS)]);
export const REPEAT_WORDS: Readonly<Record<string, number>> = recordOf([...lexiconOf(REPEATS)]);
export const ABBREVIATIONS: Readonly<Record<string, string>> = recordOf([...lexiconOf(SHORT)]);

// Words beside them

/** They carry nothing the weight or the facing depends on. */
const NOTHING: Words = {
  en: 'so we figure the a an to on onto of your you with w and at by for from foot feet make do take taking taken end ends ending slightly slight small large big long ball toes knee hand hands finger fingers arm arms hip hips shoulder shoulders body back-and-forth then up down it same time way transfer change whilst slowly quick travel front into around shin ankle leg travelling round reverse syncopated both circle slow again clockwise-ly each other apart-ly level lightly weighted style that very just simply gently softly nicely little tiny short wide its them this these their while during please lovely nice own whole all also going go come comes coming moving start starting begin beginning finish finishing keep keeping let step-by-step like still only even per every pose leading until being was has have had been under toward-the natural easy quickly smooth smoothly strong',
  de: 'wir du man mit und auf den der die das dem am im nach zur zum über-kopf fuß ein eine einen herum dabei belasten um beiden beide ballen ende richtung beginnend beginnen hand hände hüften hüfte knie von vom bei etwas leicht wenig ganz jeweils angehoben erst wieder klein kleines kleinen stück nun jetzt langsam schnell kurz locker nochmal noch einmal beim ans an aufs ins bein beine beinen füße füßen gleichzeitig anschließend sanft fest kräftig nur auch wird werden ist sind dein deine deinen ihr eure als so zwischen schwung',
  fr: "tu te nous on avec et le la les un une sur au aux du de des en pied pour l d par commençant commencer début vers dans mains hanche hanches genou jambe jambes pieds corps doucement lentement vite rapidement encore juste tout toute petit petite fois même en-même-temps pendant votre vos tes ton ta son sa est sont",
  nl: 'de het een op naar met van en dan je jouw uw voet voeten hand handen heup heupen knie lichaam beetje licht klein kleine weer nog eens aan tegelijk rustig daarbij nu',
}; // prettier-ignore

/** After these a side is no foot: `left hand`, `right shoulder`. */
const BODY: Words = { en: 'hand hands arm arms shoulder hip hips knee finger fingers elbow thigh' };

/** A verb may do something with them, so that a foot stands between the two: `drop the right heel`. */
const PARTS: Words = {
  en: 'heel toe knee hip leg foot',
  de: 'ferse fersen hacke hacken spitze spitzen fußspitzen fußspitze knie hüfte hüften bein',
  fr: 'talon genou hanche pointe jambe pied',
  nl: 'hak hiel teen knie heup been voet',
};

/** They may stand between such a verb and its noun. */
const SMALL: Words = {
  en: 'the your a to of both and',
  de: 'und den die das der dem ein eine deine nach beide beiden',
  fr: 'et le la les du l d votre',
  nl: 'de het een je en',
};

export const FILLERS: ReadonlySet<string> = new Set(wordsOf(NOTHING).map(plainLetters));
export const BODY_NOUNS: ReadonlySet<string> = new Set(wordsOf(BODY).map(plainLetters));
export const BODY_PARTS: ReadonlySet<string> = new Set(wordsOf(PARTS).map(plainLetters));
export const ARTICLES: ReadonlySet<string> = new Set(wordsOf(SMALL).map(plainLetters));

/** All words of step lines by language: what tells a language is in one of them alone. */
export const STEP_WORDS: readonly Words[] = [
  SIDES,
  FEET,
  TURNINGS,
  NOTHING,
  PARTS,
  SMALL,
  ...[...DIRECTIONS, ...AMOUNTS, ...REPEATS].map(([, words]) => words),
];
