/** What the benchmark measures, built like the application before it runs. */
export { endingsAt, fitSong, searchWays, songOf, studyText, viewMusic, viewWalls } from '../src/core/index';
export { measure as measureSound, playSong } from '../src/music';
export { danceAction, startState } from '../src/core/dancing/state';
