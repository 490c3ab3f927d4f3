import Papa from 'papaparse';
import { readSheet } from 'read-excel-file/universal';
import { type Letters, readLetters } from './letters';

/** A file that somebody hands in as a table: separated values in whichever letters, or a spreadsheet’s own file. */

export type TableFile =
  | {
      readonly is: 'table';
      /** As separated values. */
      readonly text: string;
      readonly letters: Letters | undefined;
      readonly mended: boolean;
    }
  | { readonly is: 'none'; readonly sentence: string };

const ZIP = [0x50, 0x4b, 0x03, 0x04];
/** Spreadsheets of before 2007, and documents with a password. */
const OLD_OFFICE = [0xd0, 0xcf, 0x11, 0xe0];
const PDF = [0x25, 0x50, 0x44, 0x46];
/** A packed file that becomes larger than this is no table of a house. */
const MOST_UNPACKED_BYTES = 64e6;
const NO_SPREADSHEET =
  'This spreadsheet cannot be read. Save it as a table of comma-separated values (CSV) and choose that. Nothing was read.';
/** What a line `sep=;` says to one spreadsheet, and is no line of the table. */
const SEPARATOR_LINE = /^\uFEFF?sep=.\r?\n/i;

export async function tableIn(bytes: Uint8Array): Promise<TableFile> {
  const starts = (mark: readonly number[]) => mark.every((byte, i) => bytes[i] === byte);
  if (starts(OLD_OFFICE) || starts(PDF)) return { is: 'none', sentence: NO_SPREADSHEET };
  if (starts(ZIP)) return fromSpreadsheet(bytes);
  const { text, letters, mended } = readLetters(bytes);
  return { is: 'table', text: text.replace(SEPARATOR_LINE, ''), letters, mended };
}

/** The first sheet, cell by cell as it is shown: nothing in it is worked out or carried out. */
async function fromSpreadsheet(bytes: Uint8Array): Promise<TableFile> {
  if (unpackedSize(bytes) > MOST_UNPACKED_BYTES) return { is: 'none', sentence: NO_SPREADSHEET };
  try {
    // Its own copy, which begins where the file begins.
    const rows = await readSheet(new Uint8Array(bytes).buffer);
    const text = Papa.unparse(rows.map((row) => row.map(cellText)));
    return { is: 'table', text, letters: undefined, mended: false };
  } catch {
    return { is: 'none', sentence: NO_SPREADSHEET };
  }
}

function cellText(cell: unknown): string {
  if (cell instanceof Date) return cell.toISOString().slice(0, 10);
  return cell === null || cell === undefined ? '' : String(cell);
}

const CENTRAL_ENTRY = [0x50, 0x4b, 0x01, 0x02];
const SIZE_AT = 24;

/** What all parts of a packed file come to, by its own list of them (APPNOTE.TXT 4.3.12). */
function unpackedSize(bytes: Uint8Array): number {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  let sum = 0;
  for (
    let at = bytes.indexOf(0x50);
    at >= 0 && at + SIZE_AT + 4 <= bytes.length;
    at = bytes.indexOf(0x50, at + 1)
  )
    if (CENTRAL_ENTRY.every((byte, i) => bytes[at + i] === byte)) sum += view.getUint32(at + SIZE_AT, true);
  return sum;
}
