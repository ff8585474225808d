/**
 * The small words of a step line, as people write them, in English, German and French.
 * A word is looked up in its canonical spelling: small letters, no accents, no plural, no -ing.
 * From memory and common practice in the trade (no source).
 */
import type { Direction } from '../model/actions';
import type { Foot } from '../model/feet';
import { CIRCLE, type Way } from '../model/turns';

/** A table in which only what stands in it is found: nobody's word is a property that every object has. */
const table = <T>(rows: Record<string, T>): Readonly<Record<string, T>> =>
  Object.assign(Object.create(null), rows) as Record<string, T>;

/** Words that name a side: as a foot, a direction or the way of a turn. What it is depends on the figure. */
export const SIDE_WORDS: Readonly<Record<string, Foot>> = table({
  r: 'R', right: 'R', rt: 'R', rechts: 'R', rechten: 'R', rechter: 'R', rechte: 'R', rechtes: 'R', rechtem: 'R', re: 'R', droite: 'R', droit: 'R',
  l: 'L', left: 'L', lt: 'L', links: 'L', linken: 'L', linker: 'L', linke: 'L', linkes: 'L', linkem: 'L', li: 'L', gauche: 'L',
}); // prettier-ignore

/** Words that can only name a foot. */
export const FOOT_WORDS: Readonly<Record<string, Foot>> = table({ rf: 'R', pd: 'R', lf: 'L', pg: 'L' });

/** The side or foot a word names where nothing else can stand: in a claim, a fact, after "leading". D and G stand alone in French. */
export const sideNamed = (word: string): Foot | undefined => {
  const key = word.toLowerCase();
  return SIDE_WORDS[key] ?? FOOT_WORDS[key] ?? (key === 'd' ? 'R' : key === 'g' ? 'L' : undefined);
};

/** The other side of every word that names one, in the same language and form. Left of a pair goes both ways unless it stands there before. */
const MIRROR_PAIRS: readonly (readonly [string, string])[] = [
  ['r', 'l'], ['right', 'left'], ['rt', 'lt'], ['rf', 'lf'], ['rights', 'lefts'], ['righthand', 'lefthand'],
  ['rechts', 'links'], ['rechte', 'linke'], ['rechten', 'linken'], ['rechter', 'linker'], ['rechtes', 'linkes'], ['rechtem', 'linkem'], ['re', 'li'],
  ['rechtsherum', 'linksherum'],
  ['pd', 'pg'], ['droite', 'gauche'], ['droit', 'gauche'], ['droites', 'gauches'], ['droits', 'gauches'],
  ['clockwise', 'anticlockwise'], ['clockwise', 'counterclockwise'], ['cw', 'ccw'],
]; // prettier-ignore

const OTHER_SIDES = new Map<string, string>();
for (const [right, left] of MIRROR_PAIRS) {
  if (!OTHER_SIDES.has(right)) OTHER_SIDES.set(right, left);
  if (!OTHER_SIDES.has(left)) OTHER_SIDES.set(left, right);
}

/** French things that are masculine and have a side: after them left is the other one of "droit". */
const MASCULINE = /(?:pied|talon|genou|bras|coude|poing|orteil|cote|côté|mur|bord)s?\s*$/i;

/** The word for the other side; undefined where it names none. `before`: what stands before it. */
export function otherSide(word: string, before: string): string | undefined {
  const other = OTHER_SIDES.get(word.toLowerCase());
  return (other === 'droite' || other === 'droites') && MASCULINE.test(before)
    ? other.replace('droite', 'droit')
    : other;
}

/** Directions, one or more words each. */
export const DIRECTION_WORDS: Readonly<Record<string, Direction>> = table({
  'in advance': 'forward', forward: 'forward', fwd: 'forward', fw: 'forward', f: 'forward', forwards: 'forward', vor: 'forward', vorn: 'forward', vorwaerts: 'forward', 'nach vorn': 'forward', 'nach vorne': 'forward', vorne: 'forward', devant: 'forward', avant: 'forward', 'en avant': 'forward', avance: 'forward', avancer: 'forward', avancant: 'forward',
  'in back': 'back', back: 'back', backward: 'back', backwards: 'back', bwd: 'back', bk: 'back', zurueck: 'back', 'nach hinten': 'back', rueckwaerts: 'back', rueck: 'back', recul: 'back', retro: 'back', arriere: 'back', 'en arriere': 'back', recule: 'back', reculer: 'back', reculant: 'back', hinten: 'back',
  side: 'side', sideways: 'side', seit: 'side', seitwaerts: 'side', seitlich: 'side', lateral: 'side', lateralement: 'side', cotes: 'side', 'zur seite': 'side', seite: 'side', cote: 'side', 'de cote': 'side',
  across: 'cross', over: 'cross', 'in front of': 'cross', 'in front': 'cross', ueber: 'cross', gekreuzt: 'cross', 'vorn gekreuzt': 'cross', 'par dessus': 'cross',
  behind: 'behind', hinter: 'behind', derriere: 'behind', 'hinten gekreuzt': 'behind', 'croise derriere': 'behind',
  together: 'together', tog: 'together', beside: 'together', pres: 'together', 'next to': 'together', 'back in place': 'together', 'back in its place': 'together', 'back to its place': 'together', 'in its place': 'together', 'back to place': 'together', 'back home': 'together', 'back in': 'together', 'back to centre': 'in', 'back to center': 'in', neben: 'together', daneben: 'together', heran: 'together', ran: 'together', dazu: 'together', ensemble: 'together', 'a cote': 'together', home: 'together', towards: 'together', toward: 'together',
  'in place': 'place', 'on the spot': 'place', 'on the place': 'place', 'am platz': 'place', 'auf der stelle': 'place', 'sur place': 'place', 'on place': 'place',
  corner: 'diagonal forward', ecke: 'diagonal forward', coin: 'diagonal forward', diagonal: 'diagonal forward', diagonally: 'diagonal forward', diag: 'diagonal forward', schraeg: 'diagonal forward', diagonale: 'diagonal forward',
  out: 'out', apart: 'out', auseinander: 'out', auswaerts: 'out', einwaerts: 'in', raus: 'out', rein: 'in', zusammen: 'together', aussen: 'out', 'nach aussen': 'out', ecarte: 'out', exterieur: 'out', in: 'in', centre: 'in', center: 'in', 'au centre': 'in', innen: 'in', 'nach innen': 'in', 'zur mitte': 'in', interieur: 'in',
}); // prettier-ignore

/** Amounts of a turn, in parts of a circle. */
export const AMOUNT_WORDS: Readonly<Record<string, number>> = table({
  quarter: 12, viertel: 12, vierteldrehung: 12, quart: 12,
  half: 24, halbe: 24, halber: 24, halben: 24, demi: 24,
  'three quarter': 36, dreiviertel: 36, 'trois quart': 36,
  full: CIRCLE, ganze: CIRCLE, ganzer: CIRCLE, ganzen: CIRCLE, volle: CIRCLE, voller: CIRCLE, vollen: CIRCLE, 'whole turn': CIRCLE, entier: CIRCLE, eighth: 6, achtel: 6, achteldrehung: 6, huitieme: 6,
}); // prettier-ignore

export const WAY_WORDS: Readonly<Record<string, Way>> = table({
  clockwise: 'right',
  cw: 'right',
  anticlockwise: 'left',
  'anti clockwise': 'left',
  counterclockwise: 'left',
  'counter clockwise': 'left',
  ccw: 'left',
  rechtsherum: 'right',
  linksherum: 'left',
  rechtsum: 'right',
  linksum: 'left',
});

/** How often, when written before or after a call. */
export const REPEAT_WORDS: Readonly<Record<string, number>> = table({
  once: 1,
  one: 1,
  twice: 2,
  two: 2,
  three: 3,
  four: 4,
  six: 6,
  eight: 8,
  zwei: 2,
  drei: 3,
  vier: 4,
  zweimal: 2,
  dreimal: 3,
  viermal: 4,
  deux: 2,
  trois: 3,
  quatre: 4,
  'deux fois': 2,
  'trois fois': 3,
  'quatre fois': 4,
});

/** Words that carry nothing the weight or the facing depends on. */
export const FILLERS: ReadonlySet<string> = new Set(
  (
    'so the a an to on onto of your you with w and at by for from foot feet make do take taking taken end ends ending slightly slight small large big long ball toes knee hand hands finger fingers ' +
    'arm arms hip hips shoulder shoulders body back-and-forth then up down it same time way transfer change whilst slowly quick travel front into around shin ankle leg travelling round reverse syncopated both circle around slow again clockwise-ly each other apart-ly level lightly weighted style ' +
    'mit und auf den der die das dem am im nach zur zum ueber-kopf fuss ein eine einen herum dabei belasten um beiden beide ballen ende richtung beginnend beginnen hand haende hueften huefte knie von vom bei ' +
    'avec et le la les un une sur au aux du de des en pied pour l d par commencant commencer debut vers dans etwas leicht wenig dabei ganz jeweils angehoben erst wieder klein kleines kleinen stueck mains hanche hanches genou ' +
    'that do very just simply gently softly nicely little tiny short wide it its them this these their while during please lovely nice own whole all also going go come comes coming moving start starting begin beginning finish finishing keep keeping let step-by-step like still only even per each every pose leading until being was has have had been under toward-the natural easy quick quickly smooth smoothly strong ' +
    'nun jetzt langsam schnell kurz locker nochmal noch einmal beim vom zum ans an aufs ins bein beine beinen fuesse fuessen gleichzeitig anschliessend sanft fest kraeftig nur auch wird werden ist sind dein deine deinen ihr eure als so beide zwischen schwung ' +
    'jambe jambes pieds corps doucement lentement vite rapidement encore juste tout toute petit petite fois meme en-meme-temps pendant votre vos tes ton ta les son sa est sont'
  ).split(' '),
);

/** Words after which a side is no foot: `left hand`, `right shoulder`. */
export const BODY_NOUNS: ReadonlySet<string> = new Set([
  'hand',
  'hands',
  'arm',
  'arms',
  'shoulder',
  'hip',
  'hips',
  'knee',
  'finger',
  'fingers',
  'elbow',
  'thigh',
]);

/** What a verb may do something with, so that a foot stands between the two: `drop the right heel`. */
export const BODY_PARTS: ReadonlySet<string> = new Set(
  'heel toe knee hip leg foot ferse fersen hacke hacken spitze spitzen fussspitzen fussspitze knie huefte hueften bein talon genou hanche pointe jambe pied'.split(
    ' ',
  ),
);

/** Small words that may stand between such a verb and its noun. */
export const ARTICLES: ReadonlySet<string> = new Set(
  'the your a to of both and und et den die das der dem ein eine deine nach beide beiden le la les du l d votre'.split(
    ' ',
  ),
);

/** Words that say where the weight is: `weight on L`, `Gewicht am Ende links`, `poids sur PD`. */
export const WEIGHT_NOUNS: ReadonlySet<string> = new Set(['weight', 'wt', 'gewicht', 'poids', 'appui']);

/** Short forms typed for whole words. */
export const ABBREVIATIONS: Readonly<Record<string, string>> = table({
  shuf: 'shuffle', piv: 'pivot', rec: 'recover', jb: 'jazz box', kbc: 'kick ball change', rs: 'rock', ss: 'side shuffle', tch: 'touch',
  nightclub: 'night club', linksdrehung: 'links drehung', rechtsdrehung: 'rechts drehung', halbdrehung: 'halbe drehung', halblinksdrehung: 'halbe links drehung', seitwaertsshuffle: 'seitwaerts shuffle', seitschritte: 'seit schritte', seitshuffle: 'seitwaerts shuffle', rueckrock: 'rueck rock', vorrock: 'vor rock', seitrock: 'seite rock', kreuzschritt: 'kreuzen schritt', seitschritt: 'seite schritt', rueckschritt: 'zurueck schritt', vorschritt: 'vor schritt', touche: 'touch', 'n': 'and', stepping: 'step', stepped: 'step',
}); // prettier-ignore
