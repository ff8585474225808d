/** Groups and evenings, kept up to date with this tab and the others; the boathouse's season is put there the first time. */
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { dayAfter, eveningsOfGroup, type ClassGroup, type Evening, type Request } from '../../../core';
import {
  addDemoSeason,
  answered,
  findClasses,
  isRefusal,
  refusalWords,
  watchClasses,
  type Classes,
  type DanceRecord,
  type Season,
} from '../../../store';
import { openShelf, useDances } from '../dances/use-dances';
import { todayHere } from './dates';
import { HANDED_OUT, seasonBefore, SEASON_TITLES } from './demo-season';

const KEY = ['classes'];

export function useClasses() {
  const queries = useQueryClient();
  useEffect(() => watchClasses((classes) => queries.setQueryData(KEY, classes)), [queries]);
  return useQuery({ queryKey: KEY, queryFn: () => answered(openClasses()) });
}

async function openClasses(): Promise<Classes> {
  await openShelf();
  await addDemoSeason((dances) => (hasBoathouse(dances) ? seasonOf(dances) : undefined));
  return findClasses();
}

/** Asked for again by somebody who has none. */
export const showSeason = (): Promise<void> => addDemoSeason(seasonOf, true);

const hasBoathouse = (dances: readonly DanceRecord[]): boolean =>
  SEASON_TITLES.every((title) => dances.some((dance) => dance.title === title));

function seasonOf(dances: readonly DanceRecord[]): Season {
  const find = (title: string) => dances.find((dance) => dance.title === title);
  const today = todayHere();
  const revisions = HANDED_OUT.flatMap(({ title, name, weeksAgo, earlier }) => {
    const dance = find(title);
    if (!dance) return [];
    const at = Date.parse(dayAfter(today, -7 * weeksAgo));
    return [{ danceId: dance.id, text: earlier(dance.text), from: at, at, name }];
  });
  return { ...seasonBefore(today, (title) => find(title)?.id), revisions };
}

/** One group, its evenings by date, and the shelf; undefined parts while they are read. */
export function useGroup(id: string): {
  readonly group: ClassGroup | undefined;
  readonly evenings: readonly Evening[];
  /** Of all groups. */
  readonly requests: readonly Request[];
  readonly dances: readonly DanceRecord[];
  readonly isPending: boolean;
  readonly error: unknown;
} {
  const { data, isPending, error } = useClasses();
  const { data: dances = NONE } = useDances();
  const evenings = useMemo(() => eveningsOfGroup(data?.evenings ?? [], id), [data, id]);
  return {
    group: data?.groups.find((one) => one.id === id),
    evenings,
    requests: data?.requests ?? NO_REQUESTS,
    dances,
    isPending,
    error,
  };
}

const NONE: readonly DanceRecord[] = [];
const NO_REQUESTS: readonly Request[] = [];

/** Work whose refusal is said in a sentence. */
/** Does work that keeps something; false where it could not be kept, which is said. */
export type Keep = (work: Promise<unknown>) => Promise<boolean>;

export function useKeeping(): { readonly problem: string; readonly keep: Keep } {
  const [problem, setProblem] = useState('');
  const keep = useCallback(async (work: Promise<unknown>) => {
    try {
      const kept = await answered(work);
      setProblem(kept === false ? 'This evening was deleted elsewhere. Nothing was written.' : '');
      return kept !== false;
    } catch (error) {
      const more = isRefusal(error)
        ? 'The last change is not kept: make room, or write it down elsewhere, and try again.'
        : 'The last change is not kept.';
      setProblem(`${refusalWords(error)} ${more}`);
      return false;
    }
  }, []);
  return { problem, keep };
}
