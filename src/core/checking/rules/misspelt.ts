import { placeIn, replacing, section, wordsAt, type Rule } from '../rule';

export const misspelt: Rule = {
  code: 'misspelt',
  group: 'names',
  severity: 'remark',
  about: 'A word was read as the one it is a slip of the finger away from.',
  examples: {
    bad: [
      {
        text: section(2, '1&2 <|Shufle|> R'),
        fixed: section(2, '1&2 Shuffle R'),
        message: '“Shufle” was read as “shuffle”.',
      },
    ],
    good: [section(2, '1&2 Shuffle R'), section(2, '1-2 Step R breezily, touch L')],
  },
  find: (dance) =>
    dance.script.lines.flatMap((line) =>
      (line.step?.misspelt ?? []).map(({ span: own, word }) => {
        const span = placeIn(line, own);
        const typed = wordsAt(dance, span);
        const said = typed[0] === typed[0].toUpperCase() ? word[0].toUpperCase() + word.slice(1) : word;
        return { span, message: `“${typed}” was read as “${word}”.`, fix: replacing(said, span, said) };
      }),
    ),
};
