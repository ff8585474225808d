/** Calls danced where other words stand for them. */
import { otherFoot } from '../model/feet';
import type { Span } from '../model/text';
import type { Call } from '../grammar/steps/cut';
import { mirrorCall } from './resolve';

/** A call danced where other words stand for it: none of its places may point into the line it was copied from. */
export const copiedTo = (call: Call, span: Span): Call => ({
  ...call,
  copied: true,
  span,
  nameSpan: call.nameSpan && span,
  footSpan: call.footSpan && span,
  unread: [],
  turn: call.turn && { ...call.turn, span },
  detail: call.detail?.map((own) => copiedTo(own, span)),
});

/** `..., then the same to the right`: what stands before it in its line, once more or on the other foot. */
export function withCopies(calls: readonly Call[]): readonly Call[] {
  const at = calls.findIndex(({ mirrored }) => mirrored !== undefined);
  if (at < 1) return calls;
  const [before, { span, mirrored }] = [calls.slice(0, at), calls[at]];
  const lead = before[0].foot ?? before[0].feet?.[0] ?? before[0].travel;
  const isOther = typeof mirrored === 'string' ? lead === otherFoot(mirrored) : mirrored === true;
  const copies = before.map((call) => copiedTo(isOther ? mirrorCall(call) : call, span));
  return [...before, ...copies, ...withCopies(calls.slice(at + 1))];
}
