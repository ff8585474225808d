import MiniSearch from 'minisearch';
import type { DanceRecord } from '../../../store';

/** An index over all words of all dances, kept up to date by what changed since the last time. */
export class ShelfIndex {
  private readonly search = new MiniSearch<DanceRecord>({
    idField: 'id',
    fields: ['title', 'figures', 'music', 'author', 'level', 'tagWords', 'text'],
    extractField: (dance, field) =>
      field === 'tagWords' ? dance.tags.join(' ') : String(dance[field as keyof DanceRecord] ?? ''),
    searchOptions: {
      boost: { title: 6, tagWords: 4, music: 3, figures: 2 },
      prefix: true,
      fuzzy: (term) => (term.length > 4 ? 0.2 : false),
      combineWith: 'AND',
    },
  });
  private readonly seen = new Map<string, string>();

  /**
   * Brings the index up to date, for so many milliseconds at a time: three thousand dances take about a second the first time.
   * True when nothing is left to do.
   */
  update(dances: readonly DanceRecord[], budget = Infinity): boolean {
    const end = performance.now() + budget;
    const now = new Set(dances.map(({ id }) => id));
    for (const id of this.seen.keys())
      if (!now.has(id)) {
        this.search.discard(id);
        this.seen.delete(id);
      }
    for (const dance of dances) {
      const stamp = `${dance.revision} ${dance.tags.join()}`;
      const known = this.seen.get(dance.id);
      if (known === stamp) continue;
      if (performance.now() > end) return false;
      if (known === undefined) this.search.add(dance);
      else this.search.replace(dance);
      this.seen.set(dance.id, stamp);
    }
    return true;
  }

  /** Ids of dances that have all the words, the best first. */
  find(words: string): string[] {
    // One letter begins words in every dance: names and tags alone are asked.
    const few = words.length === 1 ? { fields: ['title', 'tagWords'] } : {};
    return this.search.search(words, few).map(({ id }) => id as string);
  }
}
