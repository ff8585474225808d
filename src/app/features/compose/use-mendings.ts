import { useMemo } from 'react';
import { keyOf, type Finding, type Mending, type Study } from '../../../core';
import { personalFigures } from '../settings/settings';
import { useHelp } from './helper';

const NONE: readonly Mending[] = [];

/** What would come of the proposals of what is told; of an earlier text until the answer for this one is there. */
export function useMendings(study: Study, told: readonly Finding[]): readonly Mending[] {
  const keys = useMemo(() => told.map((finding) => keyOf(finding, study.script)), [study, told]);
  const key = keys.length > 0 ? `${keys.join('\n')}\n${study.text}` : undefined;
  const help = useHelp(key, (work) => work.mend(study.text, personalFigures(), keys));
  // Edits of another text would change what is not meant.
  return help && help.key === key ? help.answer : NONE;
}
