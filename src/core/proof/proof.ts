/**
 * A forced mate as data: attacker moves, every defence, mate at each leaf. Nodes have the attacker to move and are shared
 * where play transposes; node 0 is the position proved. `checkProof` certifies the mate with the readable rules alone and
 * shares no code with any search. That no shorter mate exists, and that no key is missing, is another question.
 */
import { makeFen, makeMoveText, parseMoveText, type MoveText } from '../notation';
import { findOutcome, listLegalMoves, playMove, type Position } from '../rules';
import { failure, success, type Result } from '../shared';

/** A defence and the node it leads to. */
export interface ProofReply {
  readonly move: MoveText;
  readonly node: number;
}

/** How far an attacker move is followed: to mate at once, against every defence, against the longest ones, or not further. */
export type ProofCover = 'mate' | 'all' | 'longest' | 'none';

export interface ProofMove {
  readonly move: MoveText;
  readonly covers: ProofCover;
  /** Defences, the longest first; empty when it mates or is not followed. */
  readonly replies: readonly ProofReply[];
}

export interface ProofNode {
  /** The shortest mate here. */
  readonly mateInMoves: number;
  /** Every move that keeps the shortest mate. The first is followed against every defence; further ones are keys or duals. */
  readonly moves: readonly ProofMove[];
}

export interface Proof {
  readonly mateInMoves: number;
  readonly nodes: readonly ProofNode[];
}

export type ProofFault =
  | { readonly code: 'proof/no-node'; readonly node: number }
  | { readonly code: 'proof/no-move'; readonly node: number }
  | { readonly code: 'proof/illegal-move'; readonly node: number; readonly move: MoveText }
  | { readonly code: 'proof/no-mate'; readonly node: number; readonly move: MoveText }
  /** A legal defence the proof does not answer. */
  | {
      readonly code: 'proof/open-defence';
      readonly node: number;
      readonly move: MoveText;
      readonly defence: MoveText;
    }
  /** A defence that does not lead nearer to the mate, so that the proof might go round in circles. */
  | { readonly code: 'proof/too-long'; readonly node: number; readonly move: MoveText };

/**
 * Certifies that every move followed in full mates within the length its node claims, whatever is answered. `isMate` says
 * which positions end the proof; the rules' checkmate unless a club counts otherwise.
 */
export function checkProof(
  position: Position,
  { nodes }: Pick<Proof, 'nodes'>,
  isMate: (position: Position) => boolean = isCheckmate,
): Result<number, ProofFault> {
  /** Node and position pairs that were certified: a shared node is checked once for each position that leads to it. */
  const certified = new Set<string>();

  function check(at: Position, index: number): ProofFault | undefined {
    const node = nodes[index];
    if (node === undefined) return { code: 'proof/no-node', node: index };
    const key = `${index} ${makeFen({ ...at, halfmoves: 0, fullmoves: 1 })}`;
    if (certified.has(key)) return undefined;
    certified.add(key);
    const followed = node.moves.filter(({ covers }) => covers === 'mate' || covers === 'all');
    if (followed.length === 0) return { code: 'proof/no-move', node: index };
    for (const move of followed) {
      const fault = checkMove(at, index, node.mateInMoves, move);
      if (fault !== undefined) return fault;
    }
    return undefined;
  }

  function checkMove(at: Position, node: number, moves: number, { move: text, covers, replies }: ProofMove) {
    const move = parseMoveText(text);
    const legal = listLegalMoves(at).map(makeMoveText);
    if (move === undefined || !legal.includes(text)) {
      return { code: 'proof/illegal-move', node, move: text } as const;
    }
    const after = playMove(at, move);
    if (covers === 'mate')
      return isMate(after) ? undefined : ({ code: 'proof/no-mate', node, move: text } as const);
    const defences = listLegalMoves(after);
    if (defences.length === 0) return { code: 'proof/no-mate', node, move: text } as const;
    for (const defence of defences) {
      const reply = replies.find((other) => other.move === makeMoveText(defence));
      if (reply === undefined) {
        return { code: 'proof/open-defence', node, move: text, defence: makeMoveText(defence) } as const;
      }
      if ((nodes[reply.node]?.mateInMoves ?? 0) >= moves)
        return { code: 'proof/too-long', node, move: text } as const;
      const fault = check(playMove(after, defence), reply.node);
      if (fault !== undefined) return fault;
    }
    return undefined;
  }

  const fault = check(position, 0);
  return fault === undefined ? success(certified.size) : failure(fault);
}

function isCheckmate(position: Position): boolean {
  return findOutcome(position)?.kind === 'mate';
}
