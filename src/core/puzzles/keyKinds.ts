/** What the first move of a puzzle is, as a coach asks for it. */
import { describeMove } from '../proof';
import type { Move, Position } from '../rules';

/** A key can be several of these. */
export const KEY_KINDS = ['check', 'capture', 'quiet', 'sacrifice', 'promotion'] as const;
export type KeyKind = (typeof KEY_KINDS)[number];

/** Every kind this key is. */
export function listKeyKinds(position: Position, key: Move): KeyKind[] {
  const told = describeMove(position, key);
  const holds: Readonly<Record<KeyKind, boolean>> = {
    check: told.isCheck,
    capture: told.isCapture,
    quiet: told.isQuiet,
    sacrifice: told.isSacrifice,
    promotion: key.promotion !== undefined,
  };
  return KEY_KINDS.filter((kind) => holds[kind]);
}

/** The kinds a key of a mate in so many moves can be: the mating move itself gives check, and nobody can take it. */
export function listPossibleKeyKinds(moves: number): readonly KeyKind[] {
  return moves > 1 ? KEY_KINDS : KEY_KINDS.filter((kind) => kind !== 'quiet' && kind !== 'sacrifice');
}
