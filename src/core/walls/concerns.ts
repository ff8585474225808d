/** Whether a line of the plan is about a wall. */
import type { DancedBlock } from '../dancing/dance';
import type { Facing } from '../model/turns';
import type { PlanItem } from '../grammar/plan';

export interface WallHere {
  readonly number: number;
  /** How often its part has been danced by then. */
  readonly time: number;
  readonly block: DancedBlock;
  readonly start: Facing;
  readonly isLast: boolean;
}

/** `lastNamed`: the last wall that the plan names; an ending told by a facing comes after it. */
export function concerns(item: PlanItem, here: WallHere, lastNamed: number): boolean {
  if (!('walls' in item)) return false;
  const { walls } = item;
  switch (walls.kind) {
    case 'walls':
      return walls.numbers.includes(here.number);
    case 'every':
      return here.number >= walls.first && (here.number - walls.first) % walls.step === 0;
    case 'starting':
      return walls.facing === here.start && (item.kind !== 'ending' || here.number > lastNamed);
    case 'part':
      return isPart(here.block, walls.part) && (walls.numbers?.includes(here.time) ?? true);
    case 'last':
      return here.isLast;
    case 'unsaid':
      return false;
  }
}

const isPart = ({ block }: DancedBlock, name: string): boolean => block.name.toLowerCase() === name.toLowerCase();
