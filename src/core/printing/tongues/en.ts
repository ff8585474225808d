import { hourOfFacing } from '../../model/turns';
import type { PlaceSaid, WallPick } from '../../grammar/plan-places';
import type { RepeatSaid, Tongue, TurnSaid } from './tongue';

function turn({ amount, isFull, way, target, isOpen, isTotal, of, wording }: TurnSaid): string {
  const face = target && `to face ${target}`;
  const own = of === 'full-turn' && isFull ? '' : amount;
  const whole = isFull && of === 'figure' ? 'full turn' : own;
  if (isOpen) return joined('turn', own, '?', way, face);
  if (wording === 'shoulder' && way && amount && of !== 'full-turn') {
    const word = of === 'figure' ? 'turn ' : '';
    return joined(isTotal && 'making', `${amount} ${word}over ${way} shoulder`, face);
  }
  const words = joined(whole, way, face);
  if (isTotal) return `making ${words}`;
  return of !== 'figure' || wording === 'short' ? words : `turning ${words}`;
}

/** Words with one space between, the empty ones left out. */
export const joined = (...words: (string | false | undefined)[]): string => words.filter(Boolean).join(' ');

function pick(walls: WallPick): string {
  switch (walls.kind) {
    case 'walls':
      return en.wall(walls.numbers.join(', '), walls.numbers.length === 1);
    case 'every':
      if (walls.step === 1) return 'every wall';
      if (walls.step === 2) return walls.first === 1 ? 'odd walls' : 'even walls';
      return `every ${ordinalWords(walls.step)} wall`;
    case 'starting':
      return `walls starting ${hourOfFacing(walls.facing)}`;
    case 'part':
      return walls.numbers ? `${walls.numbers.map(ordinalWords).join(', ')} ${walls.part}` : `every ${walls.part}`;
    case 'last':
      return 'last wall';
    case 'unsaid':
      return 'wall ?';
  }
}

const ENDINGS: Readonly<Record<number, string>> = { 1: 'st', 2: 'nd', 3: 'rd' };

/** `3rd`. */
export const ordinalWords = (number: number): string =>
  `${number}${number % 100 >= 11 && number % 100 <= 13 ? 'th' : (ENDINGS[number % 10] ?? 'th')}`;

function place(said: PlaceSaid): string {
  switch (said.kind) {
    case 'count': {
      const and = said.and === 'with' ? '&' : said.and === 'without' ? ' (no &)' : '';
      return said.section === undefined
        ? `after ${said.count}${and}`
        : `after section ${said.section} count ${said.count}${and}`;
    }
    case 'section':
      return `after section ${said.section}`;
    case 'words':
      return `after the ${said.words}`;
    case 'here':
      return 'here';
    case 'end':
      return 'at the end';
  }
}

const repeat = ({ section, counts, first, last, times, isMirrored, lead }: RepeatSaid): string =>
  joined(
    'Repeat',
    section !== undefined && `section ${section}`,
    counts && `${section !== undefined ? 'counts ' : ''}${counts}`,
    first && `first ${first} counts`,
    last !== undefined && `last ${last} counts`,
    isMirrored && 'on the other foot',
    lead && `leading ${lead}`,
    times === 2 ? 'twice' : times > 2 && `${times} times`,
  );

export const en: Tongue = {
  language: 'en',
  title: 'English',
  sides: {
    letters: { R: 'R', L: 'L' },
    words: { R: 'right', L: 'left' },
    feet: { R: 'RF', L: 'LF' },
  },
  directions: {
    forward: 'forward',
    back: 'back',
    side: 'side',
    cross: 'across',
    behind: 'behind',
    together: 'together',
    place: 'in place',
    'diagonal forward': 'diagonally forward',
    'diagonal back': 'diagonally back',
    lock: 'locked',
    out: 'out',
    in: 'in',
  },
  shortDirections: {
    forward: 'fwd',
    together: 'tog',
    'diagonal forward': 'diag fwd',
    'diagonal back': 'diag back',
  },
  fractions: { 6: 'eighth', 12: 'quarter', 24: 'half', 36: 'three quarter' },
  keepsCapitals: false,
  and: ' and ',
  over: (side) => `over ${side}`,
  behind: (side) => `behind ${side}`,
  starting: (direction) => `starting ${direction}`,
  stepping: (sides) => `stepping ${sides}`,
  onCount: (count) => `on ${count}`,
  firstCounts: (counts) => `, first ${counts} counts`,
  turn,
  turnTellsItself: false,
  weight: (side) => `weight ${side}`,
  both: 'both',
  noWeight: 'no weight',
  wall: (numbers, isOne) => `${isOne ? 'wall' : 'walls'} ${numbers}`,
  endOf: (numbers, isOne) => `at the end of ${isOne ? 'wall' : 'walls'} ${numbers}`,
  walls: (count) => `${count} ${count === 1 ? 'wall' : 'walls'}`,
  repeat,
  heading: {
    section: (number) => `Section ${number}`,
    copy: (of, isMirrored) => `Section ${of}${isMirrored ? ' mirrored' : ''}`,
    counts: (counts) => `${counts} counts`,
    words: {
      part: 'Part',
      tag: 'Tag',
      option: 'Option',
      ending: 'Ending',
      figure: 'Figure',
      plan: 'Plan',
      song: 'Song',
      lesson: 'Lesson',
    },
    to: 'to',
    count: 'count',
  },
  keys: {
    music: 'music',
    tempo: 'tempo',
    intro: 'intro',
    start: 'start',
    level: 'level',
    walls: 'walls',
    counts: 'counts',
    author: 'author',
    date: 'date',
    section: 'section',
    style: 'style',
    hall: 'hall',
    notes: 'notes',
  },
  levels: { beginner: 'beginner', improver: 'improver', intermediate: 'intermediate', advanced: 'advanced' },
  plan: {
    pick,
    place,
    restart: 'restart',
    ending: 'ending',
    tag: 'tag',
    order: 'order',
    then: 'then',
    change: (range, steps) => `change ${range} to ${steps}`,
    note: 'note',
    none: 'No tags, no restarts.',
  },
  colon: ':',
};
