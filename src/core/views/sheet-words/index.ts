import type { Language } from '../../vocabulary/figures';
import { de } from './de';
import { en } from './en';
import { fr } from './fr';
import type { SheetWords } from './words';

export type { HappeningWords, PlaceInSection, SheetWords } from './words';

export const SHEET_WORDS: Readonly<Record<Language, SheetWords>> = { en, de, fr };
