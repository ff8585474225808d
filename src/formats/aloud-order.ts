/** What the forms that are heard are made of. */
import type { Performance, Timeline } from '../core';

export interface ForFiles {
  readonly title: string;
  readonly timeline: Timeline;
  readonly performance: Performance;
  readonly tempo: number;
  readonly beats: number;
}
