import { MOST_SONG_COUNTS, songOf } from '../../music/song';
import { section, type Rule } from '../rule';
import { thousands } from '../too-long';

const DANCE = section(8, '1-4 Vine R, touch L', '5-8 Vine L, touch R');
const MOST = thousands(MOST_SONG_COUNTS);

export const songTooLong: Rule = {
  code: 'song-too-long',
  group: 'music',
  severity: 'warning',
  about: 'A line of the song goes beyond what a song can have: it is left out.',
  examples: {
    bad: [
      {
        text: `${DANCE}\n\n## Song\nchorus: 32\n<|pause: 100000000|>`,
        message: '“pause: 100000000” is left out: a song is worked out up to 4,000 counts, 200 phrases and 200 pauses.',
      },
      {
        text: `${DANCE}\n\n## Song\nverse: 3900\n<|verse: 128|>`,
        message: '“verse: 128” is left out: a song is worked out up to 4,000 counts, 200 phrases and 200 pauses.',
      },
    ],
    good: [`${DANCE}\n\n## Song\nintro 16\nverse 1: 3800\npause of 100\ntempo 120 after 400`],
  },
  find: ({ script }) =>
    (songOf(script)?.beyond ?? []).map(({ span, text }) => ({
      span,
      message: `“${text.trim()}” is left out: a song is worked out up to ${MOST} counts, 200 phrases and 200 pauses.`,
    })),
};
