/** Dances a script with the weights its plan gives: a part or a tag starts as its first place in the plan hands over to it. */
import { DancedBlocks, danceScript, type Dance, type DancedBlock } from '../dancing/dance';
import { isFoot, otherFoot, type Weight } from '../model/feet';
import type { BlockText, Script } from '../reading/script';
import { wallsOf } from './table';

/** No dance has more parts and tags whose place decides where they start. */
const MOST_ROUNDS = 60;

export function danceWithPlan(script: Script): Dance {
  const blocks = new DancedBlocks();
  let dance = danceScript(script, undefined, blocks);
  if (script.plan.length === 0 || dance.parts.length + dance.tags.length < 2) return dance;
  const starts = new Map<BlockText, Weight>();
  // Parts and tags settle one after another, each at most once.
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const given = nextStart(dance, starts);
    if (!given) return dance;
    starts.set(given.block, given.weight);
    const settled = danceScript(script, starts, blocks);
    // A block that writes out the other foot is right as it stands: then the place is wrong, and is told there.
    if (contradicts(settled, given.block)) starts.set(given.block, otherFoot(given.weight as 'L' | 'R'));
    dance = danceScript(script, starts, blocks);
  }
  return dance;
}

function nextStart(
  dance: Dance,
  starts: ReadonlyMap<BlockText, Weight>,
): { block: BlockText; weight: Weight } | undefined {
  const seen = new Set<BlockText>(dance.parts.length > 0 ? [dance.parts[0].block] : []);
  for (const { pieces } of wallsOf(dance).walls) {
    for (const { block, from, join } of pieces) {
      if (from !== 0 || seen.has(block.block)) continue;
      seen.add(block.block);
      const own = dance.parts.includes(block) || dance.tags.includes(block);
      if (own && !starts.has(block.block) && isFoot(join.weight) && join.weight !== block.before.weight)
        return { block: block.block, weight: join.weight };
    }
  }
  return undefined;
}

function contradicts({ parts, tags }: Dance, block: BlockText): boolean {
  const danced: DancedBlock | undefined = [...parts, ...tags].find((own) => own.block === block);
  const first = danced?.moments.find(({ action }) => action.foot !== null);
  return first !== undefined && first.action.foot === first.before.weight;
}
