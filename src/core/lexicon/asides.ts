/** Words of what is said beside the steps: where one faces, where the weight is. */
import { lexiconOf } from './lexicon';
import { plainLetters } from './letters';

/** Nouns of the weight. */
const WEIGHT = lexiconOf([
  [
    true,
    {
      en: 'weight wt bodyweight weighted unweighted',
      de: 'gewicht körpergewicht belastet unbelastet',
      fr: 'poids pdc',
      nl: 'gewicht',
    },
  ],
]);

/** Words that say of a foot that it bears the weight, without the noun. */
const BEARS = lexiconOf([
  [
    true,
    {
      en: 'heavy heavier planted loaded weighted stand stands standing',
      de: 'belastet steh stehe stehen steht stehend',
      fr: 'pdc appui',
    },
  ],
]);

/** What leads up to it: `taking weight`, `so that your weight`. */
const WEIGHT_LEADS = lexiconOf([
  [
    true,
    {
      en: 'and with taking take takes taken put puts putting your the all so that of keep keeping keeps end ends ending finish finishing finishes transfer transferring transferred shift shifting have having no without leaving leave bears bearing carries carrying full fully then until by please dont',
      de: 'und mit das dem dein euer am ende kein ohne dabei bleibt trägt',
      fr: 'et avec le du ton votre finir en sans mettre garder prendre prend porte reste transfert du',
      nl: 'en met het je zet',
    },
  ],
]);

/** What goes on from it, up to the foot: `weight ends on the left`. */
const WEIGHT_GOES_ON = lexiconOf([
  [
    true,
    {
      en: 'never leaves leave on onto to is ends end stays stay finishes finish finished now the your it over upon at with still in back fully bodyweight foot feet transferred again firmly lands land goes go comes come settles rests rest falls moves shifts passes towards going being ends-up up',
      de: 'zurück vor vorn hinten verlagert wechselt landet landen kommt kommen geht wechselt bleiben ruht lastet fällt dann wieder auf am ende ist bleibt bleib auf dem den der zum nach fuß füßen verlagern liegt nun wieder',
      fr: 'sur est le la les pied pieds à au reste dessus fini finit passe va revient retombe du de corps en',
      nl: 'op is eindigt de het voet blijft',
    },
  ],
]);

/** Before an hour or a wall: `so now you are looking at`. */
const FACING_LEADS = lexiconOf([
  [
    true,
    {
      en: "now you youre you're your are facing face faces looking look see at that thats that's which has have is the still again so back towards toward and here end ends ending finish finishing will be should this takes brings to hello there theres there's of round around on wall",
      de: 'jetzt nun danach dann wir ihr du man schauen schaut blick blickrichtung richtung nach zur zum ist sind auf wieder der die das und gegen',
      fr: 'maintenant face à au vers regard regarde regardez on est vous êtes le la mur et de nouveau',
      nl: 'nu je kijkt kijk naar richting gezicht de het',
    },
  ],
]);

/** Words that a bare number needs before it, to be an hour. */
const FACING_VERBS = lexiconOf([
  [
    true,
    {
      en: "now facing face faces looking look see that's thats hello",
      de: 'jetzt nun schauen schaut blick blickrichtung richtung',
      fr: 'maintenant face regard regarde regardez',
      nl: 'nu kijkt richting',
    },
  ],
]);

const CLOCK = lexiconOf([[true, { en: "oclock o'clock", de: 'uhr', fr: 'h heures heure', nl: 'uur' }]]);

/** Walls by name, as hours of the sheet's own frame; the others have names that only their hall knows. */
const WALLS = lexiconOf<number | null>([
  [12, { en: 'front home', de: 'vorderwand', fr: 'devant', nl: 'voormuur' }],
  [6, { en: 'back', de: 'rückwand', nl: 'achtermuur' }],
  [null, { en: 'side new other starting', de: 'seitenwand', fr: 'côté', nl: 'zijmuur' }],
]);
const WALL = lexiconOf([[true, { en: 'wall walls', de: 'wand', fr: 'mur', nl: 'muur' }]]);

const has =
  (map: ReadonlyMap<string, unknown>) =>
  (word: string): boolean =>
    map.has(plainLetters(word));

export const namesWeight = has(WEIGHT);
/** It says where the weight is, by the noun or by how a foot stands. */
export const saysWeight = (word: string): boolean => namesWeight(word) || BEARS.has(plainLetters(word));
export const leadsToWeight = has(WEIGHT_LEADS);
export const goesOnFromWeight = has(WEIGHT_GOES_ON);
export const leadsToFacing = has(FACING_LEADS);
export const saysFacing = has(FACING_VERBS);
export const namesClock = has(CLOCK);
export const namesWall = has(WALL);
/** The hour of a wall's name; null where the name is no hour; undefined where it is no such name. */
export const hourOfWall = (word: string): number | null | undefined => WALLS.get(plainLetters(word));
