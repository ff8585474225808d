/** Other ways to take a whole sheet, each with what would come of it; only such as leave less to settle. */
import { retakesOf, studyText, viewImport, type RetakeKind, type Study } from '../../../core';

export interface OtherWay {
  readonly kind: RetakeKind;
  readonly text: string;
  readonly counts: number;
  readonly sections: number;
  /** Lines to settle. */
  readonly open: number;
}

/** Longer sheets are settled line by line. */
const MOST_LINES = 400;

const outcomeOf = (study: Study): Pick<OtherWay, 'counts' | 'sections' | 'open'> => {
  const parts = study.dance.parts;
  return {
    counts: parts.reduce((sum, { counts }) => sum + counts, 0),
    sections: parts.reduce((sum, { sections }) => sum + sections.length, 0),
    open: viewImport(study.dance, study.view, study.findings).open,
  };
};

export function otherWays(study: Study): readonly OtherWay[] {
  if (study.script.lines.length > MOST_LINES) return [];
  const now = outcomeOf(study);
  const seen = new Set([JSON.stringify(now)]);
  return retakesOf(study.script)
    .map(({ kind, text }) => ({ kind, text, ...outcomeOf(studyText(text, study.personal)) }))
    .filter(({ counts, sections, open }) => {
      const key = JSON.stringify({ counts, sections, open });
      const isBetter = counts > 0 && (open < now.open || now.counts === 0);
      const isNew = isBetter && !seen.has(key);
      seen.add(key);
      return isNew;
    })
    .sort((one, other) => one.open - other.open);
}
