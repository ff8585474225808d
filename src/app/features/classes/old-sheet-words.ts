import type { ClassGroup, Day } from '../../../core';
import { t } from '../../texts';
import { shortDay } from './dates';

/** A sheet that is not as the dance is now. */
export interface Handed {
  readonly group: ClassGroup;
  readonly danceId: string;
  readonly title: string;
  readonly name: string;
  readonly on: Day;
  /** What is otherwise now, in words, the first few; undefined where the revision is not kept any more. */
  readonly changes: readonly string[] | undefined;
}

/** `Thursday regulars have revision 1 of Thu 8 Oct. Changed since: …` */
export function oldSheetWords({ group, name, on, changes }: Handed): string {
  const have = t('{group} have revision {name} of {day}.', { group: group.name, name, day: shortDay(on) });
  return `${have} ${changes ? `${t('Changed since:')} ${changes.join('; ')}.` : t('That revision is not kept any more.')}`;
}
