/** A sheet set on pages in the form that is chosen. */
import {
  SHEET_WORDS,
  viewCounts,
  viewCueCard,
  viewSheet,
  viewSummary,
  viewTeaching,
  type Dance,
  type Sheet,
  type SheetChoice,
} from '../core';
import { setCueCard } from './cue-card';
import { columnWidth, flow, MARGIN, type Frame } from './flow';
import { floorGroups } from './floor-sheet';
import { fullSheetGroups } from './full-sheet';
import { paperOf, type Page, type PaperChoice, type PrintedSheet } from './page';
import { alongside, headPieces, type Setting } from './pieces';
import { teachingGroups } from './teaching-script';
import { countGroups, summaryGroups } from './short-forms';

export interface SheetToPrint extends SheetChoice {
  /** Which revision it is, where it has a name. */
  readonly revision?: string;
}

/** `dance` is in the language and the style it is to be printed in already. */
export function printSheet(dance: Dance, choice: PaperChoice, which: SheetToPrint = {}): PrintedSheet {
  const sheet = viewSheet(dance, which);
  const frame: Frame = {
    paper: paperOf(choice.paper),
    margin: MARGIN,
    columns: choice.form === 'full' ? choice.columns : 1,
    gutter: 22,
    foot: 14,
    running: 20,
  };
  const missing = new Set<string>();
  const setting: Setting = {
    size: choice.size,
    width: columnWidth(frame),
    words: SHEET_WORDS[sheet.language],
    missing,
  };
  const pages = setPages(dance, sheet, choice, setting, frame, which);
  return { title: sheet.title, language: sheet.language, paper: frame.paper, pages, missing: [...missing] };
}

function setPages(
  dance: Dance,
  sheet: Sheet,
  choice: PaperChoice,
  setting: Setting,
  frame: Frame,
  which: SheetToPrint,
): Page[] {
  const decorate = alongside(sheet, setting, frame, which.revision);
  const head = headPieces(sheet, { ...setting, width: frame.paper.width - 2 * frame.margin });
  switch (choice.form) {
    case 'full':
      return flow(head, fullSheetGroups(sheet, setting, choice), frame, decorate);
    case 'counts':
      return flow(head, countGroups(viewCounts(dance, which), sheet, setting), frame, decorate);
    case 'floor':
      return flow(head, floorGroups(sheet, setting, choice), frame, decorate);
    case 'teaching':
      return flow(head, teachingGroups(viewTeaching(dance, sheet.language), setting), frame, decorate);
    case 'summary':
      return flow([], summaryGroups(viewSummary(dance, which), setting), frame, decorate);
    case 'cue-card':
      return setCueCard(viewCueCard(dance, which), sheet, setting, frame, decorate).pages;
  }
}
