/** Every rule. A new one is a file here and a line in this list. */
import { driftOneWall } from './drift-one-wall';
import { legsTangled } from './legs-tangled';
import { reachFar } from './reach-far';
import { bigStepBack } from './big-step-back';
import { hallSmall } from './hall-small';
import { cueTooLong } from './cue-too-long';
import { songTooLong } from './song-too-long';
import { songUnread } from './song-unread';
import { wallOffPhrase } from './wall-off-phrase';
import type { Rule } from '../rule';
import { copiedTooMuch } from './copied-too-much';
import { copiedFoot } from './copied-foot';
import { repeatLength } from './repeat-length';
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
import { misspelt } from './misspelt';
import { mixedSides } from './mixed-sides';
import { nameContradicts } from './name-contradicts';
import { ownFigure } from './own-figure';
import { spin } from './spin';
import { twoNames } from './two-names';
import { wallOnCorner } from './wall-on-corner';
import { wordsUnread } from './words-unread';
import { planNotUnderstood } from './plan-not-understood';
import { planWallUnsaid } from './plan-wall-unsaid';
import { planWallBeyond } from './plan-wall-beyond';
import { planWallFull } from './plan-wall-full';
import { planWallTwice } from './plan-wall-twice';
import { planPlaceUnsaid } from './plan-place-unsaid';
import { planPlaceBeyond } from './plan-place-beyond';
import { planPlaceUnclear } from './plan-place-unclear';
import { restartInsideCall } from './restart-inside-call';
import { tagUnknown } from './tag-unknown';
import { tagWhich } from './tag-which';
import { changedNotUnderstood } from './changed-not-understood';
import { changeLength } from './change-length';
import { partUnknown } from './part-unknown';
import { partShort } from './part-short';
import { planFacing } from './plan-facing';
import { tagEmpty } from './tag-empty';
import { tagLength } from './tag-length';
import { facingsRunOn } from './facings-run-on';
import { tagUnplaced } from './tag-unplaced';
import { partNever } from './part-never';
import { orderMissing } from './order-missing';
import { orderTwice } from './order-twice';
import { endingNotFront } from './ending-not-front';
import { planWordsUnread } from './plan-words-unread';
import { joinWeight } from './join-weight';
import { changedFoot } from './changed-foot';
import { changedFacing } from './changed-facing';
import { wallClaim } from './wall-claim';
import { optionCounts } from './option-counts';
import { optionWeight } from './option-weight';
import { optionFacing } from './option-facing';
import { optionFoot } from './option-foot';
import { optionNotUnderstood } from './option-not-understood';
import { noTurnMissing } from './no-turn-missing';

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
  copiedTooMuch,
  copiedFoot,
  repeatLength,
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
  misspelt,
  mixedSides,
  spin,
  wallOnCorner,
  countsFilled,
  planNotUnderstood,
  planWallUnsaid,
  planWallBeyond,
  planWallFull,
  planWallTwice,
  planPlaceUnsaid,
  planPlaceBeyond,
  planPlaceUnclear,
  restartInsideCall,
  tagUnknown,
  tagWhich,
  changedNotUnderstood,
  changeLength,
  partUnknown,
  partShort,
  planFacing,
  tagEmpty,
  tagLength,
  facingsRunOn,
  tagUnplaced,
  partNever,
  orderMissing,
  orderTwice,
  endingNotFront,
  planWordsUnread,
  joinWeight,
  changedFoot,
  changedFacing,
  wallClaim,
  optionCounts,
  optionWeight,
  optionFacing,
  optionFoot,
  optionNotUnderstood,
  noTurnMissing,
  driftOneWall,
  legsTangled,
  reachFar,
  bigStepBack,
  hallSmall,
  songTooLong,
  songUnread,
  wallOffPhrase,
  cueTooLong,
];
