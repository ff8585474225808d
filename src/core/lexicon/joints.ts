/** The smallest words of a step line by what they do: they join, point, and tell apart. A role is a row, a language a column. */
import { wordsOf, type Words } from './lexicon';
import { plainLetters } from './letters';

const ROLES = {
  /** Ends a call. */
  then: { en: 'then', de: 'dann', fr: 'puis', nl: 'dan' },
  /** Dutch "en" is left out: in French it opens places, `en avant`. */
  and: { en: 'and', de: 'und', fr: 'et' },
  with: { en: 'with', de: 'mit', fr: 'avec', nl: 'met' },
  /** Before the foot or the place that something goes to. */
  to: { en: 'to', de: 'nach zu zum', fr: 'à vers', nl: 'naar' },
  /** Before a count. */
  on: { en: 'on count counts', de: 'auf bei', fr: 'sur', nl: 'op' },
  at: { en: 'at', de: 'im zu' },
  /** Between a verb and the name that says the same: `swing it in a kick`. */
  purpose: { en: 'to in into', de: 'zum', fr: 'pour' },
  article: { en: 'the a an your', de: 'den dem der die das ein eine einer von vom', fr: 'le la du de un une', nl: 'de het een' },
  /** `to the side`: no "side bump" follows. */
  definite: { en: 'the that one' },
  over: { en: 'over', de: 'über', nl: 'over' },
  /** What stands behind is passed or reached: `cross R over L`. */
  object: { en: 'towards toward over across behind beside next_to in_front_of in_front', de: 'hinter neben über', fr: 'derrière croisé_derrière par_dessus à_côté près', nl: 'achter naast over voorlangs achterlangs' },
  /** In front of a foot these are across: `croiser D devant G`, `R vor dem linken Fuß kreuzen`. */
  'in-front': { de: 'vor', fr: 'devant', nl: 'voor' },
  'in-front-said': { en: 'in_front' },
  /** Behind a foot it passes there; alone it goes back. */
  'behind-or-back': { nl: 'achter' },
  towards: { en: 'toward towards' },
  facing: { en: 'face facing', nl: 'richting' },
  /** `three times`. */
  times: { en: 'time times', de: 'mal', fr: 'fois', nl: 'keer maal' },
  count: { en: 'count counts beat beats', de: 'taktschlag taktschläge schläge zählzeiten', fr: 'temps compte comptes', nl: 'tel tellen' },
  first: { en: 'first', de: 'erste ersten', nl: 'eerste' },
  /** `2 premiers temps` */
  'first-behind': { fr: 'premier premiers' },
  foot: { en: 'foot', de: 'fuß', nl: 'voet' },
  side: { en: 'side diagonal', de: 'seite', nl: 'zij schuin' },
  wall: { en: 'wall', de: 'wand', fr: 'mur', nl: 'muur' },
  turn: { en: 'turn turning pivot', de: 'drehung drehen', fr: 'tour tourner', nl: 'draai draaien' },
  /** `vine left, turning a quarter`: a turn that goes on while something else is danced. */
  riding: { en: 'turning rotating' },
  /** `with the turn`: the one that was said. */
  during: { en: 'with during on', de: 'mit bei', fr: 'avec', nl: 'met' },
  shoulder: { en: 'shoulder shoulders', de: 'schulter', nl: 'schouder' },
  /** `par l'épaule gauche`: the noun comes first. */
  'shoulder-first': { fr: 'épaule' },
  'before-shoulder': { fr: 'par' },
  /** The foot that was named last: `bring it home`. */
  it: { en: 'it', de: 'ihn diesen', nl: 'hem' },
  /** `then the same to the right`. */
  same: { en: 'repeat another same mirror ditto', de: 'wiederholen gleiche dasselbe selbe', fr: 'répéter même idem pareil', nl: 'herhaal hetzelfde zelfde' },
  other: { en: 'other opposite reverse mirrored', de: 'andere anderen anderer', fr: 'autre', nl: 'andere' },
  /** The turn that is said is the sum over several goes. */
  total: { en: 'make', de: 'insgesamt', fr: 'tout', nl: 'totaal' },
  /** Words of directions and turns that say nothing alone. */
  nothing: { en: 'over face square count' },
  /** `links herum`: said with the way. */
  round: { de: 'herum' },
  /** `auf beiden Ballen` */
  balls: { de: 'ballen' },
  both: { de: 'beide beiden' },
  /** Verbs of weight that only touch when they name a part of the foot: `place the right toes forward`. */
  puts: { en: 'place put set press', de: 'aufsetzen', fr: 'poser pose placer', nl: 'zet zetten' },
  /** Parts of the foot that one stands on. */
  bearer: { en: 'ball heel toe' },
  /** `on the ball of the right`: between them. */
  'before-bearer': { en: 'the your', de: 'dem den', fr: 'le la' },
  onto: { en: 'on onto', de: 'auf', fr: 'sur', nl: 'op' },
  'of-bearer': { en: 'of the foot your it that', de: 'des vom', fr: 'du' },
  /** Hands hold it: `hold the rail`. */
  hold: { en: 'hold holds holding', de: 'halten halte' },
  'before-thing': { en: 'the your onto', de: 'den die das' },
  /** Nothing that hands hold. */
  'no-thing': { en: 'count counts beat beats pose last next position weight' },
  step: { en: 'step stand' },
  down: { en: 'down' },
  home: { en: 'home' },
  rock: { en: 'rock rocks rocking rocked' },
} as const satisfies Readonly<Record<string, Words>>; // prettier-ignore

export type Role = keyof typeof ROLES;

const WORDS = Object.fromEntries(
  Object.entries(ROLES).map(([role, words]) => [
    role,
    new Set(wordsOf(words).map((word) => plainLetters(word.replaceAll('_', ' ')))),
  ]),
) as unknown as Readonly<Record<Role, ReadonlySet<string>>>;

/** Whether a word in plain letters plays a role. */
export const says = (role: Role, word: string | undefined): boolean => word !== undefined && WORDS[role].has(word);
