/**
 * A proof as it is read aloud: key, "if he takes ...", "if he runs ...". Defences of one turn that are met by the same play to the
 * end are told in one breath.
 */
import { getMove, type MoveText } from '../notation';
import { findCaptured, isCheck, playMove, type Move, type Position } from '../rules';
import type { Proof, ProofMove } from './proof';

/** How a defence tries to help. */
export type DefenceKind = 'takes' | 'runs' | 'blocks' | 'moves';

/** Defences met alike. */
export interface ToldGroup {
  readonly kind: DefenceKind;
  readonly defences: readonly MoveText[];
  /** The node they lead to; for several, the first one's, which all others repeat. */
  readonly node: number;
}

/** The defences against a move of a node, in groups; longest resistance first, then the larger group. */
export function groupDefences(after: Position, proof: Pick<Proof, 'nodes'>, move: ProofMove): ToldGroup[] {
  const signatures = createSignatures(proof);
  const groups = new Map<string, { kind: DefenceKind; defences: MoveText[]; node: number }>();
  for (const reply of move.replies) {
    const kind = kindOf(after, getMove(reply.move));
    const key = `${kind} ${signatures.of(reply.node)}`;
    const group = groups.get(key);
    if (group === undefined) groups.set(key, { kind, defences: [reply.move], node: reply.node });
    else group.defences.push(reply.move);
  }
  const lengthOf = ({ node }: { readonly node: number }) => proof.nodes[node]?.mateInMoves ?? 0;
  return [...groups.values()].sort(
    (one, other) => lengthOf(other) - lengthOf(one) || other.defences.length - one.defences.length,
  );
}

/** The position after a move of a node. */
export function playText(position: Position, text: MoveText): Position {
  return playMove(position, getMove(text));
}

function kindOf(position: Position, move: Move): DefenceKind {
  if (findCaptured(position, move) !== undefined) return 'takes';
  if (position.board[move.from]?.role === 'king') return 'runs';
  // In check, whoever neither takes nor runs stands in between.
  return isCheck(position) ? 'blocks' : 'moves';
}

/** A text for each node, equal exactly when the attacker answers alike from there to the end. */
function createSignatures({ nodes }: Pick<Proof, 'nodes'>) {
  const known = new Map<number, string>();
  const numbers = new Map<string, number>();
  function numberOf(text: string): number {
    const number = numbers.get(text) ?? numbers.size;
    numbers.set(text, number);
    return number;
  }
  function of(index: number): string {
    const seen = known.get(index);
    if (seen !== undefined) return seen;
    const first = nodes[index]?.moves[0];
    const rest = first?.replies.map((reply) => `${reply.move}:${numberOf(of(reply.node))}`).sort() ?? [];
    const text = `${first?.move ?? ''} ${first?.covers ?? ''} ${rest.join(' ')}`;
    known.set(index, text);
    return text;
  }
  return { of };
}
