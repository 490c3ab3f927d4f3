import Papa from 'papaparse';

/**
 * One way to write a cell for all tables, and to read it back. A spreadsheet takes what begins with one of these for a
 * formula, also behind blanks: such a cell gets a quote before it.
 */
const FORMULA = /^\s*[=+\-@]|^[\t\r]/;
const QUOTED_FORMULA = /^'(?=\s*[=+\-@]|[\t\r])/;
const BREAKS = /[\r\n\t\v\f\u0085\u2028\u2029]+/g;

export type Cell = string | number | undefined;

export function writeCell(value: Cell): string | number {
  if (typeof value !== 'string') return value ?? '';
  const line = value.replace(BREAKS, ' ');
  return FORMULA.test(line) ? `'${line}` : line;
}

export function readCell(text: string): string {
  return text.replace(QUOTED_FORMULA, '').trim();
}

/** True for what a spreadsheet would work out and the application does not. */
export function isFormula(text: string): boolean {
  return FORMULA.test(text) && Number.isNaN(Number(text));
}

/** Comma-separated values with a line of column names. */
export function writeTable(columns: readonly string[], rows: readonly (readonly Cell[])[]): string {
  return Papa.unparse(
    { fields: [...columns], data: rows.map((row) => row.map(writeCell)) },
    { newline: '\r\n' },
  );
}
