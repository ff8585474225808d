/**
 * Lines as people write them and what they mean, foot by foot: common practice in the trade, no source.
 * Each row: the line, the weight before it, its moments, the weight after it, the net turn in 48ths (right positive).
 */
import { describe, expect, test } from '@jest/globals';
import { readScript } from '../reading/script';
import { momentsWords } from '../printing/actions';
import { danceScript } from './dance';

type Row = [line: string, before: 'L' | 'R' | 'both', moments: string, after: string, turn: number];

const ROWS: Row[] = [
  ['1-2 Rock R forward, recover L', 'L', '1 R rock forward; 2 L recover', 'L', 0],
  ['1,2 rock fwd right recover', 'L', '1 R rock forward; 2 L recover', 'L', 0],
  ['3&4 Shuffle back R-L-R', 'L', '3 R back; & L together; 4 R back', 'R', 0],
  ['3&4 Triple 1/2 turn right stepping RLR', 'L', '3 R side, 1/4 right; & L together; 4 R forward, 1/4 right', 'R', 24],
  ['7&8 shuffle 1/2 turn left, R L R', 'L', '7 R side, 1/4 left; & L together; 8 R back, 1/4 left', 'R', -24],
  ['7&8 Chasse left making a quarter turn left', 'R', '7 L side; & R together; 8 L forward, 1/4 left', 'L', -12],
  ['1-4 Grapevine right, touch', 'L', '1 R side; 2 L behind; 3 R side; 4 [L touch together]', 'R', 0],
  ['5-8 vine L w/ ¼ turn L, scuff R', 'R', '5 L side; 6 R behind; 7 L forward, 1/4 left; 8 [R scuff forward]', 'L', -12],
  ['5-8 Rolling vine left, clap', 'R', '5 L forward, 1/4 left; 6 R back, 1/2 left; 7 L side, 1/4 left; 8 [R touch together]', 'L', -48],
  ['1-4 Weave to the right starting behind', 'R', '1 L behind; 2 R side; 3 L cross; 4 R side', 'R', 0],
  ['1&2& Cross R over L, step L to side, R behind, sweep L', 'L', '1 R cross; & L side; 2 R behind; & [L sweep]', 'R', 0],
  ['3&4 behind side cross', 'R', '3 L behind; & R side; 4 L cross', 'L', 0],
  ['1&2 R coaster step', 'L', '1 R back; & L together; 2 R forward', 'R', 0],
  ['3&4 Left coaster 1/4 turn left', 'R', '3 L back, 1/4 left; & R together; 4 L forward', 'L', -12],
  ['1&2 Sailor R 1/4 R', 'L', '1 R behind, 1/4 right; & L side; 2 R forward', 'R', 12],
  ['5-6 step forward on the right, pivot half turn over left shoulder (weight on left)', 'L', '5 R forward; 6 L pivot, 1/2 left', 'L', -24],
  ['5-6 1/4 pivot', 'L', '5 R forward; 6 L pivot, 1/4 left', 'L', -12],
  ['1-4 Monterey 1/2 R', 'L', '1 [R point side]; 2 R together, 1/2 right; 3 [L point side]; 4 L together', 'L', 24],
  ['5-8 Jazz box 1/4 right with a cross', 'L', '5 R cross; 6 L back; 7 R side, 1/4 right; 8 L cross', 'L', 12],
  ['1-8 K step, clapping on the touches', 'L', '1 R diagonal forward; 2 [L touch together]; 3 L diagonal back; 4 [R touch together]; 5 R diagonal back; 6 [L touch together]; 7 L diagonal forward; 8 [R touch together]', 'L', 0],
  ['1-2& wizard step right', 'L', '1 R diagonal forward; 2 L lock; & R diagonal forward', 'R', 0],
  ['1-2& 3-4& Dorothy R, Dorothy L', 'L', '1 R diagonal forward; 2 L lock; & R diagonal forward; 3 L diagonal forward; 4 R lock; & L diagonal forward', 'L', 0],
  ['1&2& heel switches R L', 'L', '1 [R heel forward]; & R together; 2 [L heel forward]; & L together', 'L', 0],
  ['&1&2 heel jack', 'R', '& L back; 1 [R heel forward]; & R together; 2 L together', 'L', 0],
  ['1&2& vaudeville', 'L', '1 R cross; & L side; 2 [R heel diagonal forward]; & R together', 'R', 0],
  ['3&4 kick ball change', 'L', '3 [R kick forward]; & R together; 4 L place', 'L', 0],
  ['&3-4 ball cross, hold', 'R', '& L ball together; 3 R cross; 4 hold', 'R', 0],
  ['1-2 Toe strut R across L', 'L', '1 [R toe cross]; 2 R drop', 'R', 0],
  ['3-4 toe strut L back turning 1/2 R', 'R', '3 [L toe back], 1/2 right; 4 L drop', 'L', 24],
  ['7-8 Cross R over L, unwind 1/2 left', 'L', '7 R cross; 8 L unwind, 1/2 left', 'L', -24],
  ['7-8 touch L toe behind R, unwind 3/4 L (weight L)', 'R', '7 [L toe behind]; 8 L unwind, 3/4 left', 'L', -36],
  ['1-2 3&4 heel grind R 1/4 R, coaster R', 'L', '1 R heel forward; 2 L recover, 1/4 right; 3 R back; & L together; 4 R forward', 'R', 12],
  ['5&6&7&8& four paddle turns making a full turn left', 'L', '5 R forward; & L pivot, 1/4 left; 6 R forward; & L pivot, 1/4 left; 7 R forward; & L pivot, 1/4 left; 8 R forward; & L pivot, 1/4 left', 'L', -48],
  ['1-2 Stomp R, hold', 'L', '1 R stomp place; 2 hold', 'R', 0],
  ['7-8 stomp R, stomp R', 'L', '7 [R stomp up place]; 8 R stomp place', 'R', 0],
  ['5-6-7-8 swivel heels R, L, R, centre (weight L)', 'both', '5 swivel; 6 swivel; 7 swivel; 8 L swivel', 'L', 0],
  ['1-3 sway R L R, 4 hold', 'L', '1 R sway side; 2 L sway side; 3 R sway side; 4 hold', 'R', 0],
  ['1&2 3&4 cross samba R, cross samba L', 'L', '1 R cross; & L side; 2 R recover; 3 L cross; & R side; 4 L recover', 'L', 0],
  ['5&6&7 volta turning 1/2 left', 'R', '5 L cross, 1/6 left; & R side; 6 L cross, 1/6 left; & R side; 7 L cross, 1/6 left', 'L', -24],
  ['7-8& night club basic R', 'L', '7 R large side; 8 L rock behind; & R cross', 'R', 0],
  ['8&1 cha cha cha back L R L', 'R', '8 L back; & R together; 9 L back', 'L', 0],
  ['SSQQ walk R, walk L, step R, pivot 1/2 L', 'L', '1 R forward; 3 L forward; 5 R forward; 6 L pivot, 1/2 left', 'L', -24],
  ['1-4 rumba box forward half: side R, together L, forward R, hold', 'L', '1 R side; 2 L together; 3 R forward; 4 hold', 'R', 0],
  ['5&6 side rock cross L', 'R', '5 L rock side; & R recover; 6 L cross', 'L', 0],
  ['1&2 mambo forward R', 'L', '1 R rock forward; & L recover; 2 R together', 'R', 0],
  ['3&4 chase turn 1/2 R', 'R', '3 L forward; & R pivot, 1/2 right; 4 L forward', 'L', 24],
  ['1-2 1/4 turn R stepping L to side, hold', 'R', '1 L side, 1/4 right; 2 hold', 'L', 12],
  ['5 6 7 8 out R, out L, in R, in L', 'L', '5 R out; 6 L out; 7 R in; 8 L in', 'L', 0],
  ['&5 6 out out, clap', 'L', '& R out; 5 L out; 6 clap', 'L', 0],
  ['7-8 big step R to side, drag L', 'L', '7 R large side; 8 [L drag together]', 'R', 0],
  ['1 2 3 4 walk back R L R, touch L', 'L', '1 R back; 2 L back; 3 R back; 4 [L touch together]', 'R', 0],
  ['3-4 turn 1/4 left and step left, touch right beside', 'R', '3 L forward, 1/4 left; 4 [R touch together]', 'L', -12],
  ['1&2& syncopated rocking chair R', 'L', '1 R rock forward; & L recover; 2 R rock back; & L recover', 'L', 0],
  ['5-8 make a full turn left walking R L R L', 'L', '5 R forward, 1/4 left; 6 L forward, 1/4 left; 7 R forward, 1/4 left; 8 L forward, 1/4 left', 'L', -48],
  // In other tongues
  ['1-2 Rock vorwärts mit rechts, Gewicht zurück auf den linken Fuß', 'L', '1 R rock forward; 2 L recover', 'L', 0],
  ['5-6 Schritt nach vorn mit rechts, 1/2 Drehung links herum auf beiden Ballen, Gewicht am Ende links', 'L', '5 R forward; 6 L pivot, 1/2 left', 'L', -24],
  ['7&8 Cha Cha nach links mit 1/4 Drehung links', 'R', '7 L side; & R together; 8 L forward, 1/4 left', 'L', -12],
  ['1-2 Rock step PD devant, retour sur PG', 'L', '1 R rock forward; 2 L recover', 'L', 0],
  ['3&4 Triple step PD-PG-PD en tournant 1/2 tour à droite', 'L', '3 R side, 1/4 right; & L together; 4 R forward, 1/4 right', 'R', 24],
  ['5-8 Vigne à gauche avec 1/4 de tour à gauche, brosser PD', 'R', '5 L side; 6 R behind; 7 L forward, 1/4 left; 8 [R brush forward]', 'L', -12],
  ['1&2 Croiser PD devant PG, plante PG à gauche, PD sur place', 'L', '1 R cross; & L ball side; 2 R place', 'R', 0],
];

const dance = (line: string, before: string) =>
  danceScript(readScript(`# Drift\nstart: weight ${before}\n\n## Section 1\n${line}\n`));

describe('the phrase book', () => {
  test.each(ROWS)('%s', (line, before, moments, after, turn) => {
    const danced = dance(line, before).parts[0].sections[0].lines[0];
    expect(momentsWords(danced.moments)).toBe(moments);
    expect(danced.after.weight).toBe(after);
    expect(danced.after.rotation).toBe(turn);
    expect(danced.understood).toBe(true);
  });
});
