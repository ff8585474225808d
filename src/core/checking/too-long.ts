/** A text that is longer than any dance is kept as it stands and not worked out. The one finding made without reading. */
import type { Finding } from '../model/findings';

/** The place is the first line: nobody needs a million letters underlined. */
export function tooLong(text: string, most: number): Finding {
  const end = text.indexOf('\n');
  return {
    code: 'too-long',
    group: 'names',
    severity: 'warning',
    span: { from: 0, to: end < 0 ? Math.min(text.length, 80) : Math.min(end, 80) },
    message: `This text is longer than any dance (${thousands(text.length)} letters, and ${thousands(most)} at the most): it is kept as it stands and not worked out. Cut it into single dances.`,
  };
}

export const thousands = (count: number): string => String(count).replace(/\B(?=(\d{3})+$)/g, ',');
