/** Everything that opening a text works out, as one string: two studies that answer the same give the same. */
import {
  estimateLevel,
  lessonOf,
  SLATE_STYLE,
  studyText,
  tidyScript,
  viewImport,
  viewMusic,
  viewTeaching,
  viewWalls,
  type Study,
} from '../../src/core';

/** What screens ask of a text that is opened. */
export function answersOf({ findings, view, script, dance }: Study): readonly unknown[] {
  const level = estimateLevel(dance);
  return [
    findings,
    view,
    viewWalls(dance, findings),
    viewMusic(dance)?.rows,
    lessonOf(script),
    viewTeaching(dance),
    level.points,
    level.reasons,
    level.sections.map(({ points, reasons }) => [points, reasons]),
  ];
}

/** Of a text as it is opened, imported and tidied. */
export function allAnswers(text: string): string {
  const study = studyText(text);
  const { dance, view, findings } = study;
  return JSON.stringify([...answersOf(study), viewImport(dance, view, findings), tidyScript(dance, SLATE_STYLE)]);
}
