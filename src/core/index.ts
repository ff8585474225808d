/** The only door to the core: what other folders may use, listed by hand. */
export { studyText, LONGEST_LIVE_TEXT, type Study } from './study';
export { type Foot, type Weight } from './model/feet';
export { hourOfFacing, CIRCLE, type Facing } from './model/turns';
export { grouped } from './model/lists';
export { greatest, least } from './model/numbers';
export { applyEdits, positionOf, type Edit, type Span } from './model/text';
export { type Finding, type Proposal, type Severity } from './model/findings';
export { isAlarm, kindOf, tallyOf, type Tally } from './checking/check';
export { type KnownKey, type HeaderEntry } from './reading/header';
export { languageOf } from './vocabulary/language';
export { lineAtOffset, type Script, type ScriptLine } from './reading/script';
export { CALL_COLUMN } from './printing/calls';
export { levelOf } from './printing/script';
export {
  CAPITAL_STYLES,
  DIRECTION_STYLES,
  FRACTION_STYLES,
  HOUSE_STYLES,
  inLanguage,
  SIDE_STYLES,
  SLATE_STYLE,
  styledName,
  TURN_STYLES,
  type HouseStyle,
} from './printing/style';
export { labelOfTick } from './model/ticks';
export { findDancedLine as findLine } from './views/explain';
export type { LineRange } from './rewriting/lines';
export { tidyLines, tidyScript } from './rewriting/tidy';
export { mirrorLines } from './rewriting/mirror';
export { retakesOf, type RetakeKind } from './rewriting/retake';
export { repeatLines } from './rewriting/repeat';
export { changeTempo, type Tempo } from './rewriting/tempo';
export { moveSection, sectionAtLine, type MovedSection } from './rewriting/sections';
export { expandLines, nameLines } from './rewriting/naming';
export { withOwnFigures } from './rewriting/carry-figures';
export { definitionsIn } from './reading/own-figures';
export { FAMILIES, LANGUAGES, type Care, type Family, type Language } from './vocabulary/figures';
export { TONGUES, type Level } from './printing/tongues';
export { figureById } from './vocabulary';
export {
  danceFigure,
  FIGURE_ENTRIES,
  searchFigures,
  tryOwnFigure,
  type FigureDanced,
  type FigureEntry,
  type FigureForm,
} from './views/figures';
export { editFacts, type Facts } from './printing/header';
export { momentsWords } from './printing/actions';
export { wallsOf, wallTable } from './walls/table';
export type { Wall, WallPlan } from './walls/wall';
export { wallsInShort } from './walls/words';
export type { FootMark, LineView, RailCell, ScriptView, SectionView, Truth } from './views/script-view';
export { explainLine, type Explained, type ExplainedStep, type FloorMark } from './views/explain';
export {
  viewSheet,
  type Sheet,
  type SheetChoice,
  type SheetLine,
  type SheetSection,
  type SheetWall,
} from './views/sheet';
export { SHEET_WORDS, type SheetWords } from './views/sheet-words';
export { wallHappenings } from './views/happenings';
export { viewCounts, viewCueCard, viewSummary, type CountRow, type CueCard } from './views/short-sheets';
export { compareDances, type Change } from './views/compare';
export { howTaken } from './views/how-taken';
export { likenessTo, viewImport, type ImportLine, type ImportView } from './views/import-view';
export type { Dance } from './dancing/dance';
export { cautionsOf, CAUTION_TEXTS, type Caution } from './views/cautions';
export { reportDance, type Report } from './views/report';
export { figureAfter, offerFigures, placeInLine, type Offer } from './views/completion';
export { keyOf, nextUp, toldFindings, unfinished, usualCounts, type NextUp, type Writing } from './views/writing';
export {
  compareWalls,
  joinWords,
  onWall,
  placesOnWall,
  viewWalls,
  type Band,
  type OnWall,
  type PlaceOnWall,
  type PlanLineView,
  type WallChange,
  type WallRow,
  type WallsView,
} from './views/walls';
export { addToPlan, endingLine, moveInPlan, removeFromPlan, restartLine, tagLine } from './rewriting/plan';
export { endingsAt, type EndingProposal, type Endings } from './solving/endings';
export { searchWays, type WayFound } from './solving/ways';
export type { PlanEntry } from './reading/script';
export {
  closeDance,
  CLOSES,
  fillAt,
  GO_ON_GROUPS,
  goOnAt,
  type FillView,
  type GoOn,
  type GoOnGroup,
  type Proposed,
} from './views/fitting';
export { mendings, type Look, type Mending } from './views/mending';
export { SIDES, type Side } from './solving/fill';
export type { Wishes } from './solving/stretch';
export { FIGURE_LEVELS } from './vocabulary/levels';
export { sequencesOf, type Sequence } from './views/sequences';
export { FLOOR_SCOPES, viewFloor, type FloorCall, type FloorScope, type FloorView } from './views/floor';
export { poseAt, type FootPose, type Pose } from './floor/pose';
export type { FloorPath, FloorStep } from './floor/path';
export { hallOf, STEP_METRES, type Hall } from './floor/hall';
export { TICKS_A_COUNT } from './model/ticks';
export { tempoOf } from './reading/tempo';
export { dancesFor, songsFor, type Matched, type ShelfText } from './solving/other-songs';
export { layUnder, placeAtCount, unitOf, type LaidSong, type SongPlace, type Unit } from './music/laid';
export { viewMusic, type MusicRow, type MusicStrip, type MusicView } from './views/music';
export { secondsAt, songOf, type Phrase, type Song } from './music/song';
export type { PhraseKind } from './lexicon/song';
export {
  heardSongEdit,
  introEdit,
  joinPhrases,
  moveBorder,
  namePhrase,
  songEdit,
  splitPhrase,
  tempoEdit,
  type HeardSong,
} from './music/song-edits';
export { fitSong, type SongFit } from './solving/fit-song';
export { CUE_FORMS, feetAsLetters, type Cue, type CueForm } from './teaching/cues';
export {
  performanceOf,
  ticksAt,
  type Aloud,
  type Performance,
  type PerformanceOrder,
  type Said,
} from './teaching/performance';
export { passagesOfSections, passagesOfWalls, timelineOf, type Passage, type Timeline } from './teaching/timeline';
export { danceTempo } from './music/tempo';
export {
  changeLesson,
  GROUPS,
  lessonEdit,
  LESSON_MINUTES,
  lessonOf,
  planLesson,
  type Group,
  type Lesson,
  type LessonOrder,
} from './teaching/lesson';
export { estimateLevel, type LevelEstimate, type Reason, type SectionLevel } from './level/estimate';
export {
  MOST_LEVELS,
  placeOfPoints,
  scaleProblem,
  shareOfLevel,
  statedPlace,
  USUAL_SCALE,
  usualPlace,
  type LevelScale,
} from './level/scale';
export { WEIGHTS } from './level/weights';
export { easierWays, type EasierWay, type HardLine } from './views/easier';
export {
  byDate,
  dayAfter,
  daysBetween,
  EVENING_STATES,
  eveningsOfGroup,
  HALL_RULES,
  isClock,
  isDay,
  isRunning,
  isSameTrip,
  meetingOf,
  minutesLater,
  nextMeeting,
  openRequests,
  STEP_KINDS,
  weekdayOf,
  type ClassGroup,
  type DanceNote,
  type Day,
  type Evening,
  type EveningState,
  type EveningStep,
  type Request,
  type StepKind,
  type Trip,
} from './teaching/classes';
export { dueBy, knownBy, knownNow, USUAL_INTERVALS, weeksWords, type Due, type Known } from './teaching/known';
export { planFacts, tripAt, type PlanFacts } from './teaching/plan-facts';
export { EVENING_CAUTION, viewEvening, type EveningRow, type EveningView } from './views/evening';
export { EVENING_MINUTES, planEvening, withCautions, type EveningOrder } from './teaching/evening-plan';
export { viewTeaching, type TeachingView } from './views/teaching';
