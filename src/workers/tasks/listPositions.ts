/**
 * Every position a file or a pasted text holds, one after another: FEN or EPD lines, a table with a column "fen" (CSV, RFC 4180;
 * commas, semicolons or tabs), or the start positions of PGN games. Which of them it is, the text itself shows. What cannot be read is
 * told with its place, and the rest is read.
 */
import { parse } from 'csv-parse/browser/esm/sync';
import { decodePgn, makeFen, parseEpd, readPgn } from '@/core/notation';
import { checkPosition, INITIAL_POSITION, type PositionDraft } from '@/core/rules';
import { encodingFaultText, faultText, pgnFaultText, PLAIN_TERMS } from '@/text';
import type { PositionPlace } from '../protocol';

export type ListedPosition =
  | { readonly kind: 'position'; readonly place: PositionPlace; readonly fen: string }
  | { readonly kind: 'fault'; readonly place: PositionPlace; readonly fault: string }
  /** A game from the first move on: there is nothing to solve at its start. */
  | { readonly kind: 'whole-game'; readonly place: PositionPlace };

/** The positions, or the sentence that says why there are none to read. */
export function listPositions(bytes: Uint8Array): Iterable<ListedPosition> | string {
  const decoded = decodePgn(bytes);
  if (!decoded.ok) return encodingFaultText(decoded.error);
  const text = decoded.value.replace(/^\uFEFF/, '');
  if (text.trim() === '') return 'There is nothing in it.';
  const first = text.split('\n', 200).find((line) => line.trim() !== '' && !line.startsWith('#')) ?? '';
  if (/^\s*[[{%(]/.test(first) || /^\s*1\s*\./.test(first)) return listGames(text);
  const header = /[,;\t]/.exec(first) === null ? undefined : findHeader(first);
  return header === undefined ? listLines(text) : listRows(text, header);
}

function* listLines(text: string): Generator<ListedPosition> {
  let number = 0;
  for (const line of text.split('\n')) {
    number += 1;
    if (line.trim() === '' || line.startsWith('#')) continue;
    const place = { unit: 'line', number } as const;
    const epd = parseEpd(line);
    yield epd.ok ? toListed(place, epd.value.draft) : { kind: 'fault', place, fault: faultText(epd.error) };
  }
}

function* listGames(text: string): Generator<ListedPosition> {
  const initial = makeFen(INITIAL_POSITION);
  for (const { number, game, fault } of readPgn(text)) {
    const place = { unit: 'game', number } as const;
    if (game === undefined) {
      yield {
        kind: 'fault',
        place,
        fault: fault === undefined ? 'There is no game.' : pgnFaultText(fault, PLAIN_TERMS),
      };
      continue;
    }
    const fen = makeFen(game.start);
    yield fen === initial ? { kind: 'whole-game', place } : { kind: 'position', place, fen };
  }
}

interface Header {
  readonly delimiter: string;
  readonly column: number;
}

/** The sign between the cells is the one that leaves a cell "fen". */
function findHeader(line: string): Header | undefined {
  for (const delimiter of [',', ';', '\t']) {
    const cells = line.split(delimiter).map((cell) => cell.trim().replace(/^"|"$/g, '').toLowerCase());
    const column = cells.findIndex((cell) => cell === 'fen' || cell === 'position');
    if (column >= 0) return { delimiter, column };
  }
  return undefined;
}

function* listRows(text: string, { delimiter, column }: Header): Generator<ListedPosition> {
  // What follows a quote that is never closed is one cell without an end: it is told, not lost.
  let isOpen = false as boolean;
  const rows = parse(text, {
    delimiter,
    relax_column_count: true,
    relax_quotes: true,
    skip_empty_lines: true,
    skip_records_with_error: true,
    on_skip: () => {
      isOpen = true;
      return undefined;
    },
  });
  for (const [index, row] of rows.slice(1).entries()) {
    const place = { unit: 'row', number: index + 2 } as const;
    const epd = parseEpd(row[column] ?? '');
    yield epd.ok ? toListed(place, epd.value.draft) : { kind: 'fault', place, fault: faultText(epd.error) };
  }
  if (!isOpen) return;
  const fault = 'A quote is opened here and never closed. This row and what follows it are not read.';
  yield { kind: 'fault', place: { unit: 'row', number: rows.length + 1 }, fault };
}

function toListed(place: PositionPlace, draft: PositionDraft): ListedPosition {
  const checked = checkPosition(draft);
  return checked.ok
    ? { kind: 'position', place, fen: makeFen(checked.value) }
    : { kind: 'fault', place, fault: checked.error.map(faultText).join(' ') };
}
