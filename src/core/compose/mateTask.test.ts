import { bruteMatingMoves } from '../../../tests/fixtures/bruteForce';
import { positionOf } from '../../../tests/fixtures/positions';
import { mateFamily } from '../exercises';
import { makeMoveText, parseMoveText, type MoveText } from '../notation';
import { listKeys, listMainLine, solutionGraphSchema, type SolutionGraph } from '../puzzles';
import { findOutcome, listLegalMoves, playMove, type Position } from '../rules';
import { createMateSearch } from '../search';
import { makeMateTask } from '.';

const search = createMateSearch();

function taskOf(fen: string) {
  const position = positionOf(fen);
  const made = makeMateTask(search, position, { maxMoves: 3 });
  if (made.kind !== 'task') throw new Error(made.kind);
  return { position, task: made.task, graph: made.graph };
}

const play = (position: Position, text: MoveText) => {
  const move = parseMoveText(text);
  if (move === undefined) throw new Error(text);
  return playMove(position, move);
};

/** Small positions of length 1 to 3: several keys, quiet keys, stalemate traps, promotions; made for this test. */
const FENS = [
  '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1',
  '7k/8/5K2/8/8/8/8/R7 w - - 0 1',
  '7k/5P2/6K1/8/8/8/8/8 w - - 0 1',
  '6br/5Ppk/7p/8/8/8/8/K7 w - - 0 1',
  '8/8/8/8/8/1k6/2q5/K7 b - - 0 1',
  '7k/8/4K3/8/8/8/8/1Q6 w - - 0 1',
  'k7/8/2K5/8/8/8/8/1R6 w - - 0 1',
];

/** Walks every right way through the graph and hands each node with its position to the check. */
function walk(position: Position, graph: SolutionGraph, check: (at: Position, node: number) => void): void {
  const visit = (at: Position, node: number) => {
    check(at, node);
    for (const [move, fate] of Object.entries(graph.nodes[node]?.moves ?? {})) {
      if (fate.kind !== 'keeps') continue;
      for (const reply of fate.replies) visit(play(play(at, move), reply.move), reply.node);
    }
  };
  visit(position, 0);
}

describe.each(FENS)('%s', (fen) => {
  const { position, task, graph } = taskOf(fen);

  test('is stored and read back without loss', () => {
    expect(solutionGraphSchema.parse(JSON.parse(JSON.stringify(graph)))).toEqual(graph);
  });

  test('every node knows every legal move, and its right moves are exactly those brute force finds', () => {
    let nodes = 0;
    walk(position, graph, (at, index) => {
      const node = graph.nodes[index];
      if (node === undefined) throw new Error('missing node');
      nodes += 1;
      expect(Object.keys(node.moves).sort()).toEqual(listLegalMoves(at).map(makeMoveText).sort());
      const kept = Object.entries(node.moves).filter(([, fate]) => fate.kind !== 'loses');
      const right = bruteMatingMoves(at, node.mateInMoves).map(makeMoveText);
      expect(kept.map(([move]) => move).sort()).toEqual(right.sort());
    });
    expect(nodes).toBeGreaterThan(0);
  });

  test('after a lost move the refutation is legal and no mate in the asked number is left', () => {
    walk(position, graph, (at, index) => {
      const node = graph.nodes[index];
      for (const [move, fate] of Object.entries(node?.moves ?? {})) {
        if (fate.kind !== 'loses') continue;
        const after = play(at, move);
        if (fate.refutation === undefined) {
          expect(findOutcome(after)?.kind).toBe('stalemate');
          continue;
        }
        expect(listLegalMoves(after).map(makeMoveText)).toContain(fate.refutation);
        const rest = (node?.mateInMoves ?? 0) - 1;
        if (rest > 0) expect(bruteMatingMoves(play(after, fate.refutation), rest)).toEqual([]);
      }
    });
  });

  test('the family accepts the stated solution and every key, answers a longest defence, and refuses the rest', () => {
    const line = mateFamily.solution(task, graph);
    expect(line).toEqual(listMainLine(graph));
    expect(line).toHaveLength(2 * task.mateInMoves - 1);
    expect(mateFamily.judge(task, graph, { kind: 'play', moves: line, slips: 0 }).outcome).toBe('right');
    for (const [move, fate] of Object.entries(graph.nodes[0]?.moves ?? {})) {
      const response = mateFamily.respond(task, graph, [move]);
      if (fate.kind === 'keeps') expect(response).toEqual({ kind: 'reply', move: fate.replies[0]?.move });
      else
        expect(response).toMatchObject({ verdict: { outcome: fate.kind === 'mates' ? 'right' : 'wrong' } });
    }
  });

  test('the first hint names a man that can start the shortest mate', () => {
    const hint = mateFamily.hint(task, graph, []);
    const starts = listKeys(graph).map((key) => parseMoveText(key)?.from);
    expect(starts).toContain(hint?.square);
  });
});

test("a position without a mate hands on the prover's own answer", () => {
  expect(makeMateTask(search, positionOf('4k3/8/8/8/8/8/8/4K2R w - - 0 1'), { maxMoves: 2 })).toMatchObject({
    kind: 'none',
    within: 2,
  });
});

test('a stalemating move is named so, and a slower mate is not called an escape', () => {
  const { graph } = taskOf('7k/8/4K3/8/8/8/8/1Q6 w - - 0 1');
  const fates = Object.values(graph.nodes[0]?.moves ?? {});
  const reasons = fates.map((fate) => (fate.kind === 'loses' ? fate.why : fate.kind));
  expect(new Set(reasons)).toContain('slower');
  const trap = taskOf('8/8/8/8/8/1k6/2q5/K7 b - - 0 1');
  expect(trap.task.mateInMoves).toBe(1);
});

test('a man dropped next to the right square may have slipped; one dropped far away has not', () => {
  const { task, graph } = taskOf('6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1');
  expect(mateFamily.respond(task, graph, ['a1a7'])).toMatchObject({ mayBeSlip: true });
  expect(mateFamily.respond(task, graph, ['a1a3'])).toMatchObject({ mayBeSlip: false });
  expect(mateFamily.respond(task, graph, ['g1f1'])).toMatchObject({ mayBeSlip: false });
});

test('moves the task does not know are wrong, not a crash', () => {
  const { task, graph } = taskOf('7k/8/5K2/8/8/8/8/R7 w - - 0 1');
  const judge = (moves: string[]) => mateFamily.judge(task, graph, { kind: 'play', moves, slips: 0 });
  expect(judge(['h8h7'])).toMatchObject({ outcome: 'wrong', diagnoses: ['not-in-task'], wrongPly: 0 });
  expect(judge(['f6f7', 'a8a7'])).toMatchObject({ outcome: 'wrong', wrongPly: 1 });
  expect(judge(['f6f7'])).toMatchObject({ outcome: 'unfinished' });
});
