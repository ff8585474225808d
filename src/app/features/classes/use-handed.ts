/** Sheets that were handed out, and whether the dance has been changed since. */
import { useQuery } from '@tanstack/react-query';
import { compareDances, knownBy, studyText, type ClassGroup, type Evening } from '../../../core';
import { findNamedRevisions, type DanceRecord } from '../../../store';
import { personalFigures } from '../settings/settings';
import type { Handed } from './old-sheet-words';

const MOST_TOLD = 3;

/** Of each group's newest sheet of a dance, those that are not as the dance is now. */
export function useOldSheets(groups: readonly ClassGroup[], evenings: readonly Evening[], dances: readonly DanceRecord[]): readonly Handed[] {
  const handed = groups.flatMap((group) =>
    knownBy(group, evenings).flatMap(({ danceId, title, handedOut }) => {
      const dance = dances.find(({ id }) => id === danceId);
      return handedOut && dance ? [{ group, dance, title, ...handedOut }] : [];
    }),
  );
  const key = handed.map(({ group, dance, name }) => `${group.id} ${dance.id} ${dance.revision} ${name}`).join(';');
  const { data = NONE } = useQuery({
    queryKey: ['old-sheets', key],
    queryFn: async (): Promise<readonly Handed[]> => {
      const revisions = await findNamedRevisions(handed.map(({ dance }) => dance.id));
      return handed.flatMap(({ group, dance, title, name, on }) => {
        const then = revisions.find((one) => one.danceId === dance.id && one.name === name);
        if (then?.text === dance.text) return [];
        return [{ group, danceId: dance.id, title, name, on, changes: then && changesOf(then.text, dance.text) }];
      });
    },
  });
  return data;
} // prettier-ignore

const NONE: readonly Handed[] = [];

function changesOf(then: string, now: string): string[] {
  const [before, after] = [then, now].map((text) => studyText(text, personalFigures()).dance);
  return compareDances(before, after).slice(0, MOST_TOLD).map(({ words }) => words);
} // prettier-ignore
