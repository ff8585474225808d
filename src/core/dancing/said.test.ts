/**
 * Lines as people say them, with the feet worked out by hand: common practice, no source. A row a mechanism; capitals take the weight,
 * small letters are gestures, `-` moves no foot.
 */
import { expect, test } from '@jest/globals';
import { danceScript } from './dance';
import { readScript } from '../page/read-script';

function feetOf(line: string, before: string): string {
  const text = `start: weight ${before}\n\n## Section 1\n${line}\n`;
  const [{ moments }] = danceScript(readScript(text)).parts;
  return moments
    .map(({ action: { foot, effect } }) => (foot ? (effect === 'none' ? foot.toLowerCase() : foot) : '-'))
    .join('');
}

test.each([
  // What stands inside a name.
  ['1-2 Lift the right knee, step right down', 'L', 'rR'],
  ['1-2 Knie rechts hochziehen, rechts absetzen', 'L', 'rR'],
  ['1-2 Hüfte nach rechts schwingen, Hüfte nach links schwingen', 'L', 'RL'],
  ['1-2 Place right toes forward, lower the heel', 'L', 'rR'],
  ['1-2 Rechte Spitze vorn aufsetzen, Ferse absenken', 'L', 'rR'],
  ['1-4 Swivel heels right, toes right, heels right, hold', 'L', '----'],
  ['1-2 Heel R forward, heel R back', 'L', 'rr'],
  // Weight said aloud is a step where the counts ask for one.
  ['1-2 RF nach vorn setzen, Gewicht wieder auf LF', 'L', 'RL'],
  ['1-2 Change your weight to the right, tap left', 'L', 'Rl'],
  ['1-2 Step R forward, pivot 1/2 left, weight on left', 'L', 'RL'],
  ['1-2 Rock R forward, recover L, weight on left', 'L', 'RL'],
  ['1-2 Poids sur PD, poids sur PG', 'L', 'RL'],
  // The same once more.
  ['1-8 Step left, close right, step left, tap right. Then the same to the right', 'R', 'LRLrRLRl'],
  ['1-8 Vine left, touch, and the same on the other foot', 'R', 'LRLrRLRl'],
  ['1-4 Pas D à droite, touch G, même chose à gauche', 'L', 'RlLr'],
  ['1-4 Step forward right, pivot a quarter turn to the left, repeat', 'L', 'RLRL'],
  ['1-4 Two side touches, right then left', 'L', 'RlLr'],
  // What explains and what leads.
  ['3&4 A side shuffle to the right, which is right, left, right', 'L', 'RLR'],
  ['1-4 Grapevine to the R - that’s side, behind, side - and clap with a touch', 'L', 'RLRl'],
  ['1-4 Vier Schritte vorwärts, rechts beginnend', 'L', 'RLRL'],
  ['1-4 Charleston kick: step forward right, kick left, step back left, touch right back', 'L', 'RlLr'],
  ['1&2 Crossing shuffle, left over right', 'R', 'LRL'],
  ['1-4 Step right together step right touch', 'L', 'RLRl'],
  ['1-2 Bring the right foot in and tap, hold', 'L', 'r-'],
  ['1-2 Right heel out front, bring it home', 'L', 'rR'],
  ['1-2 With the right, step forward; with the left, step together', 'L', 'RL'],
  ['1-2 Right shoulder forward, left shoulder forward', 'L', '--'],
  ['1-4 Drei Schritte vorwärts gehen: rechts, links, rechts, LF tippen', 'L', 'RLRl'],
])('%s', (line, before, feet) => expect(feetOf(line, before)).toBe(feet));

test('a foot named in plain words is that foot, however it is said', () => {
  const told = (line: string): readonly string[] => {
    const [{ moments }] = danceScript(readScript(`start: weight L\n\n## Section 1\n${line}\n`)).parts;
    return moments
      .filter(({ action, before }) => action.effect === 'takes' && action.foot === before.weight)
      .map(({ action }) => action.foot as string);
  };
  expect(told('1-2 Lift the left knee, step left down')).toEqual(['L']);
  expect(told('1&2 Crossing shuffle, left over right')).toEqual(['L']);
  expect(told('1-2 Step right forward, pivot a half left')).toEqual([]);
});
