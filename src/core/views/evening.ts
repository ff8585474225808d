/** An evening as a page: its steps with the clock at the left, how long it takes, and what it breaks of the hall's rules. */
import type { Evening, EveningStep } from '../teaching/classes';

export interface EveningRow {
  readonly step: EveningStep;
  /** On the clock of the place. */
  readonly from: string;
  readonly to: string;
}

export interface EveningView {
  readonly rows: readonly EveningRow[];
  readonly minutes: number;
  /** Minutes that the plan is longer than the evening; below 0 where time is left. */
  readonly over: number;
}

/** `19:00` and 95 minutes are `20:35`; after midnight the clock begins again. */
export function clockAfter(time: string, minutes: number): string {
  const [hours, own] = time.split(':').map(Number);
  const all = (((hours * 60 + own + minutes) % 1440) + 1440) % 1440;
  return `${String(Math.floor(all / 60)).padStart(2, '0')}:${String(all % 60).padStart(2, '0')}`;
}

export function viewEvening({
  steps,
  time,
  minutes: length,
}: Pick<Evening, 'steps' | 'time' | 'minutes'>): EveningView {
  let at = 0;
  const rows = steps.map((step): EveningRow => {
    const from = clockAfter(time, at);
    at += step.minutes;
    return { step, from, to: clockAfter(time, at) };
  });
  return { rows, minutes: at, over: at - length };
}

export const EVENING_CAUTION =
  'Warm up, have water, keep the floor clear and dry, and leave room between the lines. The rules of the hall come first. Anyone with pain, an injury, a pregnancy, or a heart or balance condition asks a doctor or physiotherapist.';
