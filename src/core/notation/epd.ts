/**
 * Extended Position Description (PGN standard, section 16.2): the first four fields of a FEN, then operations, each an opcode with
 * operands and a semicolon: `4k3/8/8/8/8/8/8/4K2R w K - dm 3; id "No. 7";`.
 */
import type { PositionDraft } from '../rules';
import { failure, success, type Result } from '../shared';
import { makeFen, parseFen, type FenFault } from './fen';

export interface EpdOperation {
  readonly opcode: string;
  /** What stands between opcode and semicolon, quotes included. */
  readonly operands: string;
}

export interface Epd {
  readonly draft: PositionDraft;
  readonly operations: readonly EpdOperation[];
}

export type EpdFault =
  FenFault | { readonly code: 'epd/operation'; readonly at: number; readonly found: string };

/** Reads an EPD line, or a whole FEN with its two counters, which then has no operations. */
export function parseEpd(text: string): Result<Epd, EpdFault> {
  const fields = text.trim().split(/\s+/);
  const isFen = /^\d+$/.test(fields[4] ?? '') && /^\d+$/.test(fields[5] ?? '');
  const fieldCount = isFen ? 6 : 4;
  const draft = parseFen(fields.slice(0, fieldCount).join(' '));
  if (!draft.ok) return draft;
  const operations = parseOperations(afterFields(text, fieldCount));
  return operations.ok ? success({ draft: draft.value, operations: operations.value }) : operations;
}

/** The four fields and the operations in their order. */
export function makeEpd({ draft, operations }: Epd): string {
  const fields = makeFen(draft).split(' ').slice(0, 4).join(' ');
  const tail = operations.map(
    ({ opcode, operands }) => ` ${opcode}${operands === '' ? '' : ` ${operands}`};`,
  );
  return fields + tail.join('');
}

/** What follows this many fields. */
function afterFields(text: string, count: number): string {
  let rest = text.trim();
  for (let field = 0; field < count; field += 1) rest = rest.replace(/^\S+\s*/, '');
  return rest;
}

const OPERATION = /^([A-Za-z][A-Za-z0-9_]{0,14})\s*((?:"[^"]*"|[^";])*);\s*/;

function parseOperations(text: string): Result<EpdOperation[], EpdFault> {
  const operations: EpdOperation[] = [];
  let rest = text;
  while (rest !== '') {
    const match = OPERATION.exec(rest);
    if (match === null) {
      return failure({ code: 'epd/operation', at: operations.length + 1, found: rest.slice(0, 40) });
    }
    const [whole, opcode = '', operands = ''] = match;
    operations.push({ opcode, operands: operands.trim() });
    rest = rest.slice(whole.length);
  }
  return success(operations);
}
