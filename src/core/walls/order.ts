/** The order of a phrased dance with its names resolved: every item a part or a tag that the sheet has. */
import type { Dance, DancedBlock } from '../dancing/dance';
import { blockNamed } from '../dancing/places';
import type { Span } from '../model/text';
import { shiftSpan } from '../model/text';
import type { PlanEntry } from '../reading/script';
import type { OrderItem } from '../grammar/plan-order';

export interface OrderStep {
  readonly kind: 'part' | 'tag';
  readonly danced: DancedBlock;
  readonly item: OrderItem;
  readonly entry?: PlanEntry;
  /** In the text. */
  readonly span: Span;
}

export interface UnknownName {
  readonly entry: PlanEntry;
  readonly span: Span;
  readonly name: string;
}

export interface Order {
  readonly steps: readonly OrderStep[];
  readonly unknown: readonly UnknownName[];
  /** It is written; else the parts are taken once, as they stand. */
  readonly entry?: PlanEntry;
  /** An order that stands beside the first. */
  readonly others: readonly PlanEntry[];
}

/** Undefined for a plain dance, which goes on for as long as the music does. */
export function orderOf(dance: Dance): Order | undefined {
  const entries = dance.script.plan.filter(({ item }) => item.kind === 'order');
  const [entry, ...others] = entries;
  if (entry?.item.kind === 'order') {
    const { steps, unknown } = resolve(dance, entry, entry.item.items);
    if (steps.some(({ kind }) => kind === 'part')) return { steps, unknown, entry, others };
    return dance.parts.length > 1 ? { steps: partsOnce(dance), unknown, entry, others } : undefined;
  }
  return dance.parts.length > 1 ? { steps: partsOnce(dance), unknown: [], others: [] } : undefined;
}

/** Names in an order that the sheet has nothing for, also where the dance is danced as a plain one. */
export function unknownNames(dance: Dance): readonly UnknownName[] {
  return dance.script.plan.flatMap((entry) =>
    entry.item.kind === 'order' ? resolve(dance, entry, entry.item.items).unknown : [],
  );
}

const partsOnce = (dance: Dance): OrderStep[] =>
  dance.parts.map((danced) => ({
    kind: 'part',
    danced,
    item: { name: danced.block.name, span: { from: 0, to: 0 }, short: false },
    span: { from: 0, to: 0 },
  }));

const TAG_WORD = /^(?:tag|bridge)$/i;

function resolve(
  dance: Dance,
  entry: PlanEntry,
  items: readonly OrderItem[],
): { steps: OrderStep[]; unknown: UnknownName[] } {
  const steps: OrderStep[] = [];
  const unknown: UnknownName[] = [];
  for (let index = 0; index < items.length; index++) {
    const item = items[index];
    const span = shiftSpan(item.span, entry.offset);
    const add = (kind: OrderStep['kind'], danced: DancedBlock) => steps.push({ kind, danced, item, entry, span });
    const part = blockNamed(dance, 'part', item.name);
    const tag = blockNamed(dance, 'tag', item.name) ?? blockNamed(dance, 'tag', `tag ${item.name}`);
    const next = items[index + 1];
    const numbered = TAG_WORD.test(item.name) && next ? blockNamed(dance, 'tag', next.name) : undefined;
    const glued = part || tag ? undefined : gluedParts(dance, item.name);
    if (part) add('part', part);
    else if (numbered) {
      add('tag', numbered);
      index += 1;
    } else if (tag) add('tag', tag);
    else if (TAG_WORD.test(item.name) && dance.tags.length === 1) add('tag', dance.tags[0]);
    else if (glued) for (const danced of glued) add('part', danced);
    else if (!/^(?:end|ending|finish|intro)$/i.test(item.name)) unknown.push({ entry, span, name: item.name });
  }
  return { steps, unknown };
}

/** `AABA`: every letter a part. */
function gluedParts(dance: Dance, name: string): DancedBlock[] | undefined {
  if (!/^[A-Za-z]{2,}$/.test(name)) return undefined;
  const parts = [...name].map((letter) => blockNamed(dance, 'part', letter));
  return parts.every((part) => part !== undefined) ? parts : undefined;
}
