/** All ways without turns and of low impact that a dance has no option for yet, as plain data a worker can send. */
import type { Dance } from '../dancing/dance';
import type { Edit } from '../model/text';
import type { Alternative } from './alternatives';
import { lowImpactOptions } from './low-impact';
import { noTurnOptions } from './no-turn';

export interface WayFound {
  readonly name: string;
  /** The script line it begins on. */
  readonly line: number;
  /** What is written there, and the other way, one string a line. */
  readonly written: readonly string[];
  readonly words: readonly string[];
  readonly about: string;
  readonly edits: readonly Edit[];
}

export const searchWays = (dance: Dance): WayFound[] =>
  [...noTurnOptions(dance), ...lowImpactOptions(dance)].map(found).sort((a, b) => a.line - b.line);

const found = ({ name, lines, words, about, edits }: Alternative): WayFound => ({
  name,
  line: lines[0].line.index,
  written: lines.map(({ line }) => line.text.trim()),
  words,
  about,
  edits,
});
