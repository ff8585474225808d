/**
 * Renders the words that the slate says where a device has no voice of its own: Debian's flite (its voice slt), cut to its first sound
 * and packed by sox. Run by hand when a word is added: `node scripts/voice.mjs`. flite and its voices may be used freely with their
 * notice (shown under About).
 */
import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { at } from './lib.mjs';

const COUNTS = 'one two three four five six seven eight and';
const WORDS = `rock recover step cross shuffle side pivot walk touch behind replace hold quarter half heel strut coaster vine weave ball wizard
kick jazz chasse rocking chair toe sailor box scissor sway monterey diagonally point change back hook forward close turn switches full eighth
out in lock together samba switch stomp slap hitch brush press bump hip sit on fan jump skate mambo basic push rumba run up tap flick scuff
sweep drag big slide lunge roll dip bounce knee swivel twist hop clap unwind place rolling triple left right over slow quick`;

/** Said otherwise than its letters suggest. */
const SPELT = { chasse: 'shah say', mambo: 'mahm boe', samba: 'sahm bah', rumba: 'room bah' };

const folder = at('src', 'app', 'features', 'practice', 'voice');
const scratch = mkdtempSync(path.join(tmpdir(), 'voice-'));
mkdirSync(folder, { recursive: true });
const files = [];
const places = {};
let from = 0;
for (const word of `${COUNTS} ${WORDS}`.split(/\s+/)) {
  const [raw, cut] = [path.join(scratch, `${word}.raw.wav`), path.join(scratch, `${word}.wav`)];
  const stretch = COUNTS.split(' ').includes(word) ? '0.8' : '0.85';
  execFileSync('flite', [
    '-voice',
    'slt',
    '--setf',
    `duration_stretch=${stretch}`,
    '-t',
    SPELT[word] ?? word,
    '-o',
    raw,
  ]);
  const trimmed = ['silence', '1', '0.002', '1.5%', 'reverse', 'silence', '1', '0.002', '1%', 'reverse', 'norm', '-3'];
  execFileSync('sox', ['-V1', raw, '-c', '1', '-b', '16', cut, ...trimmed]);
  const samples = Number(execFileSync('soxi', ['-s', cut]));
  places[word] = [from, samples];
  from += samples;
  files.push(cut);
}
// One file, loaded when the first word is said; where each word stands in it, in samples.
execFileSync('sox', ['-V1', ...files, '-C', '8', path.join(folder, 'words.flac')]);
writeFileSync(path.join(folder, 'words.json'), `${JSON.stringify({ rate: 16000, places })}\n`);
rmSync(scratch, { recursive: true });
