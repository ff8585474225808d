/** How far the counts of a section have come, as they are written. */
import { greatest } from '../model/numbers';
import { TICKS_A_COUNT } from '../model/ticks';
import type { Counts } from '../reading/counts';
import type { Length, StepLine } from '../reading/line';
import type { SectionText } from '../reading/script';
import type { Outline } from './outline';

const EIGHT = 8;
const lengthOf = ({ counts }: SectionText): number => (counts ?? EIGHT) * TICKS_A_COUNT;

export class Progress {
  /** It has counts. */
  begins = false;
  private first = 0;
  private reached = 0;
  /** Its last line ends on the 1 of what follows. */
  private borrows = false;

  take({ groups }: StepLine): void {
    for (const { counts } of groups) {
      if (!counts || counts.ticks.length === 0) continue;
      if (!this.begins) this.first = counts.floating ? 0 : greatest([counts.ticks[0]], 0);
      this.begins = true;
      this.borrows = counts.borrows;
      this.reached = counts.floating ? this.reached + counts.end : greatest([this.reached, counts.end]);
    }
  }

  /** Counts that lines without any take, in their shortest forms and in their longest. */
  private uncounted: Length = { least: 0, most: 0 };

  /** A line without counts: it goes on from what stands above. */
  takeUncounted({ least, most }: Length): void {
    this.uncounted = { least: this.uncounted.least + least, most: this.uncounted.most + most };
  }

  /** The lines without counts can fill the section, and the next one has no room in it. */
  isFilledBefore({ least }: Length, section: SectionText): boolean {
    const counts = section.counts ?? EIGHT;
    return this.uncounted.least <= counts && this.uncounted.most >= counts && this.uncounted.least + least > counts;
  }

  isFull(section: SectionText | undefined): boolean {
    return section !== undefined && this.begins && this.reached - this.first >= lengthOf(section);
  }

  /** Nothing is left between what was counted and these. */
  goesOnWith({ ticks: [next], floating }: Counts): boolean {
    return this.begins && !floating && next === this.reached;
  }

  /** Whether counts are those of the section that follows: they begin again, or the sheet is numbered through. */
  goesOnIn({ ticks: [next] }: Counts, section: SectionText, outline: Outline): boolean {
    if (!this.isFull(section)) return false;
    const length = lengthOf(section);
    // After an `8&1` the next section begins on its 2.
    if (next <= 0 || (this.borrows && next === this.reached - length)) return true;
    const runsOn = !section.countsStated && outline.runsTo(length) && this.reached % length === 0;
    return runsOn && next === this.reached;
  }
}
