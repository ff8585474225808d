/** The writer's own figures as entries of the Figures screen, and as the text they are kept in. */
import { definitionsIn, tryOwnFigure, type FigureDanced, type FigureEntry, type Foot } from '../../../core';

export interface OwnEntry {
  readonly definition: string;
  readonly entry: FigureEntry;
  readonly danced: Readonly<Record<Foot, FigureDanced>>;
}

const definitions = (text: string): string[] => definitionsIn(text).map(({ words }) => words);

/** Figures that can be danced; what can't be is kept in the text and shown nowhere. */
export const ownEntries = (text: string): OwnEntry[] =>
  definitions(text).flatMap((definition) => {
    const tried = tryOwnFigure(definition);
    return 'problem' in tried ? [] : [{ definition, ...tried }];
  });

const textOf = (all: readonly string[]): string => all.map((definition) => `## Figure ${definition}\n`).join('\n');

/** The text with a definition added, or put in the place of an earlier one. */
export const withDefinition = (text: string, definition: string, instead?: string): string => {
  const all = definitions(text);
  const at = instead === undefined ? -1 : all.indexOf(instead);
  return textOf(at < 0 ? [...all, definition] : all.map((one, index) => (index === at ? definition : one)));
};

export const withoutDefinition = (text: string, definition: string): string =>
  textOf(definitions(text).filter((one) => one !== definition));
