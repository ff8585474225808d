import { songOf } from '../../music/song';
import { section, type Rule } from '../rule';

const DANCE = section(8, '1-4 Vine R, touch L', '5-8 Vine L, touch R');

export const songUnread: Rule = {
  code: 'song-unread',
  group: 'music',
  severity: 'warning',
  about: 'A line below the heading of the song says no phrase, pause or tempo.',
  examples: {
    bad: [
      {
        text: `${DANCE}\n\n## Song\nchorus 32\n<|the loud one|>`,
        message: 'Nothing is known of the song from “the loud one”: a phrase is written “chorus: 32”.',
      },
    ],
    good: [`${DANCE}\n\n## Song\nintro 16\nverse 1: 32\nchorus: 4 x 8\npause of 2 after 48`],
  },
  find: ({ script }) =>
    (songOf(script)?.unread ?? []).map(({ span, text }) => ({
      span,
      message: `Nothing is known of the song from “${text.trim()}”: a phrase is written “chorus: 32”.`,
    })),
};
