/** Sentences that several screens of the classes say. */
import { HALL_RULES, type ClassGroup } from '../../../core';
import { t } from '../../texts';

export const sectionsWords = (count: number, of: number): string =>
  count === of ? t('all of it') : t('{count} of {of} sections', { count, of });

export const wallsWords = (walls: number): string => (walls === 1 ? t('one wall') : t('{walls} walls', { walls }));

export function groupFacts({ place, level, minutes, forbids, every }: ClassGroup): string {
  const rules = HALL_RULES.filter(({ id }) => forbids.includes(id)).map(({ words }) => words);
  const often = every === 1 ? t('every week') : t('every {every} weeks', { every });
  return [place, level, t('{minutes} minutes', { minutes }), often, ...rules].filter(Boolean).join(' · ');
}
