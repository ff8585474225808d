/**
 * The words of one field on their way to where they are kept. They are written one after another; each time what was changed here is
 * put together with what is kept by then. What could not be kept stays in the field and is tried again with the next letter.
 */
import { mergeWords } from './merge-words';

/** Writes a change of what is kept then, whoever wrote it last; false where it could not be kept. */
export type KeepText = (change: (kept: string) => string) => Promise<boolean>;

interface Order {
  readonly show: (words: string) => void;
  /** For values of which only one can stand: told the other one, which was kept elsewhere meanwhile. */
  readonly ask: ((other: string) => void) | undefined;
  /** What stands between two texts that were written at the same place. */
  readonly joint: string;
}

export class KeptWords {
  /** What this field and the kept words had in common last. */
  private base: string;
  /** As it is written here. */
  private own: string;
  /** As it is kept, as far as is known. */
  private kept: string;
  private isWriting = false;
  private isKeeping = false;
  private keep: KeepText = () => Promise.resolve(false);

  constructor(
    value: string,
    private readonly order: Order,
  ) {
    [this.base, this.own, this.kept] = [value, value, value];
  }

  keepBy(keep: KeepText): void {
    this.keep = keep;
  }

  begin(): void {
    this.isWriting = true;
  }

  /** The field is left: it shows what is kept, and what could not be kept stays in it. */
  leave(): void {
    this.isWriting = false;
    this.settle();
  }

  /** Told what is kept, from here or from elsewhere. */
  follow(value: string): void {
    this.kept = value;
    this.settle();
  }

  write(own: string): void {
    this.own = own;
    void this.keepAll();
  }

  private async keepAll(): Promise<void> {
    if (this.isKeeping) return;
    this.isKeeping = true;
    while (this.own !== this.base) {
      const [base, own] = [this.base, this.own];
      const isKept = await this.keep((kept) => (this.kept = this.together(base, own, kept)));
      if (!isKept) break;
      this.base = own;
    }
    this.isKeeping = false;
    this.settle();
  }

  private together(base: string, own: string, kept: string): string {
    const { ask, joint } = this.order;
    if (!ask) return mergeWords(base, own, kept, joint);
    if (kept !== base && kept !== own) ask(kept);
    return own;
  }

  private settle(): void {
    if (this.isWriting || this.isKeeping || this.own !== this.base) return;
    [this.base, this.own] = [this.kept, this.kept];
    this.order.show(this.kept);
  }
}
