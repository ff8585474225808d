/** The words of a field on their way to where they are kept, against a store that others write to as well. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { KeptWords } from './kept-words';

/** A store that takes its time, and two fields on it. */
function stage(begun: string, isValue = false) {
  let kept = begun;
  let refuses = false;
  const fields: KeptWords[] = [];
  const shown: string[] = [];
  const asked: string[] = [];
  for (const index of [0, 1]) {
    const show = (words: string): void => void (shown[index] = words);
    const ask = isValue ? (other: string) => void asked.push(other) : undefined;
    const field = new KeptWords(begun, { show, ask, joint: '\n' });
    field.keepBy(async (change) => {
      await Promise.resolve();
      if (refuses) return false;
      kept = change(kept);
      for (const one of fields) one.follow(kept);
      return true;
    });
    fields.push(field);
  }
  const settled = async (): Promise<void> => {
    for (let turn = 0; turn < 40; turn++) await Promise.resolve();
  };
  return { fields, shown, asked, settled, kept: () => kept, refuse: (own: boolean) => void (refuses = own) };
}

describe('words', () => {
  test('one more key here takes nothing away of what was written there', async () => {
    const { fields, settled, kept, shown } = stage('');
    const [here, there] = fields;
    here.begin();
    here.write('Rain');
    await settled();
    there.begin();
    there.write('Rain Nine of us.');
    await settled();
    here.write('Rains');
    await settled();
    expect(kept()).toContain('Nine of us.');
    expect(kept()).toMatch(/^Rains?/);
    here.leave();
    expect(shown[0]).toBe(kept());
  });

  test('what could not be kept stays in the field, and comes with the next letter', async () => {
    const { fields, settled, kept, shown, refuse } = stage('Rain');
    const [here] = fields;
    refuse(true);
    here.begin();
    here.write('Rain on the roof');
    await settled();
    here.leave();
    expect([kept(), shown[0]]).toEqual(['Rain', undefined]);
    refuse(false);
    here.write('Rain on the roof.');
    await settled();
    expect([kept(), shown[0]]).toEqual(['Rain on the roof.', 'Rain on the roof.']);
  });

  test('by chance: letters typed in two fields at once all stand, in whatever order they are kept', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(fc.tuple(fc.boolean(), fc.nat(3)), { maxLength: 14 }), async (keys) => {
        const { fields, settled, kept } = stage('.');
        const own = ['.', '.'];
        for (const field of fields) field.begin();
        for (const [index, [isHere, pause]] of keys.entries()) {
          const at = isHere ? 0 : 1;
          own[at] += String.fromCodePoint(0x4e00 + index);
          fields[at].write(own[at]);
          for (let turn = 0; turn < pause; turn++) await Promise.resolve();
        }
        await settled();
        for (const letter of own.join('').replaceAll('.', '')) expect(kept()).toContain(letter);
      }),
      { seed: 2514, numRuns: 200 },
    );
  });
});

test('of a value one stands, and the other is told', async () => {
  const { fields, settled, kept, asked } = stage('19:30', true);
  const [here, there] = fields;
  here.begin();
  there.begin();
  here.write('18:15');
  there.write('20:45');
  await settled();
  expect([kept(), asked]).toEqual(['20:45', ['18:15']]);
});
