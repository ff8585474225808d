import { planned, problemsOf, replacing, type Rule } from '../rule';

export const tagUnknown: Rule = {
  code: 'tag-unknown',
  group: 'plan',
  severity: 'error',
  about: 'A tag that the sheet does not have.',
  waitsFor: 'dance',
  examples: {
    bad: [{ text: planned('wall 3: tag <|flood|>'), message: 'There is no tag “flood” in this sheet.' }],
    good: [planned('wall 3: tag Ebb'), planned('wall 3: tag'), planned('wall 3: tag: hold 2 counts')],
  },
  find: (dance) =>
    problemsOf(dance, 'tag-unknown').map(({ span, name }) => ({
      span,
      message: name
        ? `There is no tag “${name}” in this sheet.`
        : 'There is no tag in this sheet: write it under “## Tag”.',
      suggestions: name
        ? dance.tags.map(({ block }) => replacing(block.name, span, block.name)).filter(({ label }) => label !== '')
        : [],
    })),
};
