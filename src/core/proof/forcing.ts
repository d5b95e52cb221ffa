/**
 * The forcing moves of a position, in the three kinds that are looked at first (common practice): every check, every other capture,
 * every quiet move that threatens mate in one. What becomes of each is the fate table's to say.
 */
import {
  findCaptured,
  isCheck,
  isCheckmate,
  listLegalMoves,
  passTurn,
  playMove,
  type Move,
  type Position,
} from '../rules';

export const FORCING_KINDS = ['checks', 'captures', 'threats'] as const;
export type ForcingKind = (typeof FORCING_KINDS)[number];

/** Each legal move that forces, under its kind; a capture with check is a check. */
export function listForcing(position: Position): Readonly<Record<ForcingKind, readonly Move[]>> {
  const checks: Move[] = [];
  const captures: Move[] = [];
  const threats: Move[] = [];
  for (const move of listLegalMoves(position)) {
    const after = playMove(position, move);
    if (isCheck(after)) checks.push(move);
    else if (findCaptured(position, move) !== undefined) captures.push(move);
    else if (threatensMate(after)) threats.push(move);
  }
  return { checks, captures, threats };
}

/** Could the side that has just moved mate at once, if it had the move again? */
function threatensMate(after: Position): boolean {
  const again = passTurn(after);
  return again !== undefined && listLegalMoves(again).some((move) => isCheckmate(playMove(again, move)));
}
