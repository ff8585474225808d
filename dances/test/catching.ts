/** How many injected slips are told, and how near: an error or a warning at the place, on the lines beside it, or at its heading. */
import { isAlarm, positionOf } from '../../src/core/index';
import { checked } from './checked';
import { injectSlips, type InjectedSlip } from './injector';

export interface Catch {
  readonly slip: InjectedSlip;
  readonly caught: boolean;
}

/** Lines of the sheet (steps and headings) between the slip and what is told of it. */
const BESIDE = 2;

export const catchSlips = (text: string): Catch[] =>
  injectSlips(text).map((slip) => ({ slip, caught: isCaught(slip) }));

/** An error or a warning at the slip, or beside it. */
export function isCaught({ text, line }: InjectedSlip): boolean {
  const { findings, script } = checked(text);
  const sheet = script.lines
    .filter(({ kind }) => kind === 'step' || kind === 'heading' || kind === 'plan' || kind === 'option')
    .map(({ index }) => index);
  const place = (index: number): number => sheet.filter((own) => own <= index).length;
  const heading = script.lines.findLast(({ index, kind }) => kind === 'heading' && index <= line)?.index;
  // What a finding points to beside its own place counts as well.
  const places = findings.filter(isAlarm).flatMap(({ span, related }) => (related ? [span, related.span] : [span]));
  return places.some((span) => {
    const at = positionOf(text, span.from).line - 1;
    return at === heading || Math.abs(place(at) - place(line)) <= BESIDE;
  });
}

export interface KindTally {
  readonly kind: string;
  readonly injected: number;
  readonly missed: readonly InjectedSlip[];
}

export function tallyByKind(catches: readonly Catch[]): KindTally[] {
  return [...new Set(catches.map(({ slip }) => slip.kind))].map((kind) => {
    const own = catches.filter(({ slip }) => slip.kind === kind);
    return { kind, injected: own.length, missed: own.filter(({ caught }) => !caught).map(({ slip }) => slip) };
  });
}
