import { placeIn, writtenCallsOf, type Rule } from '../rule';

export const mixedSides: Rule = {
  code: 'mixed-sides',
  group: 'names',
  severity: 'remark',
  about: 'Feet are written as letters in some places and as words in others.',
  examples: {
    bad: [
      {
        text: '## Section 1\n1&2 Shuffle R forward\n3&4 Shuffle L forward\n5-8 Walk <|right|>, left, R, L',
        message: 'Feet are letters in most places and words here. Tidy makes them one.',
      },
    ],
    good: [
      '## Section 1\n1&2 Shuffle R forward\n3-4 Step L forward, pivot 1/2 right',
      '## Section 1\n1-2 Rock right forward, recover left',
    ],
  },
  find: (dance) => {
    const feet = writtenCallsOf(dance).flatMap(({ line, call: { call } }) => {
      if (!call.footSpan) return [];
      const span = placeIn(line.line, call.footSpan);
      const words = dance.script.text.slice(span.from, span.to);
      return /^(?:[rl]|right|left)$/i.test(words) ? [{ span, letter: words.length === 1 }] : [];
    });
    const letters = feet.filter(({ letter }) => letter).length;
    const lettersLead = letters * 2 >= feet.length;
    const other = feet.find(({ letter }) => letter !== lettersLead);
    if (!other) return [];
    const [most, few] = lettersLead ? ['letters', 'words'] : ['words', 'letters'];
    return [{ span: other.span, message: `Feet are ${most} in most places and ${few} here. Tidy makes them one.` }];
  },
};
