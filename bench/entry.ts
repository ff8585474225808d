/** What the benchmark measures, built like the application before it runs. */
export { endingsAt, searchWays, studyText, viewWalls } from '../src/core/index';
export { danceAction, startState } from '../src/core/dancing/state';
