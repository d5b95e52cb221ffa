/**
 * What a stored mate task carries so that answers are judged without search.
 *
 * Question: the student has played these moves; do they keep the shortest mate, and if not, which reply shows it?
 * The graph holds one node for each attacker turn reachable by right play against a longest defence, and in it
 * every legal move with what becomes of it. Nodes are shared when play transposes.
 */
import { z } from 'zod';
import { parseMoveText, type MoveText } from '../notation';

const moveTextSchema = z.string().refine((text) => parseMoveText(text) !== undefined, 'not a move');

const keepsSchema = z.object({
  kind: z.literal('keeps'),
  /** Longest defences and the node each leads to, best resistance first. */
  replies: z.array(z.object({ move: moveTextSchema, node: z.number().int().nonnegative() })).min(1),
});
const matesSchema = z.object({ kind: z.literal('mates') });
const losesSchema = z.object({
  kind: z.literal('loses'),
  /**
   * stalemate: the other side has no move; slower: mate is still forced, in one move more; escapes: proved not to
   * mate in that many moves either (what happens later is not claimed).
   */
  why: z.enum(['stalemate', 'slower', 'escapes']),
  /** A defender's move after which the mate in the asked number is gone; absent on stalemate. */
  refutation: moveTextSchema.optional(),
});
const fateSchema = z.discriminatedUnion('kind', [keepsSchema, matesSchema, losesSchema]);

export const solutionGraphSchema = z.object({
  formatVersion: z.literal(1),
  mateInMoves: z.number().int().positive(),
  /** Node 0 is the position of the task. */
  nodes: z
    .array(
      z.object({ mateInMoves: z.number().int().positive(), moves: z.record(moveTextSchema, fateSchema) }),
    )
    .min(1),
});

export type SolutionGraph = z.infer<typeof solutionGraphSchema>;
export type SolutionNode = SolutionGraph['nodes'][number];
/** What becomes of one attacker move, as far as judging an answer needs it. */
export type MoveFate = z.infer<typeof fateSchema>;

/** First moves that mate in the shortest number. */
export function listKeys(graph: SolutionGraph): MoveText[] {
  return Object.entries(graph.nodes[0]?.moves ?? {})
    .filter(([, fate]) => fate.kind !== 'loses')
    .map(([move]) => move);
}

/** One main line: the first key against the first longest defence, up to the mate. */
export function listMainLine(graph: SolutionGraph): MoveText[] {
  const line: MoveText[] = [];
  let node: SolutionNode | undefined = graph.nodes[0];
  while (node !== undefined) {
    const next: [string, MoveFate] | undefined = Object.entries(node.moves).find(
      ([, fate]) => fate.kind !== 'loses',
    );
    if (next === undefined) break;
    line.push(next[0]);
    if (next[1].kind !== 'keeps') break;
    const reply = next[1].replies[0];
    if (reply === undefined) break;
    line.push(reply.move);
    node = graph.nodes[reply.node];
  }
  return line;
}
