/** French, from memory and common practice in the halls (no source). */
import { amountWords, CIRCLE, hourOfFacing, wayOfTurn, type Turn } from '../../model/turns';
import type { WallPlan } from '../../walls/wall';
import type { SheetWords } from './words';

const turned = (turn: Turn): string =>
  `${Math.abs(turn) === CIRCLE ? "d'un tour complet" : `de ${amountWords(turn)} de tour`} à ${wayOfTurn(turn) === 'right' ? 'droite' : 'gauche'}`;

const wall = (turn: Turn): string => (turn === 0 ? 'un mur ne tourne pas' : `un mur tourne ${turned(turn)}`);
const walls = (count: number): string => `${count} ${count === 1 ? 'mur' : 'murs'}`;
const large = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
const side = (weight: string): string => (weight === 'R' ? 'D' : 'G');

function explained({ wallsNet, wallsDanced, netTurn, order, walls: table }: WallPlan): string {
  if (table.length === 0) return '';
  const end = hourOfFacing(table[table.length - 1].end);
  if (order?.entry)
    return `${table.filter(({ kind }) => kind === 'part').length} parties sont dansées, au départ de ${walls(wallsDanced)} ; le tout finit face à ${end}.`;
  const turn = large(wall(netTurn));
  if (wallsNet === wallsDanced) return `${turn}, ce qui donne ${walls(wallsDanced)}.`;
  return `${turn}, ce qui donnerait ${walls(wallsNet ?? 0)}. On danse au départ de ${walls(wallsDanced)}.`;
}

export const fr: SheetWords = {
  language: 'fr',
  untitled: 'Danse sans titre',
  letters: { R: 'D', L: 'G' },
  labels: {
    counts: 'Temps',
    walls: 'Murs',
    start: 'Départ',
    level: 'Niveau',
    music: 'Musique',
    tempo: 'Tempo',
    intro: 'Intro',
    author: 'Par',
    date: 'Date',
    notes: 'Remarques',
  },
  columns: { counts: 'Temps', call: 'Pas', feet: 'Pieds', weight: 'Poids après', facing: 'Face à' },
  wallColumns: {
    title: 'Murs',
    wall: 'mur',
    starts: 'commence',
    counts: 'temps',
    happens: 'ce qui arrive',
    ends: 'finit',
  },
  section: (number, part) => (part ? `Partie ${part}, section ${number}` : `Section ${number}`),
  tag: (name) => `Tag ${name}`.trim(),
  counts: (counts) => `${counts} temps`,
  endsFacing: (hour, weight) =>
    `finit face à ${hour}${weight === 'L' || weight === 'R' ? `, poids sur ${side(weight)}` : ''}`,
  forWall: (number, start, end) => `Mur ${number}, de ${start} à ${end}`,
  start: (weight) =>
    weight === 'both'
      ? 'poids sur les deux pieds'
      : weight === 'unknown'
        ? ''
        : `poids sur ${side(weight)}, départ ${weight === 'L' ? 'D' : 'G'}`,
  startAfter: (counts, onVocal) => `départ après ${counts} temps${onVocal ? ', sur le chant' : ''}`,
  walls: ({ wallsNet, wallsDanced, order }, netTurn) => {
    if (order?.entry) return `en parties, au départ de ${walls(wallsDanced)}`;
    const danced =
      wallsNet === null || wallsNet === wallsDanced
        ? String(wallsDanced)
        : `${wallsDanced} dansés, ${wallsNet} par la rotation`;
    return `${danced} (${wall(netTurn)})`;
  },
  inShort: ({ wallsDanced }) => walls(wallsDanced),
  explained,
  takeCare: 'Prudence',
  cautions: {
    turning:
      'Tourner sur les plantes, talons levés, avec des chaussures qui glissent ; un pied planté tord le genou. Proposer une option sans tour. Qui a mal aux genoux ou a des vertiges la prend, et demande conseil à un médecin ou à un kinésithérapeute.',
    landing:
      'Se recevoir et frapper en douceur, genoux pliés, moins fort sur un sol dur ; une touche sur le même temps ménage les articulations. Qui a mal au dos ou aux articulations la prend, et demande conseil à un médecin ou à un kinésithérapeute.',
    bending:
      'Plier seulement autant que le confort le permet ; rester droit sur les mêmes temps convient. Qui a mal aux genoux, aux hanches ou au dos demande conseil à un médecin ou à un kinésithérapeute.',
    backing: 'Regarder derrière soi avant de reculer dans la foule, et faire de petits pas.',
  },
  page: (number, of) => `page ${number} sur ${of}`,
  revision: (name) => `version ${name}`,
  asTyped: 'Les mots en italique sont tels que leur auteur les a écrits.',
  noTags: 'Ni tag, ni restart.',
  facing: (hour) => `face à ${hour}`,
  happens: {
    tag: 'tag',
    atEnd: 'à la fin',
    facing: (hour) => `face à ${hour}`,
    fromCount: (count) => `à partir du temps ${count}`,
    ending: 'finale',
    then: 'puis',
    ends: 'la danse finit',
    cut: 'coupure',
    restart: 'restart',
    after: (counts, isHalf, place) => {
      const words = `après ${counts}${isHalf ? '&' : ' temps'}`;
      if (!place) return words;
      return `${words} (${place.isWhole ? `fin de la section ${place.section}` : `${place.counts} temps dans la section ${place.section}`})`;
    },
  },
};
