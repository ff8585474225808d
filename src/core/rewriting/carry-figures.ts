/** A dance that leaves takes along the writer's own figures it uses, so that it reads the same elsewhere. */
import type { Dance } from '../dancing/dance';
import { definitionsIn } from '../reading/own-figures';
import { readOwnFigure } from '../vocabulary/own';

/** A text with the definitions of figures from the personal vocabulary that its dance uses and does not define itself. */
export function withOwnFigures(text: string, dance: Dance): string {
  const { own } = dance.script;
  const defined = new Set(own.defined.flatMap(({ own: figure }) => figure.names.map((name) => name.toLowerCase())));
  const used = new Set(
    [...dance.parts, ...dance.tags].flatMap(({ sections }) =>
      sections.flatMap(({ lines }) =>
        lines.flatMap(({ calls }) => calls.map(({ figure, titled }) => (titled ?? { figure }).figure?.id)),
      ),
    ),
  );
  const carried = definitionsIn(own.personal).filter(({ words, more }) => {
    const read = readOwnFigure(words, more);
    return 'figure' in read && used.has(read.figure.id) && !read.names.some((name) => defined.has(name.toLowerCase()));
  });
  if (carried.length === 0) return text;
  const definitions = carried.map(({ words, more }) => ['', `## Figure ${words}`, ...more].join('\n'));
  return `${text.trimEnd()}\n${definitions.join('\n')}\n`;
}
