import { chakra } from '@chakra-ui/react';
import { useState } from 'react';
import type { Edit } from '../../../core';
import { TextArea } from '../../theme/fields';
import { t } from '../../texts';

/** The lines below the heading, typed here as in the script. */
export function SongMap({ text, heading, onEdit }: { text: string; heading: number; onEdit: (edits: readonly Edit[]) => void }) {
  const lines = text.split('\n');
  const next = lines.findIndex((line, index) => index > heading && /^\s*##/.test(line));
  const own = lines.slice(heading + 1, next < 0 ? lines.length : next);
  const from = lines.slice(0, heading + 1).reduce((sum, line) => sum + line.length + 1, 0);
  const words = own.join('\n').trimEnd();
  // What is typed stands in the field at once; the text follows it, and leads where it was changed elsewhere.
  const [typed, setTyped] = useState(words);
  const shown = typed.trimEnd() === words ? typed : words;
  return (
    <>
      <chakra.label htmlFor="song-map" display="block" fontWeight="700" marginTop="1rem" marginBottom="0.3rem">
        {t('The map')}
      </chakra.label>
      <TextArea
        id="song-map"
        rows={12}
        value={shown}
        spellCheck={false}
        fontSize="text"
        css={{ fieldSizing: 'content', minHeight: '12rem' }}
        onChange={({ target: { value } }) => {
          // A heading here would begin something else.
          const kept = value.replace(/^\s*#+\s*/gm, '');
          setTyped(kept);
          const lead = from > text.length ? '\n' : '';
          const to = Math.min(from + words.length, text.length);
          onEdit([{ from: Math.min(from, text.length), to, insert: lead + kept.trimEnd() }]);
        }}
      />
      <chakra.p color="quiet" fontSize="small" marginTop="0.5rem">
        {t('A line a phrase, in counts of the dance: “verse 1: 32”, “bridge: 4 x 8”, “gap 4”; “pause of 2 after 144”; “tempo 96 after 128”.')}
      </chakra.p>
    </>
  );
} // prettier-ignore
