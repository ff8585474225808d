/** German, from memory and common practice in the halls (no source). */
import { amountWords, CIRCLE, hourOfFacing, wayOfTurn, type Turn } from '../../model/turns';
import type { WallPlan } from '../../walls/wall';
import type { SheetWords } from './words';

const turned = (turn: Turn): string =>
  `${Math.abs(turn) === CIRCLE ? 'eine ganze Drehung' : amountWords(turn)} ${wayOfTurn(turn) === 'right' ? 'rechts' : 'links'} herum`;

const wall = (turn: Turn): string => (turn === 0 ? 'eine Wand dreht nicht' : `eine Wand dreht ${turned(turn)}`);
const walls = (count: number): string => `${count} ${count === 1 ? 'Wand' : 'Wände'}`;
const fromWalls = (count: number): string => `${count} ${count === 1 ? 'Wand' : 'Wänden'}`;
const large = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

function explained({ wallsNet, wallsDanced, netTurn, order, walls: table }: WallPlan): string {
  if (table.length === 0) return '';
  const end = hourOfFacing(table[table.length - 1].end);
  if (order?.entry)
    return `${table.filter(({ kind }) => kind === 'part').length} Teile werden getanzt, von ${fromWalls(wallsDanced)} aus; das Ganze endet Richtung ${end}.`;
  const turn = large(wall(netTurn));
  if (wallsNet === wallsDanced) return `${turn}; das ergibt ${walls(wallsDanced)}.`;
  return `${turn}; das allein ergäbe ${walls(wallsNet ?? 0)}. Getanzt wird von ${fromWalls(wallsDanced)} aus.`;
}

export const de: SheetWords = {
  language: 'de',
  untitled: 'Tanz ohne Namen',
  letters: { R: 'R', L: 'L' },
  labels: {
    counts: 'Counts',
    walls: 'Wände',
    start: 'Start',
    level: 'Level',
    music: 'Musik',
    tempo: 'Tempo',
    intro: 'Intro',
    author: 'Von',
    date: 'Datum',
    notes: 'Hinweise',
  },
  columns: { counts: 'Counts', call: 'Schritte', feet: 'Füße', weight: 'Gewicht danach', facing: 'Richtung' },
  wallColumns: {
    title: 'Wände',
    wall: 'Wand',
    starts: 'beginnt',
    counts: 'Counts',
    happens: 'was geschieht',
    ends: 'endet',
  },
  section: (number, part) => (part ? `Teil ${part}, Abschnitt ${number}` : `Abschnitt ${number}`),
  tag: (name) => `Tag ${name}`.trim(),
  counts: (counts) => (counts === 1 ? '1 Count' : `${counts} Counts`),
  endsFacing: (hour, weight) =>
    `endet Richtung ${hour}${weight === 'L' || weight === 'R' ? `, Gewicht auf ${weight}` : ''}`,
  forWall: (number, start, end) => `Wand ${number}, von ${start} bis ${end}`,
  start: (weight) =>
    weight === 'both'
      ? 'Gewicht auf beiden Füßen'
      : weight === 'unknown'
        ? ''
        : `Gewicht auf ${weight}, ${weight === 'L' ? 'R' : 'L'} beginnt`,
  startAfter: (counts, onVocal) => `Start nach ${counts} Zählzeiten${onVocal ? ', mit dem Gesang' : ''}`,
  walls: ({ wallsNet, wallsDanced, order }, netTurn) => {
    if (order?.entry) return `in Teilen, von ${fromWalls(wallsDanced)} aus`;
    const danced =
      wallsNet === null || wallsNet === wallsDanced
        ? String(wallsDanced)
        : `${wallsDanced} getanzt, ${wallsNet} nach der Drehung`;
    return `${danced} (${wall(netTurn)})`;
  },
  inShort: ({ wallsDanced }) => walls(wallsDanced),
  explained,
  takeCare: 'Bitte achtgeben',
  cautions: {
    turning:
      'Auf den Ballen drehen, Fersen angehoben, in Schuhen, die gleiten; ein feststehender Fuß verdreht das Knie. Einen Weg ohne Drehung anbieten. Wer Kniebeschwerden hat oder wem schwindlig wird, nimmt ihn und fragt in der Arztpraxis oder Physiotherapie nach.',
    landing:
      'Weich und mit gebeugten Knien landen und stampfen, auf hartem Boden weniger; ein Tippen auf denselben Count schont. Wer Gelenk- oder Rückenbeschwerden hat, nimmt es und fragt in der Arztpraxis oder Physiotherapie nach.',
    bending:
      'Nur so tief beugen, wie es angenehm ist; aufrecht auf dieselben Counts ist gut so. Wer Knie-, Hüft- oder Rückenbeschwerden hat, fragt in der Arztpraxis oder Physiotherapie nach.',
    backing: 'Vor Rückwärtsschritten im Gedränge umsehen und kleine Schritte machen.',
  },
  page: (number, of) => `Seite ${number} von ${of}`,
  revision: (name) => `Fassung ${name}`,
  asTyped: 'Kursives steht so, wie es geschrieben wurde.',
  noTags: 'Keine Tags, keine Restarts.',
  facing: (hour) => `Richtung ${hour}`,
  happens: {
    tag: 'Tag',
    atEnd: 'am Ende',
    facing: (hour) => `Richtung ${hour}`,
    fromCount: (count) => `ab Count ${count}`,
    ending: 'Ende',
    then: 'dann',
    ends: 'der Tanz endet',
    cut: 'Abbruch',
    restart: 'Restart',
    after: (counts, isHalf, place) => {
      const words = `nach ${counts}${isHalf ? '&' : ' Counts'}`;
      if (!place) return words;
      return `${words} (${place.isWhole ? `Ende von Abschnitt ${place.section}` : `${place.counts} Counts in Abschnitt ${place.section}`})`;
    },
  },
};
