/** Figures offered while a call is typed, each with the free foot filled in. */
import {
  autocompletion,
  type Completion,
  type CompletionContext,
  type CompletionResult,
} from '@codemirror/autocomplete';
import { offerFigures, placeInLine } from '../../../core';
import { likedFigures } from '../desk/habits';
import { studyOf } from './study-field';

/** Words after the last comma, or after the counts. */
const TYPED = /(?:^|[,;:]|\bthen\b|\band\b)\s*(\p{L}[\p{L}\d/ ]*)$/u;
const COUNTS = /^\s*[\d&][\d&ea,\s-]*\s/;

function offer(context: CompletionContext): CompletionResult | null {
  const line = context.state.doc.lineAt(context.pos);
  const { dance, script } = studyOf(context.state);
  const kind = script.lines[line.number - 1]?.kind;
  if (kind !== 'step' && kind !== 'text') return null;
  const before = line.text.slice(0, context.pos - line.from);
  const counts = COUNTS.exec(before)?.[0] ?? '';
  const typed = TYPED.exec(before.slice(counts.length))?.[1];
  if (typed === undefined || (typed.trim().length < 2 && !context.explicit)) return null;
  const place = placeInLine(dance, line.number - 1, before.length - typed.length);
  const options = offerFigures(typed, { ...place, liked: likedFigures() }).map(
    ({ insert, feet, counts: rhythm, hour }, index): Completion => ({
      label: insert,
      detail: `${rhythm}  ${feet}${hour ? `  → ${hour}` : ''}`,
      boost: 99 - index,
    }),
  );
  if (options.length === 0) return null;
  return { from: context.pos - typed.length, options, filter: false };
}

export const figureCompletion = autocompletion({
  override: [offer],
  icons: false,
  activateOnTyping: true,
  maxRenderedOptions: 16,
  closeOnBlur: true,
});
