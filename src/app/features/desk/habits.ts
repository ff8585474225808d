/** What this writer's dances are made of: figures used often are offered first, and a section written before is told. */
import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { sequencesOf, type Study } from '../../../core';
import { shelfFigures, type ShelfFigures } from '../../../store';

let liked: ReadonlyMap<string, number> = new Map();

/** In how many dances of the shelf each figure stands, by its first English name. */
export const likedFigures = (): ReadonlyMap<string, number> => liked;

function count(dances: readonly ShelfFigures[]): Map<string, number> {
  const counted = new Map<string, number>();
  for (const { figures } of dances)
    for (const name of figures.split(', ')) counted.set(name, (counted.get(name) ?? 0) + 1);
  return counted;
}

export interface SeenBefore {
  readonly id: string;
  readonly title: string;
  readonly place: string;
}

const NONE: readonly ShelfFigures[] = [];

/** Another dance in which the figures of the section at a line stand in the same order. */
export function useSeenBefore(danceId: string, study: Study, line: number): SeenBefore | undefined {
  const { data = NONE } = useQuery({ queryKey: ['shelf-figures'], queryFn: () => shelfFigures(), staleTime: 30_000 });
  useEffect(() => {
    liked = count(data.filter(({ id }) => id !== danceId));
  }, [data, danceId]);
  const here = sequencesOf(study.dance).findLast((sequence) => sequence.line <= line);
  const isIn = here && study.script.lines[line]?.section?.headingLine === here.line;
  if (!here || !isIn) return undefined;
  for (const { id, title, sequences } of data) {
    const found = id === danceId ? undefined : sequences.find((own) => own.endsWith(`: ${here.figures}`));
    if (found) return { id, title, place: found.slice(0, found.indexOf(':')) };
  }
  return undefined;
}
