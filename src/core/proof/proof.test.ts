import { findLegal } from '../../../tests/fixtures/moves';
import { positionOf, randomPositions } from '../../../tests/fixtures/positions';
import { playMove } from '../rules';
import { createMateExplainer, createMateSearch } from '../search';
import { MAN_VALUES } from '../board';
import { checkProof, countsAsMate, describeMove, findExchange, groupDefences, playText, type Proof } from '.';

const MATE_IN_2 = '6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1';
const QUIET_IN_2 = '7k/8/5K2/8/8/8/8/R7 w - - 0 1';

function proofOf(fen: string, mateInMoves: number): Proof {
  const { proof } = createMateExplainer().explain(positionOf(fen), mateInMoves, {
    mostNodes: 5_000,
    duals: 'longest',
    areTriesWanted: false,
  });
  return proof;
}

describe('the checker that shares no code with the search', () => {
  const position = positionOf(QUIET_IN_2);
  const proof = proofOf(QUIET_IN_2, 2);
  /** The proof with one node changed. */
  const spoil = (index: number, change: Partial<Proof['nodes'][number]>): Proof => ({
    ...proof,
    nodes: proof.nodes.map((node, at) => (at === index ? { ...node, ...change } : node)),
  });
  const [root] = proof.nodes;
  const [key] = root?.moves ?? [];
  if (root === undefined || key === undefined) throw new Error('a proof has a key');

  test('passes what the search has proved', () => {
    expect(checkProof(position, proof)).toMatchObject({ ok: true });
    expect(checkProof(positionOf(MATE_IN_2), proofOf(MATE_IN_2, 2))).toMatchObject({ ok: true });
  });

  test.each([
    ['proof/illegal-move', spoil(0, { moves: [{ ...key, move: 'a1b8' }] })],
    ['proof/no-mate', spoil(0, { moves: [{ ...key, covers: 'mate', replies: [] }] })],
    ['proof/open-defence', spoil(0, { moves: [{ ...key, replies: [] }] })],
    ['proof/too-long', spoil(0, { mateInMoves: 1 })],
    ['proof/no-move', spoil(0, { moves: [] })],
    ['proof/no-node', { ...proof, nodes: [] }],
    // A move that leaves the king a way out is no mate, however sure the leaf claims it.
    [
      'proof/no-mate',
      spoil(key.replies[0]?.node ?? 0, { moves: [{ move: 'a1a7', covers: 'mate', replies: [] }] }),
    ],
    // Round in a circle: the reply leads back to where it came from.
    [
      'proof/too-long',
      spoil(0, { moves: [{ ...key, replies: key.replies.map((reply) => ({ ...reply, node: 0 })) }] }),
    ],
  ] as const)('refuses %s', (code, spoilt) => {
    expect(checkProof(position, spoilt)).toMatchObject({ ok: false, error: { code } });
  });

  test('a proof of one position is none of another', () => {
    expect(checkProof(positionOf('6k1/8/5K2/8/8/8/8/R7 b - - 0 1'), proof)).toMatchObject({ ok: false });
  });
});

test.each([
  // Bf8 is taken by the rook with mate.
  ['6k1/5ppp/3b4/8/8/B7/5PPP/4R1K1 w - - 0 1', 'Re8+', true],
  // Nothing guards f8: the king takes.
  ['6k1/5ppp/3b4/8/8/8/5PPP/4R1K1 w - - 0 1', 'Re8+', false],
  // The king can go to h7.
  ['6k1/5pp1/3b4/8/8/B7/5PPP/4R1K1 w - - 0 1', 'Re8+', false],
  // The checking rook can be taken.
  ['6k1/5ppp/3b2b1/8/B7/8/5PPP/4R1K1 w - - 0 1', 'Re8+', false],
  ['6k1/5ppp/8/8/8/8/5PPP/4R1K1 w - - 0 1', 'Re8+', true],
])('%s: after %s it counts as mate without pointless blocks: %s', (fen, san, isMate) => {
  expect(countsAsMate(playMove(positionOf(fen), findLegal(fen, san)))).toBe(isMate);
});

test('the search and the readable rules count the same lengths without pointless blocks', () => {
  const search = createMateSearch();
  const isBlockless = true;
  let shorter = 0;
  for (const position of [...randomPositions(515, 250), positionOf(MATE_IN_2)]) {
    const keys = search.listMatingMoves(position, 1, { isBlockless });
    const full = search.listMatingMoves(position, 1);
    for (const key of keys) expect(countsAsMate(playMove(position, key))).toBe(true);
    expect(keys.length).toBeGreaterThanOrEqual(full.length);
    shorter += keys.length - full.length;
  }
  expect(shorter).toBeGreaterThan(0);
});

test.each([
  // A queen for a pawn that is guarded is a sacrifice; a rook that takes a guarded rook is not.
  ['6k1/5pp1/7p/8/8/3Q4/8/3K4 w - - 0 1', 'Qh7+', { isCheck: true, isQuiet: false, isSacrifice: true }],
  ['3r2k1/5ppp/8/8/8/3R4/8/3R2K1 w - - 0 1', 'Rxd8+', { isCheck: true, isCapture: true, isSacrifice: false }],
  [QUIET_IN_2, 'Kf7', { isCheck: false, isCapture: false, isQuiet: true, isSacrifice: false }],
  ['6k1/4P3/8/8/8/8/8/4K3 w - - 0 1', 'e8=N', { isQuiet: false, isSacrifice: false }],
])('%s: %s is told as %j', (fen, san, kind) => {
  expect(describeMove(positionOf(fen), findLegal(fen, san))).toMatchObject(kind);
});

test('the exchange on a square counts only what may really take', () => {
  const after = (fen: string) => findExchange(positionOf(fen), 35, MAN_VALUES);
  // d5 is square 35. Pawn takes pawn, pawn takes back: even.
  expect(after('4k3/8/4p3/3p4/4P3/8/8/4K3 w - - 0 1')).toBe(0);
  expect(after('4k3/8/8/3p4/4P3/8/8/4K3 w - - 0 1')).toBe(1);
  // The guarding pawn is pinned along the file and may not take back.
  expect(after('4k3/4p3/8/3n4/8/8/8/3RK3 w - - 0 1')).toBe(3);
  expect(after('3qk3/8/8/3n4/8/8/8/3QK3 w - - 0 1')).toBe(0);
});

test('defences met by the same play are told in one breath', () => {
  const position = positionOf('6k1/5ppp/8/8/8/7P/PP6/K2RR3 w - - 0 1');
  const { proof } = createMateExplainer().explain(position, 1, {
    mostNodes: 10,
    duals: 'none',
    areTriesWanted: true,
  });
  expect(proof.nodes[0]?.moves.map(({ covers }) => covers)).toEqual(['mate', 'mate']);
  const quiet = proofOf('7k/1R6/5K2/8/8/8/8/8 w - - 0 1', 2);
  const [key] = quiet.nodes[0]?.moves ?? [];
  if (key === undefined) throw new Error('a proof has a key');
  const groups = groupDefences(playText(positionOf('7k/1R6/5K2/8/8/8/8/8 w - - 0 1'), key.move), quiet, key);
  expect(groups.flatMap(({ defences }) => defences).sort()).toEqual(
    key.replies.map(({ move }) => move).sort(),
  );
  expect(groups.every(({ kind }) => kind === 'runs')).toBe(true);
});
