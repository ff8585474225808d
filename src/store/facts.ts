import { isSlip, LONGEST_LIVE_TEXT, studyText } from '../core';
import type { DanceRecord } from './records';

/** What the shelf shows of a dance, worked out from its text. `personal`: the writer's own figures from elsewhere. */
export function factsOfText(
  text: string,
  personal: string,
): Pick<DanceRecord, 'title' | 'counts' | 'walls' | 'level' | 'music' | 'slips'> {
  const { script, view, findings } = studyText(text, personal, LONGEST_LIVE_TEXT);
  const fact = (key: string): string => script.header.entries.find((entry) => entry.key === key)?.value ?? '';
  return {
    title: script.title.slice(0, 200) || 'Untitled dance',
    counts: view.truth.counts,
    walls: view.truth.counts === 0 ? 0 : view.truth.wallsDanced,
    level: fact('level').slice(0, 80),
    music: fact('music').slice(0, 120),
    slips: findings.filter(isSlip).length,
  };
}
