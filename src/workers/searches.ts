/** Searches that may take longer than a frame, off the main thread. Text in, plain data out; to cancel one its worker is ended. */
import { expose } from 'comlink';
import { endingsAt, searchWays, studyText, type Endings, type WayFound } from '../core';

const searches = {
  ways: (text: string, personal: string): readonly WayFound[] => searchWays(studyText(text, personal).dance),
  endings: (text: string, personal: string, wall: number, count: number): Endings | undefined =>
    endingsAt(studyText(text, personal).dance, personal, wall, count),
};

export type Searches = typeof searches;

expose(searches);
