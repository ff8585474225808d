/** German, from memory and common practice in the halls (no source). Figure names mostly stay English, with German grammar around them. */
import { hourOfFacing } from '../../model/turns';
import type { PlaceSaid, WallPick } from '../../grammar/plan-places';
import { joined } from './en';
import type { RepeatSaid, Tongue, TurnSaid } from './tongue';

const WAYS = { right: 'rechts herum', left: 'links herum' } as const;
const SHOULDERS = { right: 'über die rechte Schulter', left: 'über die linke Schulter' } as const;

function turn({ amount, isFull, way, target, isOpen, isTotal, of, wording }: TurnSaid): string {
  const face = target && `Richtung ${target}`;
  const round = way && (wording === 'shoulder' && amount && of !== 'full-turn' ? SHOULDERS[way] : WAYS[way]);
  if (isOpen) return joined('Drehung', of === 'full-turn' ? '' : amount, '?', round, face);
  if (of === 'full-turn' && isFull) return joined(isTotal && 'insgesamt', round, face);
  const says = of === 'turn' || isFull || (of === 'figure' && wording !== 'short') || isTotal;
  const how = isFull ? (of === 'figure' && !isTotal ? 'ganzer' : 'ganze') : amount;
  const words = joined(how, says && 'Drehung', round, face);
  if (isTotal) return `insgesamt ${words}`;
  return of === 'figure' && says ? `mit ${words}` : words;
}

function pick(walls: WallPick): string {
  switch (walls.kind) {
    case 'walls':
      return de.wall(walls.numbers.join(', '), walls.numbers.length === 1);
    case 'every':
      if (walls.step === 1) return 'jede Wand';
      if (walls.step === 2) return walls.first === 1 ? 'ungerade Wände' : 'gerade Wände';
      return `jede ${walls.step}. Wand`;
    case 'starting':
      return `Wände mit Beginn ${hourOfFacing(walls.facing)}`;
    case 'part':
      return walls.numbers
        ? `${walls.numbers.map((number) => `${number}.`).join(', ')} ${walls.part}`
        : `jedes ${walls.part}`;
    case 'last':
      return 'letzte Wand';
    case 'unsaid':
      return 'Wand ?';
  }
}

function place(said: PlaceSaid): string {
  switch (said.kind) {
    case 'count': {
      const and = said.and === 'with' ? '&' : said.and === 'without' ? ' (ohne &)' : '';
      return said.section === undefined
        ? `nach ${said.count}${and}`
        : `nach Abschnitt ${said.section} Count ${said.count}${and}`;
    }
    case 'section':
      return `nach Abschnitt ${said.section}`;
    case 'words':
      return `nach dem ${said.words}`;
    case 'here':
      return 'hier';
    case 'end':
      return 'am Ende';
  }
}

const repeat = ({ section, counts, first, last, times, isMirrored, lead }: RepeatSaid): string =>
  joined(
    'Wiederhole',
    section !== undefined && `Abschnitt ${section}`,
    counts && `${section !== undefined ? 'Counts ' : ''}${counts}`,
    first && `die ersten ${first} Counts`,
    last !== undefined && `die letzten ${last} Counts`,
    isMirrored && 'gegengleich',
    lead && `beginnend ${lead}`,
    times === 2 ? 'zweimal' : times > 2 && `${times} mal`,
  );

export const de: Tongue = {
  language: 'de',
  title: 'Deutsch',
  sides: {
    letters: { R: 'R', L: 'L' },
    words: { R: 'rechts', L: 'links' },
    feet: { R: 'RF', L: 'LF' },
  },
  directions: {
    forward: 'vor',
    back: 'zurück',
    side: 'zur Seite',
    cross: 'gekreuzt',
    behind: 'hinten gekreuzt',
    together: 'daneben',
    place: 'am Platz',
    'diagonal forward': 'schräg vor',
    'diagonal back': 'schräg zurück',
    lock: 'eingekreuzt',
    out: 'nach außen',
    in: 'nach innen',
  },
  shortDirections: {},
  fractions: { 6: 'achtel', 12: 'viertel', 24: 'halbe', 36: 'dreiviertel' },
  keepsCapitals: true,
  and: ' und ',
  over: (side) => `über ${side}`,
  behind: (side) => `hinter ${side}`,
  starting: (direction) => `beginnend ${direction}`,
  stepping: (sides) => `setzend ${sides}`,
  onCount: (count) => `auf ${count}`,
  firstCounts: (counts) => `, erste ${counts} Counts`,
  turn,
  turnTellsItself: true,
  weight: (side) => `Gewicht ${side}`,
  both: 'beide',
  noWeight: 'ohne Gewicht',
  wall: (numbers, isOne) => `${isOne ? 'Wand' : 'Wände'} ${numbers}`,
  endOf: (numbers, isOne) => `am Ende von ${isOne ? 'Wand' : 'Wänden'} ${numbers}`,
  walls: (count) => `${count} ${count === 1 ? 'Wand' : 'Wände'}`,
  repeat,
  heading: {
    section: (number) => `Abschnitt ${number}`,
    copy: (of, isMirrored) => `Abschnitt ${of}${isMirrored ? ' gespiegelt' : ''}`,
    counts: (counts) => `${counts} Counts`,
    words: {
      part: 'Teil',
      tag: 'Tag',
      option: 'Option',
      ending: 'Ende',
      figure: 'Figur',
      plan: 'Plan',
      song: 'Lied',
      lesson: 'Stunde',
    },
    to: 'bis',
    count: 'Count',
  },
  keys: {
    music: 'Musik',
    tempo: 'Tempo',
    intro: 'Intro',
    start: 'Start',
    level: 'Level',
    walls: 'Wände',
    counts: 'Counts',
    author: 'Choreografie',
    date: 'Datum',
    section: 'Abschnitt',
    style: 'Stil',
    hall: 'Halle',
    notes: 'Hinweise',
  },
  levels: {
    beginner: 'Anfänger',
    improver: 'Fortgeschrittene Anfänger',
    intermediate: 'Mittelstufe',
    advanced: 'Fortgeschrittene',
  },
  plan: {
    pick,
    place,
    restart: 'Restart',
    ending: 'Ende',
    tag: 'Tag',
    order: 'Reihenfolge',
    then: 'dann',
    change: (range, steps) => `ändere ${range} zu ${steps}`,
    note: 'Hinweis',
    none: 'Keine Tags, keine Restarts.',
  },
  colon: ':',
};
