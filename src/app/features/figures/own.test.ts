/** The writer's own figures as entries and as the text they are kept in. */
import { expect, test } from '@jest/globals';
import { ownEntries, withDefinition, withoutDefinition } from './own';

const HARBOUR = '"harbour step" 1&2: A side, B behind, A tog';
const QUAY = '"quay turn" 1-2: A fwd 1/4 out, B fwd';

test('definitions are added, changed in their place, and taken away', () => {
  const one = withDefinition('', HARBOUR);
  expect(one).toBe(`## Figure ${HARBOUR}\n`);
  const both = withDefinition(one, QUAY);
  expect(ownEntries(both).map(({ entry }) => entry.name)).toEqual(['harbour step', 'quay turn']);
  const changed = withDefinition(both, '"harbour step" 1-3: A side, B behind, A tog', HARBOUR);
  expect(ownEntries(changed).map(({ entry }) => entry.counts[0])).toEqual(['1-3', '1-2']);
  expect(withoutDefinition(both, HARBOUR)).toBe(`## Figure ${QUAY}\n`);
});

test('what can’t be danced stays in the text and is shown nowhere', () => {
  const text = withDefinition(withDefinition('', '"lost" 1-2: A nowhere, B side'), HARBOUR);
  expect(text).toContain('lost');
  expect(ownEntries(text).map(({ entry }) => entry.name)).toEqual(['harbour step']);
});

test('each is danced from either foot', () => {
  const [{ danced }] = ownEntries(`## Figure ${QUAY}\n`);
  const hours = (['R', 'L'] as const).map((lead) => danced[lead].forms[0].steps[0].hour);
  expect(hours).toEqual(['3:00', '9:00']);
});
