/** How a sheet was taken, in sentences: where its counts stand, where its sections begin, which facts it says, what are remarks. */
import { countsStandBehind } from '../reading/line';
import type { Script, ScriptLine } from '../reading/script';
import type { ScriptView } from './script-view';

type Place = 'before' | 'behind' | 'none';

export function howTaken({ lines, blocks, header, plan }: Script, view: ScriptView): readonly string[] {
  const steps = lines.filter(({ kind }) => kind === 'step');
  if (steps.length === 0) return [];
  const sections = blocks.filter(({ kind }) => kind === 'part').flatMap((block) => block.sections);
  const headed = sections.filter(({ headingLine }) => headingLine !== undefined).length;
  const remarks = lines.filter(({ kind, section }) => kind === 'text' && section).length;
  const asides = steps.filter(({ index }) => (view.lines[index]?.asides.length ?? 0) > 0).length;
  const facts = [...new Set(header.entries.map(({ key }) => key))];
  return [
    countsSentence(steps),
    sectionsSentence(sections.length, headed),
    facts.length > 0 ? `facts found: ${facts.join(', ')}` : 'no facts found at its head',
    plan.length > 0 ? `${many(plan.length, 'thing')} said of walls` : '',
    remarks > 0 ? `${many(remarks, 'line')} taken as ${remarks === 1 ? 'a remark' : 'remarks'}` : '',
    asides > 0 ? `words of ${many(asides, 'line')} taken as explaining the steps, not as more of them` : '',
  ].filter(Boolean);
}

function sectionsSentence(sections: number, headed: number): string {
  if (headed === sections) return `${many(sections, 'section')}, each under its heading`;
  if (sections === 1) return '1 section without a heading';
  const begins = 'where the counts begin again';
  if (headed === 0) return `${sections} sections without headings, each ${begins}`;
  return `${sections} sections; ${headed === 1 ? 'one has' : `${headed} have`} a heading, the others begin ${begins}`;
}

const many = (count: number, noun: string): string => `${count} ${noun}${count === 1 ? '' : 's'}`;

function countsSentence(steps: readonly ScriptLine[]): string {
  const places = steps.map(placeOf);
  const count = (place: Place): number => places.filter((one) => one === place).length;
  const [before, behind, none] = [count('before'), count('behind'), count('none')];
  if (none === steps.length) return 'no counts are written: each figure has its usual ones';
  const where = before >= behind ? 'counts stand before the steps' : 'counts stand behind the steps';
  const others = before >= behind ? behind : before;
  const rest = [others > 0 && `${others} the other way round`, none > 0 && `${none} without`].filter(Boolean);
  return rest.length > 0 ? `${where} (${rest.join(', ')})` : where;
}

function placeOf({ step }: ScriptLine): Place {
  if (!step?.groups[0]?.counts) return 'none';
  return countsStandBehind(step) ? 'behind' : 'before';
}
