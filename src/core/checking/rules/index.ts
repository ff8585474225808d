/** Every rule. A new one is a file here and a line in this list. */
import type { Rule } from '../rule';
import { copiedFoot } from './copied-foot';
import { countsClaimed } from './counts-claimed';
import { countsGap } from './counts-gap';
import { countsLeftOver } from './counts-left-over';
import { countsOverlap } from './counts-overlap';
import { countsTooFew } from './counts-too-few';
import { countsUnreadable } from './counts-unreadable';
import { facingClaim } from './facing-claim';
import { feetListed } from './feet-listed';
import { footNotFree } from './foot-not-free';
import { footOverItself } from './foot-over-itself';
import { notUnderstood } from './not-understood';
import { nothingToDance } from './nothing-to-dance';
import { pivotUnnatural } from './pivot-unnatural';
import { planKept } from './plan-kept';
import { recoverWithoutRock } from './recover-without-rock';
import { sectionLong } from './section-long';
import { sectionShort } from './section-short';
import { stepAssumed } from './step-assumed';
import { turnAssumed } from './turn-assumed';
import { turnWithoutAmount } from './turn-without-amount';
import { turnWithoutDirection } from './turn-without-direction';
import { turnOpen } from './turn-open';
import { unwindWrongWay } from './unwind-way';
import { wallDoesNotLoop } from './wall-does-not-loop';
import { wallsClaimed } from './walls-claimed';
import { weightClaim } from './weight-claim';
import { countsFilled } from './counts-filled';
import { hasAName } from './has-a-name';
import { mixedSides } from './mixed-sides';
import { nameContradicts } from './name-contradicts';
import { ownFigure } from './own-figure';
import { spin } from './spin';
import { twoNames } from './two-names';
import { wallOnCorner } from './wall-on-corner';
import { wordsUnread } from './words-unread';

export const RULES: readonly Rule[] = [
  nothingToDance,
  countsUnreadable,
  sectionShort,
  sectionLong,
  countsGap,
  countsOverlap,
  countsLeftOver,
  countsTooFew,
  countsClaimed,
  footNotFree,
  footOverItself,
  feetListed,
  copiedFoot,
  recoverWithoutRock,
  weightClaim,
  wallDoesNotLoop,
  stepAssumed,
  facingClaim,
  turnWithoutDirection,
  turnWithoutAmount,
  turnAssumed,
  turnOpen,
  pivotUnnatural,
  unwindWrongWay,
  wallsClaimed,
  notUnderstood,
  wordsUnread,
  ownFigure,
  nameContradicts,
  hasAName,
  twoNames,
  mixedSides,
  spin,
  wallOnCorner,
  countsFilled,
  planKept,
];
