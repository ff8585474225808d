/** French, from memory and common practice in the halls (no source); D and G for right and left, PD and PG for the feet. */
import { hourOfFacing } from '../../model/turns';
import type { PlaceSaid, WallPick } from '../../grammar/plan-places';
import { joined } from './en';
import type { RepeatSaid, Tongue, TurnSaid } from './tongue';

const WAYS = { right: 'à droite', left: 'à gauche' } as const;
const SHOULDERS = { right: "par l'épaule droite", left: "par l'épaule gauche" } as const;

function turn({ amount, isFull, way, target, isOpen, isTotal, of, wording }: TurnSaid): string {
  const face = target && `face à ${target}`;
  const round = way && (wording === 'shoulder' && amount && of !== 'full-turn' ? SHOULDERS[way] : WAYS[way]);
  if (isOpen) return joined('tour', of === 'full-turn' ? '' : amount, '?', round, face);
  if (of === 'full-turn' && isFull) return joined(isTotal && 'en tout', round, face);
  const says = of === 'turn' || (of === 'figure' && wording !== 'short') || isTotal;
  const how = isFull ? 'tour complet' : amount && says ? `${amount} de tour` : says ? 'tour' : amount;
  const words = joined(how, round, face);
  if (isTotal) return `en tout ${words}`;
  return of === 'figure' && says ? `avec ${words}` : words;
}

function pick(walls: WallPick): string {
  switch (walls.kind) {
    case 'walls':
      return fr.wall(walls.numbers.join(', '), walls.numbers.length === 1);
    case 'every':
      if (walls.step === 1) return 'chaque mur';
      if (walls.step === 2) return walls.first === 1 ? 'murs impairs' : 'murs pairs';
      return `chaque ${ordinal(walls.step)} mur`;
    case 'starting':
      return `murs commençant à ${hourOfFacing(walls.facing)}`;
    case 'part':
      return walls.numbers ? `${walls.numbers.map(ordinal).join(', ')} ${walls.part}` : `chaque ${walls.part}`;
    case 'last':
      return 'dernier mur';
    case 'unsaid':
      return 'mur ?';
  }
}

const ordinal = (number: number): string => (number === 1 ? '1er' : `${number}e`);

function place(said: PlaceSaid): string {
  switch (said.kind) {
    case 'count': {
      const and = said.and === 'with' ? '&' : said.and === 'without' ? ' (sans &)' : '';
      return said.section === undefined
        ? `après ${said.count}${and}`
        : `après section ${said.section} temps ${said.count}${and}`;
    }
    case 'section':
      return `après section ${said.section}`;
    case 'words':
      return `après le ${said.words}`;
    case 'here':
      return 'ici';
    case 'end':
      return 'à la fin';
  }
}

const repeat = ({ section, counts, first, last, times, isMirrored, lead }: RepeatSaid): string =>
  joined(
    'Répéter',
    section !== undefined && `section ${section}`,
    counts && `${section !== undefined ? 'temps ' : ''}${counts}`,
    first && `les ${first} premiers temps`,
    last !== undefined && `les ${last} derniers temps`,
    isMirrored && "de l'autre pied",
    lead && `en commençant ${lead}`,
    times === 2 ? 'deux fois' : times > 2 && `${times} fois`,
  );

export const fr: Tongue = {
  language: 'fr',
  title: 'Français',
  sides: {
    letters: { R: 'D', L: 'G' },
    words: { R: 'droite', L: 'gauche' },
    feet: { R: 'PD', L: 'PG' },
  },
  directions: {
    forward: 'avant',
    back: 'arrière',
    side: 'de côté',
    cross: 'croisé devant',
    behind: 'derrière',
    together: 'ensemble',
    place: 'sur place',
    'diagonal forward': 'en diagonale avant',
    'diagonal back': 'en diagonale arrière',
    lock: 'verrouillé',
    out: 'écarté',
    in: 'au centre',
  },
  shortDirections: { 'diagonal forward': 'diag avant', 'diagonal back': 'diag arrière' },
  fractions: { 6: 'huitième', 12: 'quart', 24: 'demi', 36: 'trois quarts' },
  keepsCapitals: false,
  and: ' et ',
  over: (side) => `devant ${side}`,
  behind: (side) => `derrière ${side}`,
  starting: (direction) => `en commençant ${direction}`,
  stepping: (sides) => `posant ${sides}`,
  onCount: (count) => `sur ${count}`,
  firstCounts: (counts) => `, ${counts} premiers temps`,
  turn,
  turnTellsItself: true,
  weight: (side) => `poids ${side}`,
  both: 'deux',
  noWeight: 'sans poids',
  wall: (numbers, isOne) => `${isOne ? 'mur' : 'murs'} ${numbers}`,
  endOf: (numbers, isOne) => `à la fin ${isOne ? 'du mur' : 'des murs'} ${numbers}`,
  walls: (count) => `${count} ${count === 1 ? 'mur' : 'murs'}`,
  repeat,
  heading: {
    section: (number) => `Section ${number}`,
    copy: (of, isMirrored) => `Section ${of}${isMirrored ? ' en miroir' : ''}`,
    counts: (counts) => `${counts} temps`,
    words: {
      part: 'Partie',
      tag: 'Tag',
      option: 'Option',
      ending: 'Finale',
      figure: 'Figure',
      plan: 'Plan',
      song: 'Chanson',
      lesson: 'Leçon',
    },
    to: 'à',
    count: 'temps',
  },
  keys: {
    music: 'musique',
    tempo: 'tempo',
    intro: 'intro',
    start: 'départ',
    level: 'niveau',
    walls: 'murs',
    counts: 'temps',
    author: 'chorégraphie',
    date: 'date',
    section: 'section',
    style: 'style',
    hall: 'salle',
    notes: 'remarques',
  },
  levels: { beginner: 'débutant', improver: 'novice', intermediate: 'intermédiaire', advanced: 'avancé' },
  plan: {
    pick,
    place,
    restart: 'restart',
    ending: 'finale',
    tag: 'tag',
    order: 'ordre',
    then: 'puis',
    change: (range, steps) => `changer ${range} en ${steps}`,
    note: 'remarque',
    none: 'Ni tag, ni restart.',
  },
  colon: ' :',
};
