/**
 * What to do on the next evening: warm up, dance again what is due, teach what is next, join it, run it with music, cool down. It fits
 * the minutes, and each step says why it is there. Which dances: requests first, then what is due most, then what rested longest. In
 * which order: every order of them is looked at, and the one is taken that turns and jumps least in a row, keeps the tempo changing
 * and goes from the easier to the harder. Minutes and costs are the project's own judgement.
 */
import {
  daysBetween,
  dayWords,
  openRequests,
  rulesBroken,
  type ClassGroup,
  type Day,
  type Evening,
  type EveningStep,
  type Request,
  type StepKind,
} from './classes';
import { greatest } from '../model/numbers';
import { dueBy, knownBy, knownNow, paceOf, weeksWords, type Due, type Known } from './known';
import type { PlanFacts } from './plan-facts';

export interface EveningOrder {
  readonly group: ClassGroup;
  readonly evenings: readonly Evening[];
  readonly requests: readonly Request[];
  readonly dances: readonly PlanFacts[];
  readonly date: Day;
  readonly minutes: number;
  /** The level the group is at, a place on the usual scale. */
  readonly place: number;
}

export const EVENING_MINUTES = { least: 20, most: 240, usual: 90 } as const;

const MINUTES = { warmUp: 5, coolDown: 4, break: 5, section: 9, join: 4, piece: 4 } as const;
/** From so many minutes on there is a break. */
const LONG_EVENING = 75;
/** Of what is left after warming up and cooling down, so much at most goes to what is new. */
const SHARE_OF_NEW = 0.55;
const ROOM_FOR_NEW = 12;
/** Days after which what was begun is begun anew. */
const STILL_LEARNING = 70;
/** So many dances are put in order by looking at all orders. */
const MOST_ORDERED = 7;

type Draft = Omit<EveningStep, 'id' | 'isDone' | 'cautions'> & { readonly facts?: PlanFacts };

/** Minutes to dance it once with its music, and to get into it. */
const runMinutes = ({ seconds }: PlanFacts): number => Math.max(3, Math.ceil(seconds / 60) + 1);

export function planEvening(order: EveningOrder): EveningStep[] {
  const { group, evenings, dances, date } = order;
  const minutes = Math.max(EVENING_MINUTES.least, Math.min(EVENING_MINUTES.most, Math.round(order.minutes)));
  const factsOf = new Map(dances.map((one) => [one.id, one]));
  const all = knownBy(group, evenings, date).filter(({ danceId }) => factsOf.has(danceId));
  const known = knownNow(all, (id) => factsOf.get(id)?.sections.length);
  const requests = openRequests(order.requests, evenings, group.id).sort((a, b) =>
    (a.by ?? '9').localeCompare(b.by ?? '9'),
  );
  const asked = new Map(requests.flatMap((one) => (one.danceId ? [[one.danceId, one] as const] : [])));
  const why = (id: string): string | undefined => {
    const request = asked.get(id);
    return (
      request &&
      `Asked for${request.who ? ` by ${request.who}` : ''}${request.by ? `, by ${dayWords(request.by)}` : ''}.`
    );
  };

  const breaks = minutes >= LONG_EVENING ? MINUTES.break : 0;
  let left = minutes - MINUTES.warmUp - MINUTES.coolDown - breaks;
  const begun = known.filter(({ isWhole }) => !isWhole);
  const learning = begun.filter(({ last }) => daysBetween(last, date) <= STILL_LEARNING);
  const without = [...known.filter(({ isWhole }) => isWhole), ...learning].map(({ danceId }) => danceId);
  const taught: Draft[] = [];
  const taken = new Set<string>();
  // As many new sections as they have learnt on an evening so far, and one more.
  let sections = paceOf(evenings, group.id) + 1;
  const goOn = (share: number): boolean => {
    if (sections < 1) return false;
    const next = learning.find(({ danceId }) => !taken.has(danceId));
    const facts = next ? factsOf.get(next.danceId) : newDance(order, new Set([...without, ...taken]), asked);
    if (!facts) return false;
    const forgotten = begun.find(({ danceId }) => danceId === facts.id && !next);
    const ago =
      forgotten &&
      `Begun, and left for ${weeksWords(daysBetween(forgotten.last, date))}: again from the first section.`;
    const steps = teach(facts, next, left * share, sections, { asked: why(facts.id), ago }, order);
    if (steps.length === 0 || sumOf(steps) > left) return false;
    taken.add(facts.id);
    taught.push(...steps);
    sections -= steps.filter(({ kind }) => kind === 'section').length;
    left -= sumOf(steps);
    return true;
  };
  goOn(SHARE_OF_NEW);
  const warm = warmUp(known, factsOf, order, asked);
  if (warm) taken.add(warm.id);
  const again = revisions(known, factsOf, { date, left, taken, why, asked });
  left -= sumOf(again.flat());
  // Time for another new one, and for its first section.
  while (left >= ROOM_FOR_NEW && goOn(1));
  const ordered = inBestOrder(again, warm, taught[0]?.facts);
  const steps: Draft[] = [
    warmStep(warm, order.group),
    ...withBreak([...ordered, ...taught], breaks),
    step(
      'cool-down',
      MINUTES.coolDown,
      'Cool down: calves, hips, shoulders; what comes next time',
      'Nobody goes home out of breath, and everybody knows what comes.',
    ),
  ];
  const drafts = filled(steps, left).map(({ facts: _, ...own }, index) => ({
    ...own,
    id: `step-${index + 1}`,
    cautions: [],
    isDone: false,
  }));
  return withCautions(drafts, group, (id) => factsOf.get(id));
}

/** The cautions of each step as the group and the dances are now; one that is said of a dance once an evening is not said again. */
export function withCautions(steps: readonly EveningStep[], group: Pick<ClassGroup, 'forbids'>, factsOf: (danceId: string) => PlanFacts | undefined): EveningStep[] {
  const said = new Set<string>();
  return steps.map((own) => {
    const facts = own.danceId === undefined ? undefined : factsOf(own.danceId);
    return facts ? { ...own, cautions: cautionsOf(group, facts, own.sections, said) } : own;
  });
} // prettier-ignore

const allCares = ({ sections }: PlanFacts): PlanFacts['sections'][number]['cares'] =>
  sections.flatMap(({ cares }) => cares);

/** Of the sections that are danced, or of all; each once an evening for a dance. */
function cautionsOf({ forbids }: Pick<ClassGroup, 'forbids'>, facts: PlanFacts, sections: readonly number[], said: Set<string>): string[] {
  const danced = sections.length > 0 ? sections.flatMap((section) => facts.sections[section - 1]?.cares ?? []) : allCares(facts);
  return rulesBroken(forbids, danced).flatMap(({ rule, figures }) => {
    const key = `${rule.id} ${facts.id}`;
    if (said.has(key)) return [];
    said.add(key);
    return [`${rule.caution} Here: ${figures.slice(0, 3).join(', ')}${figures.length > 3 ? ' and more' : ''}.`];
  });
} // prettier-ignore

const sumOf = (steps: readonly Draft[]): number => steps.reduce((sum, { minutes }) => sum + minutes, 0);

const step = (kind: StepKind, minutes: number, words: string, why: string, facts?: PlanFacts, sections: readonly number[] = []): Draft => ({
  kind,
  minutes,
  words,
  why,
  sections,
  ...(facts && { danceId: facts.id, title: facts.title, facts }),
}); // prettier-ignore

// Warming up

/** The easiest of what the group knows whole and is not due to be looked at, without jumps and with little turning. */
function warmUp(known: readonly Known[], factsOf: ReadonlyMap<string, PlanFacts>, { place, date }: EveningOrder, asked: ReadonlyMap<string, Request>): PlanFacts | undefined {
  return known
    // What was asked for is danced for itself.
    .filter(({ danceId, isWhole, due }) => isWhole && due > date && !asked.has(danceId))
    .flatMap(({ danceId }) => factsOf.get(danceId) ?? [])
    .filter((facts) => !facts.jumps && facts.turning <= 1.25 && facts.place <= place)
    .sort((a, b) => a.points - b.points || a.title.localeCompare(b.title))[0];
} // prettier-ignore

const warmStep = (facts: PlanFacts | undefined, { forbids }: ClassGroup): Draft =>
  facts
    ? step(
        'warm-up',
        MINUTES.warmUp,
        `Warm up with ${facts.title}`,
        'The easiest that they know: no jumps, little turning.',
        facts,
      )
    : step(
        'warm-up',
        MINUTES.warmUp,
        'Warm up: walks, side touches, weight changes',
        `None of the dances they know is easy enough to begin with${forbids.includes('no-jumps') ? '; both feet stay on the floor' : ''}.`,
      );

// What is due

interface Again {
  readonly date: Day;
  readonly left: number;
  readonly taken: ReadonlySet<string>;
  readonly why: (id: string) => string | undefined;
  readonly asked: ReadonlyMap<string, unknown>;
}

/** As many as the time allows: asked for, then due, then what rested longest. */
function revisions(known: readonly Known[], factsOf: ReadonlyMap<string, PlanFacts>, { date, left, taken, why, asked }: Again): Draft[][] {
  const due = dueBy(known, date, (id) => factsOf.get(id)?.hardest);
  const isDue = new Map(due.map((one) => [one.known.danceId, one]));
  const whole = known.filter(({ isWhole }) => isWhole);
  const order = [
    ...whole.filter(({ danceId }) => asked.has(danceId)),
    ...due.map((one) => one.known).filter(({ danceId }) => !asked.has(danceId)),
    ...whole.filter(({ danceId }) => !asked.has(danceId) && !isDue.has(danceId)).sort((a, b) => a.last.localeCompare(b.last)),
  ].filter(({ danceId }) => !taken.has(danceId));
  const found: Draft[][] = [];
  let room = left;
  for (const one of order) {
    const facts = factsOf.get(one.danceId);
    if (!facts || found.length >= MOST_ORDERED) continue;
    const again = revision(one, facts, isDue.get(one.danceId), date, why(one.danceId));
    const minutes = sumOf(again);
    if (minutes > room) continue;
    found.push(again);
    room -= minutes;
  }
  return found;
} // prettier-ignore

function revision({ last, inPlace }: Known, facts: PlanFacts, due: Due | undefined, date: Day, asked: string | undefined): Draft[] {
  const sections = asked ? [] : (due?.sections ?? []);
  const rested = `Not due yet; it rested longest of the others, ${weeksWords(daysBetween(last, date))}.`;
  const why = [asked, due?.why ?? (asked ? undefined : rested)].filter(Boolean).join(' ');
  if (sections.length > 0)
    return [step('revision', MINUTES.piece * Math.min(2, sections.length), `${facts.title}: ${sections.map((section) => facts.sections[section - 1]?.name ?? `section ${section}`).join(' and ')}, then once from the top`, why, facts, sections)];
  return [...walkInPlace(facts, inPlace), step('revision', runMinutes(facts), `${facts.title}: all of it, with its music`, why, facts)];
} // prettier-ignore

/** Tags and restarts that they have not walked, before the music runs over them (handbook 4.1). */
function walkInPlace(facts: PlanFacts, walked: readonly string[]): Draft[] {
  const missing = facts.inPlace.filter((place) => !walked.includes(place));
  if (missing.length === 0) return [];
  const words = `${facts.title}: walk in place, from the top of the wall: ${missing.join(', ')}`;
  const own = step('join', 2 + missing.length, words, 'Not walked yet, and the music does not wait.', facts, range(facts.sections.length));
  return [{ ...own, inPlace: missing }];
} // prettier-ignore

// What is new

/** Asked for, else the one not known whose level is nearest to the group's, the easier one of two. */
function newDance({ dances, place, group }: EveningOrder, without: ReadonlySet<string>, asked: ReadonlyMap<string, Request>): PlanFacts | undefined {
  const open = dances.filter(({ id, sections }) => !without.has(id) && sections.length > 0);
  const far = (facts: PlanFacts): number =>
    Math.abs(facts.place - place) + (facts.place > place ? 0.5 : 0) + 0.7 * rulesBroken(group.forbids, allCares(facts)).length;
  const easiest = (all: readonly PlanFacts[]): PlanFacts | undefined =>
    [...all].sort((a, b) => far(a) - far(b) || a.points - b.points || a.title.localeCompare(b.title))[0];
  // By their dates; of those that are asked for without one, the nearest.
  const wanted = open.filter(({ id }) => asked.has(id));
  const dated = [...asked].find(([id, { by }]) => by !== undefined && wanted.some((one) => one.id === id))?.[0];
  return wanted.find(({ id }) => id === dated) ?? easiest(wanted) ?? easiest(open);
} // prettier-ignore

interface Reasons {
  readonly asked: string | undefined;
  /** That it was begun long ago. */
  readonly ago: string | undefined;
}

/** Sections from the first that is missing on, as far as the time goes, each joined to what is there; with music when all is taught. */
function teach(facts: PlanFacts, known: Known | undefined, most: number, pace: number, { asked, ago }: Reasons, order: EveningOrder): Draft[] {
  const { sections, title } = facts;
  const nameOf = (section: number): string => sections[section - 1]?.name ?? `section ${section}`;
  const reached = new Set(known?.sections ?? []);
  const missing = sections.map((_, index) => index + 1).filter((section) => !reached.has(section));
  const taught = missing.slice(0, pace);
  const first = missing[0];
  if (first === undefined) return [];
  const goesOn = `It goes on from last time: ${reached.size} of ${sections.length} sections are taught.`;
  const whyFirst = reached.size > 0 ? goesOn : [asked, ago ?? whyNew(facts, order)].filter(Boolean).join(' ');
  const steps: Draft[] = [];
  if (known && reached.size > 0)
    steps.push(step('join', MINUTES.join, `${title}: from the top to ${nameOf(greatest([...reached]))}`, 'What was taught, first.', facts, [...reached].sort((a, b) => a - b))); // prettier-ignore
  const run = runMinutes(facts);
  for (const section of taught) {
    const { title: own, points } = sections[section - 1];
    const slow = Math.round(MINUTES.section + Math.max(-3, Math.min(4, (points - facts.points) / 2)));
    const isFirst = section === first;
    const isLast = section === missing[missing.length - 1];
    const last = isLast ? [...walkInPlace(facts, known?.inPlace ?? []), step('run', run, `${title}: all of it, with its music`, 'All of it is taught then.', facts)] : [];
    const more = slow + (section > 1 ? MINUTES.join : 0) + sumOf(last);
    if (!isFirst && sumOf(steps) + more > most) break;
    const isHard = facts.hardest === section;
    const why = [isFirst ? whyFirst : `It follows ${nameOf(section - 1)}.`, isHard ? 'It is the hardest section: more time.' : ''].filter(Boolean).join(' ');
    steps.push(step('section', slow, `${title}: ${nameOf(section)}${own ? `, ${own}` : ''}`, why, facts, [section]));
    if (section > 1) steps.push(step('join', MINUTES.join, `${title}: from the top to ${nameOf(section)}`, 'What is new is joined to what they have: the weight and the wall at the join.', facts, range(section)));
    steps.push(...last);
  }
  return steps;
} // prettier-ignore

const range = (to: number): number[] => Array.from({ length: to }, (_, index) => index + 1);

function whyNew(facts: PlanFacts, { place, group }: EveningOrder): string {
  const broken = rulesBroken(group.forbids, allCares(facts));
  const level = facts.place === place ? 'at the level of the group' : facts.place < place ? 'easier than what the group dances' : 'harder than what the group dances'; // prettier-ignore
  return `New to them, and ${level}${broken.length > 0 ? '; it needs another way here' : ''}.`;
}

// The order

const COSTS = { turning: 3, jumping: 3, sameTempo: 4, easierAfterHarder: 0.25 } as const;
/** Quarters an eight from which on a dance turns much. */
const TURNS_MUCH = 1.5;
/** Beats a minute within which two tempi feel the same. */
const SAME_TEMPO = 5;

/** What one dance after another costs: both turn much, both jump, the same tempo a third time, down again in difficulty. */
export function costOfOrder(order: readonly Pick<PlanFacts, 'turning' | 'jumps' | 'tempo' | 'points'>[]): number {
  return order.reduce((cost, one, index) => {
    const [last, before] = [order[index - 1], order[index - 2]];
    if (!last) return cost;
    const same = (a: typeof one, b: typeof one): boolean => Math.abs(a.tempo - b.tempo) <= SAME_TEMPO;
    return (
      cost +
      (one.turning >= TURNS_MUCH && last.turning >= TURNS_MUCH ? COSTS.turning : 0) +
      (one.jumps && last.jumps ? COSTS.jumping : 0) +
      (before && same(one, last) && same(last, before) && same(one, before) ? COSTS.sameTempo : 0) +
      COSTS.easierAfterHarder * Math.max(0, last.points - one.points)
    );
  }, 0);
}

/** Between what warms up and what is taught. */
function inBestOrder(
  steps: readonly (readonly Draft[])[],
  warm: PlanFacts | undefined,
  next: PlanFacts | undefined,
): Draft[] {
  let best: { readonly order: readonly (readonly Draft[])[]; readonly cost: number } = { order: steps, cost: Infinity };
  for (const order of orders(steps)) {
    const cost = costOfOrder([warm, ...order.map(([{ facts }]) => facts), next].filter((facts) => facts !== undefined));
    if (cost < best.cost - 1e-9) best = { order, cost };
  }
  return best.order.flat();
}

function* orders<T>(items: readonly T[]): Generator<readonly T[]> {
  if (items.length < 2) {
    yield items;
    return;
  }
  for (let index = 0; index < items.length; index++)
    for (const rest of orders([...items.slice(0, index), ...items.slice(index + 1)])) yield [items[index], ...rest];
}

/** Near the middle, before another dance or a new section: what was just taught is joined first. */
function withBreak(steps: readonly Draft[], minutes: number): Draft[] {
  if (minutes === 0) return [...steps];
  const half = sumOf(steps) / 2;
  let [place, off] = [steps.length, Infinity];
  steps.forEach(({ kind, danceId }, index) => {
    const distance = Math.abs(sumOf(steps.slice(0, index)) - half);
    if (index === 0 || (danceId === steps[index - 1].danceId && kind !== 'section') || distance >= off) return;
    [place, off] = [index, distance];
  });
  return [
    ...steps.slice(0, place),
    step('break', minutes, 'Break: water, names, news', 'Half of the time is danced.'),
    ...steps.slice(place),
  ];
}

/** A step takes so much longer at most than it needs. */
const STRETCH = 1.5;

/** Minutes that are left go to what is taught and danced, then to nothing in particular; those that are missing are taken from there. */
function filled(steps: readonly Draft[], left: number): Draft[] {
  const own = steps.map((one) => ({ ...one, most: Math.round(one.minutes * STRETCH) }));
  const open = own.filter(({ kind }) => kind !== 'warm-up' && kind !== 'break' && kind !== 'cool-down');
  let rest = left;
  for (let moved = true; rest !== 0 && moved; ) {
    moved = false;
    for (const one of open) {
      const by = Math.sign(rest);
      if (by === 0 || one.minutes + by < 1 || (by > 0 && one.minutes >= one.most)) continue;
      one.minutes += by;
      rest -= by;
      moved = true;
    }
  }
  const drafts = own.map(({ most: _, ...one }): Draft => one);
  if (rest <= 0) return drafts;
  return [...drafts.slice(0, -1), step('other', rest, 'Open: what they ask for', 'Time that nothing is due for.'), ...drafts.slice(-1)];
} // prettier-ignore
