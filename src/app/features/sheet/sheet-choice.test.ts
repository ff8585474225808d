/** What the Sheet remembers, and in what it is shown: kept choices are checked, the dance itself stays as it is. */
import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { studyText } from '../../../core';
import { exportForm, EXPORT_FORMS, EXPORT_IDS, plainOrder, summaryText } from '../../../formats/exports';
import { fileName } from '../files/download';
import { sheetStudy } from './shown-sheet';

const FERRY = studyText(readFileSync('dances/ferry-at-dusk.txt', 'utf8'));

describe('the dance as the sheet shows it', () => {
  test.each([
    ['as-written', 'as-written', false, 'Step R forward, pivot 1/2 left'],
    ['en', 'as-written', false, 'Step R forward, pivot 1/2 left'],
    ['de', 'as-written', true, 'Schritt R vor, Pivot 1/2 links herum'],
    ['fr', 'as-written', true, 'Pas D avant, pivot 1/2 à gauche'],
    ['as-written', 'pocket', false, 'step R fwd, pivot ½ left'],
    ['de', 'pocket', true, 'Schritt R vor, Pivot ½ links herum'],
    ['as-written', 'a style that is gone', false, 'Step R forward, pivot 1/2 left'],
  ] as const)('%s, %s', (language, style, isTranslated, words) => {
    const shown = sheetStudy(FERRY, { language, style });
    expect(shown.isTranslated).toBe(isTranslated);
    expect(shown.study.text).toContain(words);
    expect(shown.study.view.truth).toEqual(FERRY.view.truth);
  });
  test('a German script is German as it is written, and translated into English', () => {
    const german = sheetStudy(FERRY, { language: 'de', style: 'as-written' }).study;
    expect(sheetStudy(german, { language: 'as-written', style: 'as-written' })).toMatchObject({
      language: 'de',
      isTranslated: false,
    });
    expect(sheetStudy(german, { language: 'en', style: 'as-written' })).toMatchObject({
      language: 'en',
      isTranslated: true,
    });
  });
});

test('every form has a row, with an ending and a type of its own', () => {
  expect(EXPORT_FORMS.map(({ id }) => id)).toEqual([...EXPORT_IDS]);
  for (const key of ['ending', 'mime', 'name'] as const)
    expect(new Set(EXPORT_FORMS.map((form) => form[key])).size).toBe(EXPORT_IDS.length);
  expect(exportForm('docx').mime).toContain('openxmlformats');
});

test('the summary is three lines, in the language of the order', () => {
  const lines = summaryText(plainOrder(FERRY.text, '', 'fr', 0)).split('\n');
  expect(lines).toHaveLength(3);
  expect(lines[2]).toBe('Ni tag, ni restart.');
});

test.each([
  ['Ferry at Dusk', 'ferry-at-dusk.pdf'],
  ['Über den Priel!', 'über-den-priel.pdf'],
  ['../../etc/passwd', 'etc-passwd.pdf'],
  ['<img src=x>', 'img-src-x.pdf'],
  ['   ', 'dance.pdf'],
  ['x'.repeat(300), `${'x'.repeat(80)}.pdf`],
])('%s is a file name', (title, name) => expect(fileName(title, 'pdf')).toBe(name));
