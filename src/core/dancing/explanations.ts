/** Whether words behind a figure's name say the steps of that figure: then they explain it. */
import type { ActionWord } from '../model/actions';
import { otherFoot, type Foot } from '../model/feet';
import type { Call } from '../grammar/steps/cut';
import type { Figure } from '../vocabulary';
import type { PatternStep } from '../vocabulary/notation';

/** One way to dance a figure, and how far it has been said. */
interface Telling {
  readonly steps: readonly PatternStep[];
  /** The figure is danced with a turn: then side and forward are one, the body has moved and the foot has not. */
  readonly turns: boolean;
  lead: Foot | undefined;
  /** Behind the last step that was said. */
  place: number;
}

/** How many of the calls behind a figure say its own steps, in their order; some may be missing. */
export function explainedBy(title: Call, rest: readonly Call[]): number {
  const figure = title.figure as Figure;
  const turns = title.turn !== undefined || figure.amount !== undefined;
  const lead = title.foot ?? title.feet?.[0] ?? (figure.bare === 'side' ? title.travel : undefined);
  let most = 0;
  for (const steps of [...figure.turned.values(), ...figure.forms.map((form) => form.steps)]) {
    const telling: Telling = { steps, turns, lead, place: 0 };
    const other = rest.findIndex((call) => !tells(call, telling) && !isTurnSaid(call, figure) && !isManner(call));
    const length = other < 0 ? rest.length : other;
    if (telling.place > 0 || length === rest.length) most = Math.max(most, length);
  }
  return most;
}

/** `jazz box, right over left`: what stands behind a name begins as the figure does, on its foot. */
export function opensAsSaid(title: Call, first: Call | undefined): boolean {
  if (title.figure?.family === 'single' || !first?.foot) return false;
  return (
    leadSaid({ ...title, foot: undefined, feet: undefined, travel: undefined }, first) === (title.foot ?? first.foot)
  );
}

/** The foot that an explanation says its figure is led by, where the name leaves it open: `crossing shuffle, right over left`. */
export function leadSaid(title: Call, first: Call | undefined): Foot | undefined {
  const opening = title.figure?.forms[0].steps[0];
  if (title.foot || title.feet || title.travel || !first?.foot || opening?.role !== 'A') return undefined;
  const turns = title.turn !== undefined;
  return saysStep(first, first.foot, opening, { steps: [opening], turns, lead: undefined, place: 0 })
    ? first.foot
    : undefined;
}

/** `a full turn over the left shoulder`, behind a figure that turns. */
export const isTurnSaid = (call: Call, figure: Figure): boolean =>
  call.figure !== undefined &&
  call.foot === undefined &&
  call.direction === undefined &&
  call.turn !== undefined &&
  call.figure.bare === 'way' &&
  (figure.way !== undefined || figure.turned.size > 0);

const MANNERS: ReadonlySet<ActionWord | undefined> = new Set<ActionWord>(['bounce', 'bump', 'roll', 'shimmy', 'style']);

/** `fan the toes`, `toes turned in`: how it is done. */
const isManner = ({ figure, foot, direction }: Call): boolean =>
  foot === undefined && (MANNERS.has(figure?.forms[0].steps[0].word) || direction === 'in' || direction === 'out');

/** Goes on behind the steps that a call says; false when it says another. */
function tells(call: Call, telling: Telling): boolean {
  if (!call.figure || call.repeat > 1 || call.more || call.detail) return false;
  const feet = call.feet ?? [call.foot];
  const { steps, place } = telling;
  for (let from = place; from + feet.length <= steps.length; from++) {
    if (!feet.every((foot, index) => saysStep(call, foot, steps[from + index], telling))) continue;
    const [foot] = feet;
    if (foot) telling.lead ??= steps[from].role === 'B' ? otherFoot(foot) : foot;
    telling.place = from + feet.length;
    return true;
  }
  return false;
}

function saysStep(call: Call, foot: Foot | undefined, step: PatternStep, { lead, turns }: Telling): boolean {
  const own = call.figure?.forms[0].steps[0];
  if (!own || call.figure?.family !== 'single') return false;
  if (foot && lead && isOther(step, foot, lead)) return false;
  if (own.word !== step.word && (own.effect === 'takes') !== (step.effect === 'takes')) return false;
  const isOpen = step.direction === '*' || step.direction === null || (turns && step.turn !== 0);
  return isOpen || call.turn !== undefined || saysDirection(call.direction ?? own.direction, step.direction);
}

const isOther = ({ role }: PatternStep, foot: Foot, lead: Foot): boolean =>
  (role === 'A' || role === 'B') && (role === 'A') !== (foot === lead);

const saysDirection = (said: PatternStep['direction'], direction: PatternStep['direction']): boolean =>
  said === null ||
  said === '*' ||
  said === direction ||
  (said === 'side' && direction === 'place') ||
  (said === 'in' && direction === 'together') ||
  (said === 'out' && typeof direction === 'string' && direction.startsWith('diagonal')) ||
  // A corner is loosely named.
  (typeof direction === 'string' && direction === `diagonal ${said}`);
