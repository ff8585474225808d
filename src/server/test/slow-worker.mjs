/** In the place of the checks: never ends, or breaks, when it is told to. */
export default function check(text) {
  if (text === 'broken') throw new Error('broken');
  while (text === 'endless');
  return { title: text };
}
