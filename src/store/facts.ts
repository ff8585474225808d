import { isAlarm, LONGEST_LIVE_TEXT, sequencesOf, studyText, tempoOf, wallsOf } from '../core';
import { diedOf, guarded } from './reading';
import type { DanceRecord } from './records';

export type DerivedFacts = Pick<
  DanceRecord,
  'title' | 'counts' | 'walls' | 'level' | 'music' | 'slips' | 'author' | 'tempo' | 'starts' | 'figures' | 'sequences'
>;

const MOST_STARTS = 16;
const MOST_SEQUENCES = 64;

/** What the shelf shows of a dance, worked out from its text. `personal`: the writer's own figures from elsewhere. */
export const factsOfText = (text: string, personal: string): DerivedFacts =>
  // A page died of it: it stands on the shelf with its name alone.
  diedOf(text) ? { ...NO_FACTS, title: titleIn(text) } : guarded(text, () => workOut(text, personal));

const titleIn = (text: string): string => /^#(?!#)(.+)$/m.exec(text)?.[1].trim().slice(0, 200) || 'Untitled dance';
const NO_FACTS: DerivedFacts = { title: '', counts: 0, walls: 0, level: '', music: '', slips: 0, author: '', tempo: 0, starts: [], figures: '', sequences: [] }; // prettier-ignore

function workOut(text: string, personal: string): DerivedFacts {
  const { script, dance, view, findings } = studyText(text, personal, LONGEST_LIVE_TEXT);
  const fact = (key: string): string => script.header.entries.find((entry) => entry.key === key)?.value ?? '';
  const { counts, wallsDanced } = view.truth;
  const starts =
    counts === 0
      ? []
      : wallsOf(dance)
          .walls.filter(({ kind }) => kind === 'part')
          .map(({ start }) => start);
  const figures = dance.parts.flatMap(({ sections }) =>
    sections.flatMap(({ lines }) =>
      lines.flatMap(({ calls }) => calls.flatMap(({ figure }) => figure?.names.en[0] ?? [])),
    ),
  );
  return {
    title: script.title.slice(0, 200) || 'Untitled dance',
    counts,
    walls: counts === 0 ? 0 : wallsDanced,
    level: fact('level').slice(0, 80),
    music: fact('music').slice(0, 120),
    slips: findings.filter(isAlarm).length,
    author: fact('author').slice(0, 120),
    tempo: tempoOf(script.header),
    starts: [...new Set(starts)].slice(0, MOST_STARTS),
    figures: [...new Set(figures)].join(', ').slice(0, 600),
    sequences: sequencesOf(dance)
      .slice(0, MOST_SEQUENCES)
      .map(({ place, figures: own }) => `${place}: ${own}`),
  };
}
