/** The dances of the boathouse club: put on the shelf the first time, offered again when the shelf is empty. */
const files = import.meta.glob<string>('../../../../dances/*.txt', {
  query: '?raw',
  import: 'default',
  eager: true,
});

/** In the order in which the shelf shows them: the newest first, so the first one to open is added last. */
const ORDER = [
  'spring-tide',
  'ropewalk-ramble',
  'weathervane',
  'regatta-morning',
  'mudlark-cha-cha',
  'tar-and-oakum',
  'heron-on-the-piling',
  'slipway-stroll',
  'low-tide-lanterns',
  'ropes-end-draft',
  'ferry-at-dusk',
];

const nameOf = (path: string): string => path.replace(/^.*\//, '').replace(/\.txt$/, '');

export const DEMO_DANCES: readonly string[] = Object.entries(files)
  .sort(([a], [b]) => ORDER.indexOf(nameOf(a)) - ORDER.indexOf(nameOf(b)))
  .map(([, text]) => text);
