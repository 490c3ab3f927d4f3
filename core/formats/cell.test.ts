import { fc, test } from '@fast-check/vitest';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { isFormula, readCell, writeCell, writeTable } from './cell';

describe('a cell of a table', () => {
  it.each([
    ['=1+1', "'=1+1"],
    ['+49 30', "'+49 30"],
    ['-x', "'-x"],
    ['@name', "'@name"],
    ['  =1+1', "'  =1+1"],
    ['=1+1\nx', "'=1+1 x"],
    ['x\r\n=1+1', 'x =1+1'],
    ['\t=1', "' =1"],
    ['a line\u2028and another', 'a line and another'],
    ['Basin', 'Basin'],
  ])('is never a formula: %j', (text, written) => {
    expect(writeCell(text)).toBe(written);
  });

  it('is a number where it is one, and empty where there is nothing', () => {
    expect([writeCell(-3), writeCell(0), writeCell(undefined)]).toEqual([-3, 0, '']);
    expect([isFormula('-3'), isFormula('=A1'), isFormula('Basin')]).toEqual([false, true, false]);
  });

  test.prop(
    [fc.string({ maxLength: 20, unit: fc.constantFrom('=', '+', '-', '@', "'", '\n', '"', ',', 'a', ' ') })],
    {
      numRuns: 300,
      seed: 20270301,
    },
  )('comes back as it was but for blanks and breaks, and no spreadsheet works it out', (text) => {
    const [cell = ''] = Papa.parse<string[]>(writeTable(['A'], [[text]])).data[1] ?? [];
    expect(cell.trimStart()).not.toMatch(/^[=+\-@]/);
    const plain = (words: string) => words.replace(/[\r\n\t]+/g, ' ').trim();
    // A quote that somebody wrote before a sign is taken for the table's own.
    if (!/^\s*'/.test(text)) expect(plain(readCell(cell))).toBe(plain(text));
  });
});
