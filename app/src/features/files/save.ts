import { unparse } from 'papaparse';
import type { DataTable } from '@obrik/core/exchange';

/** Hands a file to the device: it goes where downloads go, or to what the user shares it with. */
export const saveFile = async (name: string, content: string, type: string): Promise<void> => {
  const file = new File([content], name, { type });
  if (typeof navigator.canShare === 'function' && navigator.canShare({ files: [file] })) {
    try {
      await navigator.share({ files: [file], title: name });
      return;
    } catch (error) {
      if (error instanceof Error && error.name === 'AbortError') return;
    }
  }
  const address = URL.createObjectURL(file);
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(address), 10_000);
};

/**
 * A table as CSV (RFC 4180), as spreadsheets open it: with the mark of UTF-8, and with cells that
 * a spreadsheet would take for a formula made harmless.
 */
export const asCsv = ({ columns, rows }: DataTable): string =>
  `\uFEFF${unparse(
    { fields: [...columns], data: rows.map((row) => row.map((it) => it ?? '')) },
    { newline: '\r\n', escapeFormulae: true },
  )}\r\n`;

/** A name as a file may be called. */
export const fileName = (ticket: string, name: string, end: string): string =>
  `${ticket}-${
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'piece'
  }${end}`;
