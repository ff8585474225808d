import { chakra } from '@chakra-ui/react';
import { useState } from 'react';
import type { Edit } from '../../../core';
import { TextArea } from '../../theme/fields';

/** The lines of a block below its heading, typed here as in the script. `id`: of the field. */
export function BlockText({ id, label, hint, text, heading, onEdit }: { id: string; label: string; hint: string; text: string; heading: number; onEdit: (edits: readonly Edit[]) => void }) {
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
      <chakra.label htmlFor={id} display="block" fontWeight="700" marginTop="1rem" marginBottom="0.3rem">
        {label}
      </chakra.label>
      <TextArea
        id={id}
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
        {hint}
      </chakra.p>
    </>
  );
} // prettier-ignore
