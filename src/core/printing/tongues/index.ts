import type { Language } from '../../vocabulary/figures';
import { de } from './de';
import { en } from './en';
import { fr } from './fr';
import type { Tongue } from './tongue';

export { LEVELS, type Level, type RepeatSaid, type Tongue, type TurnSaid } from './tongue';

export const TONGUES: Readonly<Record<Language, Tongue>> = { en, de, fr };
