/** The parts, tags and sections of a sheet while it is being read: what is open, and how far its counts have come. */
import type { Heading } from '../grammar/heading';
import type { BlockText, SectionText } from '../reading/script';
import { Progress } from './progress';

export class Blocks {
  readonly all: BlockText[] = [];
  block: BlockText | undefined;
  section: SectionText | undefined;
  progress = new Progress();

  constructor(
    /** The facts at the head end where the first block begins. */
    private readonly begins: () => void,
    /** Counts of a section that does not say how many it has. */
    private readonly customary: () => number | undefined,
  ) {}

  /** The section under a heading, in the part or the tag that is open. */
  openHeaded(heading: Heading, index: number): SectionText {
    const { block: open } = this;
    const block = open?.kind === 'part' || open?.kind === 'tag' ? open : this.startPart('');
    return this.addSection(block, { ...heading, number: heading.number ?? block.sections.length + 1 }, index);
  }

  openSection(): SectionText {
    if (this.section) return this.section;
    const block = this.openBlock();
    return this.addSection(block, { number: block.sections.length + 1, title: '' }, undefined);
  }

  openBlock(): BlockText {
    if (this.block) return this.block;
    this.begins();
    return this.addBlock({ kind: 'part', name: '', sections: [] });
  }

  addBlock(block: BlockText): BlockText {
    this.begins();
    this.all.push(block);
    this.block = block;
    this.section = undefined;
    return block;
  }

  addSection(
    block: BlockText,
    facts: { number: number; title: string; counts?: number; copy?: SectionText['copy'] },
    headingLine: number | undefined,
  ): SectionText {
    const customary = block.kind === 'part' ? this.customary() : block.counts;
    const section: SectionText = {
      number: facts.number,
      title: facts.title,
      block,
      headingLine,
      counts: facts.counts ?? customary,
      countsStated: facts.counts !== undefined,
      copy: facts.copy,
      lines: [],
    };
    block.sections.push(section);
    this.section = section;
    this.progress = new Progress();
    return section;
  }

  startPart(name: string): BlockText {
    const existing = this.all.find((block) => block.kind === 'part' && block.name === name);
    return existing ? (this.block = existing) : this.addBlock({ kind: 'part', name, sections: [] });
  }
}
