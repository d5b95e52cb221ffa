/**
 * The names a forced mate earns: from the final positions of its whole tree, the first move of each node against every defence. "The"
 * pattern when every defence that lasts longest ends in it, "seen" when some defence does.
 */
import { parseMoveText, type MoveText } from '../notation';
import type { Proof } from '../proof';
import { playMove, type Position } from '../rules';
import type { PatternId } from './definitions';
import type { Reading } from './form';
import { namePatterns } from './recognise';

export interface MateTag {
  readonly id: PatternId;
  /** Strict when it was strict in one of the final positions. */
  readonly reading: Reading;
  readonly how: 'the' | 'seen';
}

/** Readings by pattern; of what a node leads to by longest defences always, and by any defence sometimes. */
interface Endings {
  readonly always: ReadonlyMap<PatternId, Reading>;
  readonly sometimes: ReadonlyMap<PatternId, Reading>;
}

/** In the order of the definitions: the patterns first that it always ends in, the strict ones first. */
export function tagMate(home: Position, { nodes }: Pick<Proof, 'nodes'>): MateTag[] {
  const known = new Map<number, Endings>();

  function endingsOf(position: Position, index: number): Endings {
    const seen = known.get(index);
    if (seen !== undefined) return seen;
    const node = nodes[index];
    const move = node?.moves[0];
    if (node === undefined || move === undefined) throw new Error(`a tree has no node ${index}`);
    const after = playText(position, move.move);
    const endings =
      move.covers === 'mate' || move.replies.length === 0
        ? endingsHere(after)
        : joinEndings(
            move.replies.map((reply) => ({
              isLongest: nodes[reply.node]?.mateInMoves === node.mateInMoves - 1,
              endings: endingsOf(playText(after, reply.move), reply.node),
            })),
          );
    known.set(index, endings);
    return endings;
  }

  const { always, sometimes } = endingsOf(home, 0);
  const tags = [...sometimes].map(([id, reading]): MateTag => {
    const sure = always.get(id);
    return { id, reading: sure ?? reading, how: sure === undefined ? 'seen' : 'the' };
  });
  const weigh = ({ how, reading }: MateTag) => (how === 'the' ? 0 : 2) + (reading === 'strict' ? 0 : 1);
  return tags.sort((one, other) => weigh(one) - weigh(other));
}

function endingsHere(mated: Position): Endings {
  const named = new Map(namePatterns(mated).map(({ id, reading }) => [id, reading]));
  return { always: named, sometimes: named };
}

function joinEndings(replies: readonly { isLongest: boolean; endings: Endings }[]): Endings {
  const longest = replies.filter(({ isLongest }) => isLongest).map(({ endings }) => endings.always);
  const sometimes = new Map<PatternId, Reading>();
  for (const { endings } of replies) addBest(sometimes, endings.sometimes);
  const [first = new Map<PatternId, Reading>(), ...others] = longest;
  const always = new Map<PatternId, Reading>();
  for (const [id, reading] of first) {
    // In all of them, and strictly only when strictly in all.
    const readings = [reading, ...others.map((other) => other.get(id))];
    if (readings.every((one) => one !== undefined))
      always.set(id, readings.includes('loose') ? 'loose' : 'strict');
  }
  return { always, sometimes };
}

function addBest(into: Map<PatternId, Reading>, from: ReadonlyMap<PatternId, Reading>): void {
  for (const [id, reading] of from) if (into.get(id) !== 'strict') into.set(id, reading);
}

function playText(position: Position, text: MoveText): Position {
  const move = parseMoveText(text);
  if (move === undefined) throw new Error(`a tree holds moves only, not ${text}`);
  return playMove(position, move);
}
