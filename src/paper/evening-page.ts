/** The plan of an evening on paper, in the design of the sheets: the clock at the left, what is done beside it. */
import { EVENING_CAUTION, SHEET_WORDS, viewEvening, type Evening } from '../core';
import { columnWidth, flow, MARGIN, type Frame } from './flow';
import { paperOf, type PrintedSheet } from './page';
import { alongside, headPieces, paragraph, type Setting } from './pieces';
import { timedGroups } from './teaching-script';

/** `date`: as it is to be read. `paper`: A4 or Letter. */
export function printEvening(evening: Evening, date: string, paper = 'a4', size = 10): PrintedSheet {
  const frame: Frame = { paper: paperOf(paper), margin: MARGIN, columns: 1, gutter: 22, foot: 14, running: 20 };
  const missing = new Set<string>();
  const setting: Setting = { size, width: columnWidth(frame), words: SHEET_WORDS.en, missing };
  const { rows, minutes } = viewEvening(evening);
  const facts: [string, string][] = [
    ['Begins', evening.time],
    ['Minutes', String(minutes)],
    ...(evening.place ? [['Place', evening.place] as [string, string]] : []),
  ];
  const head = { title: evening.groupName, wall: date, facts };
  const groups = timedGroups(
    rows.map(({ step, from }) => ({
      at: from,
      words: `${step.words} (${step.minutes} min)`,
      said: [],
      notes: step.why ? [step.why] : [],
      cautions: step.cautions,
    })),
    setting,
  );
  const foot = [paragraph(setting, EVENING_CAUTION, { size: size * 0.95 }, { before: size, bar: 'ink', indent: size * 0.8 })];
  const written = evening.words ? [[paragraph(setting, evening.words, { size }, { before: size })]] : [];
  return {
    title: `${evening.groupName}, ${date}`,
    language: 'en',
    paper: frame.paper,
    pages: flow(headPieces(head, setting), [...groups, ...written, foot], frame, alongside(head, setting, frame, undefined)),
    missing: [...missing],
  };
} // prettier-ignore
