/** The sheet as it is chosen: in which language and style, set on pages. */
import { useMemo } from 'react';
import { inLanguage, languageOf, SLATE_STYLE, studyText, tidyScript, type Language, type Study } from '../../../core';
import { printSheet } from '../../../paper/print-sheet';
import type { PrintedSheet } from '../../../paper/page';
import { allStyles, personalFigures } from '../settings/settings';
import { AS_WRITTEN, type SheetSettings } from './sheet-choice';

export interface ShownSheet {
  /** The dance in the language and style of the sheet. */
  readonly study: Study;
  readonly language: Language;
  readonly isTranslated: boolean;
}

/** `as-written` leaves every word as it is. */
export function sheetStudy(study: Study, { language, style }: Pick<SheetSettings, 'language' | 'style'>): ShownSheet {
  const own = languageOf(study.text);
  const wanted = language === AS_WRITTEN ? own : language;
  const house = allStyles().find(({ id }) => id === style);
  if (wanted === own && !house) return { study, language: own, isTranslated: false };
  const text = tidyScript(study.dance, inLanguage(house ?? SLATE_STYLE, wanted));
  return { study: studyText(text, personalFigures()), language: wanted, isTranslated: wanted !== own };
}

export function useShownSheet(
  study: Study,
  settings: SheetSettings,
  wall: number | undefined,
  revision: string | undefined,
): ShownSheet & { readonly printed: PrintedSheet } {
  const { language, style } = settings;
  const shown = useMemo(() => sheetStudy(study, { language, style }), [study, language, style]);
  const printed = useMemo(
    () =>
      printSheet(shown.study.dance, settings, {
        ...(wall !== undefined && { wall }),
        language: shown.language,
        isTranslated: shown.isTranslated,
        ...(revision !== undefined && { revision }),
      }),
    [shown, settings, wall, revision],
  );
  return { ...shown, printed };
}
