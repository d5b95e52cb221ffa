import { CsvError, parse } from 'csv-parse/browser/esm/sync';
import { z } from 'zod/mini';
import type { ReadTableAnswer, ReadTableQuestion } from '../protocol';

const recordsSchema = z.array(
  z.object({ record: z.array(z.string()), info: z.object({ lines: z.number() }) }),
);

/** The rows of a CSV text (RFC 4180; commas, semicolons or tabs), or the line from which on it can't be read. */
export function readTable({ text, mostRows, mostCells }: ReadTableQuestion): ReadTableAnswer {
  try {
    const records = recordsSchema.parse(
      parse(text, {
        bom: true,
        trim: true,
        skip_empty_lines: true,
        relax_column_count: true,
        delimiter: [',', ';', '\t'],
        info: true,
        to: mostRows,
      }),
    );
    const rows = records.map(({ record, info }) => ({
      line: info.lines,
      cells: record.slice(0, mostCells),
    }));
    return { kind: 'table', rows };
  } catch (error) {
    if (!(error instanceof CsvError)) throw error;
    return { kind: 'no-table', line: Number(error.lines) };
  }
}
