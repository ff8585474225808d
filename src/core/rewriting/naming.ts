/** Lines spelt out foot by foot given their names, and named lines spelt out: the two ways between the same rows. */
import type { Dance, DancedCall, DancedGroup } from '../dancing/dance';
import type { Edit } from '../model/text';
import { SLATE_STYLE, type HouseStyle } from '../printing/style';
import { expandLine } from './expand';
import { dancedLinesIn, rewriteLines, type LineRange } from './lines';
import { nameMoments } from './name';

/** Two steps spell a figure by chance; three or more mean it. */
const LEAST_MOMENTS = 3;

/** The name of a group's calls, where they are single actions that spell a figure together. */
export function nameOfGroup({ calls, empty }: DancedGroup, style?: HouseStyle) {
  if (empty.length > 0 || calls.length < LEAST_MOMENTS || !calls.every(isSpelt)) return undefined;
  const moments = calls.flatMap((call) => call.moments);
  return moments.length < LEAST_MOMENTS ? undefined : nameMoments(moments, style);
}

const isSpelt = ({ call, figure, titled, rides, unplaced }: DancedCall): boolean =>
  figure?.family === 'single' && !titled && !rides && !unplaced && !call.copied;

export const nameLines = (dance: Dance, range: LineRange, style: HouseStyle = SLATE_STYLE): Edit[] =>
  dancedLinesIn(dance, range).flatMap(({ line, groups }) =>
    groups.flatMap((group) => {
      const named = nameOfGroup(group, style);
      if (!named) return [];
      const first = group.calls[0].call.span.from;
      const last = group.calls[group.calls.length - 1].call.span.to;
      return [{ from: line.span.from + first, to: line.span.from + last, insert: named.words }];
    }),
  );

export const expandLines = (dance: Dance, range: LineRange, style: HouseStyle = SLATE_STYLE): Edit[] =>
  rewriteLines(dance, range, (danced) => expandLine(danced, style));
