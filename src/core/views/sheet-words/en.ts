import { turnWords } from '../../model/turns';
import { wallsExplained, wallsInShort } from '../../walls/words';
import type { SheetWords } from './words';

export const en: SheetWords = {
  language: 'en',
  untitled: 'Untitled dance',
  letters: { R: 'R', L: 'L' },
  labels: {
    counts: 'Counts',
    walls: 'Walls',
    start: 'Start',
    level: 'Level',
    music: 'Music',
    tempo: 'Tempo',
    intro: 'Intro',
    author: 'By',
    date: 'Date',
    notes: 'Notes',
  },
  columns: { counts: 'Counts', call: 'Call', feet: 'Feet', weight: 'Weight after', facing: 'Facing' },
  wallColumns: {
    title: 'Walls',
    wall: 'wall',
    starts: 'starts',
    counts: 'counts',
    happens: 'what happens',
    ends: 'ends',
  },
  section: (number, part) => (part ? `Part ${part}, section ${number}` : `Section ${number}`),
  tag: (name) => `Tag ${name}`.trim(),
  counts: (counts) => (counts === 1 ? '1 count' : `${counts} counts`),
  endsFacing: (hour, weight) => `ends facing ${hour}${weight === 'L' || weight === 'R' ? `, weight on ${weight}` : ''}`,
  forWall: (number, start, end) => `Wall ${number}, from ${start} to ${end}`,
  start: (weight) =>
    weight === 'both'
      ? 'weight on both feet'
      : weight === 'unknown'
        ? ''
        : `weight on ${weight}, ${weight === 'L' ? 'R' : 'L'} leads`,
  startAfter: (counts, onVocal) => `start after ${counts} counts${onVocal ? ', on the vocal' : ''}`,
  walls: (plan, netTurn) => {
    const short = wallsInShort(plan).replace(/ walls?\b/, '');
    return plan.order?.entry
      ? short
      : `${short} (a wall ${netTurn === 0 ? 'does not turn' : `turns ${turnWords(netTurn)}`})`;
  },
  inShort: wallsInShort,
  explained: wallsExplained,
  takeCare: 'Take care',
  cautions: {
    turning:
      'Turn on the balls of the feet, heels lifted, in shoes that slide; a planted foot twists the knee. Offer a way without the turn. Anyone with knee trouble or dizziness takes it, and asks a doctor or physiotherapist.',
    landing:
      'Land and stomp softly with bent knees, less on hard floors; a touch on the same count is the low-impact way. Anyone with joint or back trouble takes it, and asks a doctor or physiotherapist.',
    bending:
      'Bend only as far as is comfortable; standing tall on the same counts is fine. Anyone with knee, hip or back trouble asks a doctor or physiotherapist.',
    backing: 'Look behind before backing in a crowd, and keep the steps small.',
  },
  page: (number, of) => `page ${number} of ${of}`,
  revision: (name) => `revision ${name}`,
  asTyped: 'Words in italics stand as they were written.',
  noTags: 'No tags, no restarts.',
  facing: (hour) => `facing ${hour}`,
  happens: {
    tag: 'tag',
    atEnd: 'at the end',
    facing: (hour) => `facing ${hour}`,
    fromCount: (count) => `from count ${count}`,
    ending: 'ending',
    then: 'then',
    ends: 'the dance ends',
    cut: 'cut',
    restart: 'restart',
    after: (counts, isHalf, place) => {
      const words = `after ${counts}${isHalf ? '&' : ' counts'}`;
      if (!place) return words;
      const into = place.isWhole
        ? `the end of section ${place.section}`
        : `${place.counts} counts into section ${place.section}`;
      return `${words} (${into})`;
    },
  },
};
