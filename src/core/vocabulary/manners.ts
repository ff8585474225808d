/**
 * What a figure does beside others in a line of steps, by manner. Grammar asks for the manner and never for a figure; a figure gains
 * one by standing in its row here. Common practice in the trade (no source).
 */
const ROWS = {
  /** `touch R forward, side, back`: a place alone goes on with it. */
  goesOn: 'touch tap point toe heel kick jump',
  /** A gesture of one foot, which an `&` closes. */
  gestures: 'touch tap point toe heel kick',
  /** `touch out in out`: places in one breath are so many of it. */
  takesPlaces: 'step touch tap point toe heel kick jump swivel twist walk',
  /** A part of the foot as well as what it does: `touch the heel`. */
  isPart: 'heel toe',
  /** With such a part it is what that part does. */
  givesWayToPart: 'touch tap point close heel',
  /** The part that is named with it says nothing more: `drop the heel`. */
  namesPart: 'drop hook bounce slap drag scuff brush stomp hitch toe-fan heel-fan',
  /** Both feet swivel; a part that is named says on which end. */
  swivels: 'swivel twist',
  /** A verb that comes late and brings nothing new: `die rechte Ferse vorn auftippen`. */
  comesLate: 'touch tap step',
  /** What such a verb follows. */
  waitsForVerb: 'heel toe point',
  /** Words for a step, whatever it looks like: `drei Schritte gehen`. */
  isStepping: 'step walk run',
  /** A foot in the air, or on its toes, that can be stepped on where it is: `hook L behind and step on it`. */
  isPlaced: 'touch tap point toe heel kick flick hook sweep brush scuff',
  /** The foot comes in, with or without its weight: `bring L in and tap`. */
  comesIn: 'close drag slide',
  /** With an amount and no foot it is the dancer that goes round: `swing round a half`. */
  swingsRound: 'sweep',
  /** It says too little by itself to be offered as the name of a spelt line. */
  neverNames:
    'turn-touch step-point point-step side-touch side-together cross-point touch-out-in heel-toe brush-hitch skate-touch step-slap heel-slap jazz-triangle press-recover push-turn',
  /** A spin by its name: who calls it means it. */
  spins: 'monterey spiral full-turn unwind',
  /** `drag L to R`: the side is the other foot's. */
  neverAside: 'close stomp drag',
} as const;

export type Manner = keyof typeof ROWS;

const BY_FIGURE = new Map<string, Set<Manner>>();
for (const [manner, ids] of Object.entries(ROWS))
  for (const id of ids.split(' ')) {
    const own = BY_FIGURE.get(id) ?? new Set<Manner>();
    BY_FIGURE.set(id, own.add(manner as Manner));
  }

const NONE: ReadonlySet<Manner> = new Set();

export const mannersOf = (id: string): ReadonlySet<Manner> => BY_FIGURE.get(id) ?? NONE;

/** Two names that are one figure when a foot stands between them: `kick R ball change`. */
const FUSED: Readonly<Record<string, string>> = {
  'kick ball-change': 'kick-ball-change',
  'kick ball-step': 'kick-ball-step',
  'kick ball-cross': 'kick-ball-cross',
  'kick ball-side': 'kick-ball-side',
  'kick ball-point': 'kick-ball-point',
  'kick ball-touch': 'kick-ball-touch',
  'heel ball-cross': 'heel-ball-cross',
  'heel ball-step': 'heel-ball-step',
  // With a small word: `stomp R up`.
  'stomp up': 'stomp-up',
  // `cross R in front of the left shin`
  'cross shin': 'hook',
  'cross tibia': 'hook',
  'cross schienbein': 'hook',
};

export const fusedId = (first: string, second: string): string | undefined => FUSED[`${first} ${second}`];

/** Names that are lists of places, which may go on: `side together forward`. */
export const PLACES_NAMED = {
  'side-together': ['side', 'together'],
  'behind-side-cross': ['behind', 'side', 'cross'],
} as const;

/** Figures that grammar and printing speak of one by one: a bare place is a step, a bare amount a turn. */
export const KNOWN_IDS = [
  'arms', 'ball', 'close', 'cross', 'drag', 'drop', 'full-turn', 'heel', 'hold', 'jump', 'jump-on', 'monterey', 'pivot', 'point', 'recover',
  'rock', 'roll', 'sit', 'sit-on', 'slide', 'step', 'toe', 'touch', 'turn', 'weight-change',
] as const; // prettier-ignore
