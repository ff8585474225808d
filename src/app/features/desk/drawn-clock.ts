/** A clock that is listened to in two ways: by React when something changes, and by whoever draws at every frame, past React. */
export class DrawnClock {
  second = 0;
  private version = 0;
  private readonly listeners = new Set<() => void>();
  private readonly drawers = new Set<(second: number) => void>();

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  snapshot = (): number => this.version;

  /** Called with the second at every frame while it runs, and whenever it is set. */
  draw(drawer: (second: number) => void): () => void {
    this.drawers.add(drawer);
    drawer(this.second);
    return () => this.drawers.delete(drawer);
  }

  /** Never before the beginning. */
  protected show(second: number): void {
    this.second = Math.max(0, second);
    for (const drawer of this.drawers) drawer(this.second);
  }

  protected tell(): void {
    this.version += 1;
    for (const listener of this.listeners) listener();
  }
}
