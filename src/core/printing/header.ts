/** The facts at the head of a dance written into its text: the smallest edits, so that everything else stays as it was typed. */
import type { Edit } from '../model/text';
import { KNOWN_KEYS, type KnownKey } from '../reading/header';
import type { Script } from '../reading/script';

export type Facts = { readonly title: string } & Partial<Readonly<Record<KnownKey, string>>>;

/** A fact that is empty is taken out of the text; one that is left out of `facts` stays as it is. */
export function editFacts(script: Script, facts: Facts): Edit[] {
  const edits: Edit[] = [];
  const added: string[] = [];
  const title = script.titleLine === undefined ? undefined : script.lines[script.titleLine];
  if (title && script.title !== facts.title) edits.push({ ...title.span, insert: `# ${facts.title}` });
  for (const key of KNOWN_KEYS) {
    const value = facts[key]?.trim();
    if (value === undefined) continue;
    const entry = script.header.entries.find((one) => one.key === key);
    if (entry && value === '') edits.push({ ...lineWithBreak(script, entry.span), insert: '' });
    else if (entry && entry.value !== value)
      edits.push({ ...entry.valueSpan, insert: entry.value === '' ? ` ${value}` : value });
    else if (!entry && value !== '') added.push(`${key}: ${value}`);
  }
  const first = title ? [] : [`# ${facts.title}`];
  const lines = [...first, ...added];
  if (lines.length > 0) edits.push(insertion(script, lines));
  return edits.sort((a, b) => a.from - b.from);
}

/** After the last fact, else after the title, else at the top. */
function insertion(script: Script, lines: readonly string[]): Edit {
  const last =
    script.header.entries[script.header.entries.length - 1]?.span ??
    (script.titleLine === undefined ? undefined : script.lines[script.titleLine].span);
  if (last && script.titleLine !== undefined) return { from: last.to, to: last.to, insert: `\n${lines.join('\n')}` };
  return {
    from: 0,
    to: 0,
    insert: `${lines.join('\n')}\n${script.text.startsWith('\n') || script.text === '' ? '' : '\n'}`,
  };
}

const lineWithBreak = (script: Script, { from, to }: { from: number; to: number }): { from: number; to: number } => ({
  from,
  to: script.text[to] === '\n' ? to + 1 : to,
});
