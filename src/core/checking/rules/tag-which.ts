import { planned, planPlace, problemsOf, replacing, wordsAt, type Rule } from '../rule';

export const tagWhich: Rule = {
  code: 'tag-which',
  group: 'plan',
  severity: 'warning',
  about: 'There are several tags, and the plan does not say which.',
  examples: {
    bad: [
      {
        text: planned('<|wall 3: tag|>').replace('## Plan', '## Tag "flood"\n1-2 Sway R, sway L\n\n## Plan'),
        message: 'Which tag: ebb or flood?',
      },
    ],
    good: [planned('wall 3: tag')],
  },
  find: (dance) =>
    problemsOf(dance, 'tag-which').map(({ entry }) => {
      const names = dance.tags.map(({ block }) => block.name).filter(Boolean);
      const span = planPlace(entry);
      const words = wordsAt(dance, span);
      return {
        span,
        message: `Which tag: ${names.join(' or ')}?`,
        suggestions: names.map((name) => replacing(name, span, words.replace(/\b(tag|bridge)\b/i, `$1 ${name}`))),
      };
    }),
};
