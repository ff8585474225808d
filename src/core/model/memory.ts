/** What was worked out for a text, remembered until it is too much: then all of it is forgotten at once. */
export class Memory<T> {
  private readonly known = new Map<string, T>();
  private letters = 0;

  /** `most`: letters of the texts that are remembered at a time. */
  constructor(private readonly most = 400_000) {}

  of(text: string, workOut: () => T): T {
    const known = this.known.get(text);
    if (known !== undefined) return known;
    const found = workOut();
    this.letters += text.length + 20;
    if (this.letters > this.most) {
      this.known.clear();
      this.letters = text.length;
    }
    this.known.set(text, found);
    return found;
  }
}
