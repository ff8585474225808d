/** What can be done to a line of a sheet that comes in. Text in, text out, with the line that is looked at afterwards. */
export interface Settled {
  readonly text: string;
  readonly line: number;
  /** Where the cursor goes in that line. */
  readonly at?: number;
}

const onLines = (text: string, change: (lines: string[]) => void): string => {
  const lines = text.split('\n');
  change(lines);
  return lines.join('\n');
};

export const rewriteLine = (text: string, line: number, words: string): string =>
  onLines(text, (lines) => {
    lines[line] = words;
  });

/** The line becomes a note; a note becomes a line again. */
export function toggleNote(text: string, line: number): Settled {
  return {
    text: onLines(text, (lines) => {
      lines[line] = /^\s*>/.test(lines[line]) ? lines[line].replace(/^\s*>\s?/, '') : `> ${lines[line].trim()}`;
    }),
    line,
  };
}

/** Put behind the line above. */
export function joinAbove(text: string, line: number): Settled {
  if (line === 0) return { text, line };
  const above = text.split('\n')[line - 1].trimEnd();
  return {
    text: onLines(text, (lines) => {
      const own = lines[line].trim();
      lines.splice(line - 1, 2, above && own ? `${above} ${own}` : above + own);
    }),
    line: line - 1,
    at: above.length,
  };
}

export function splitAt(text: string, line: number, at: number): Settled {
  return {
    text: onLines(text, (lines) => {
      const own = lines[line];
      lines.splice(line, 1, own.slice(0, at).trimEnd(), own.slice(at).trimStart());
    }),
    line: line + 1,
    at: 0,
  };
}

export const leaveOut = (text: string, line: number): Settled => ({
  text: onLines(text, (lines) => {
    lines.splice(line, 1);
  }),
  line: Math.max(0, line - 1),
});

/** A figure's name in the place of words nobody knows. */
export const nameInstead = (
  text: string,
  line: number,
  span: { readonly from: number; readonly to: number },
  name: string,
): Settled => ({
  text: onLines(text, (lines) => {
    lines[line] = lines[line].slice(0, span.from) + name + lines[line].slice(span.to);
  }),
  line,
  at: span.from + name.length,
});

/** A figure of the writer's own, begun below the dance: its steps are to be written behind the colon. */
export function defineFigure(text: string, words: string, counts: string): Settled {
  const name = words.replace(/["“”#:]/g, '').trim() || 'my figure';
  const lines = text.trimEnd().split('\n');
  const heading = `## Figure "${name}" ${counts || '1-2'}: `;
  return {
    text: `${[...lines, '', `${heading}A side, B tog`].join('\n')}\n`,
    line: lines.length + 1,
    at: heading.length,
  };
}
