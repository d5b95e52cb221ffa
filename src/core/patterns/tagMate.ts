/**
 * The names a forced mate earns: from the final positions of its whole tree, the first move of each node against every defence. "The"
 * pattern when every defence that lasts longest ends in it, "seen" when some defence does.
 */
import { playText, type Proof, type ProofNode } from '../proof';
import type { Position } from '../rules';
import type { PatternId } from './definitions';
import type { Reading } from './form';
import { namePatterns, type PatternMatch } from './recognise';

export interface MateTag<Id extends string = PatternId> {
  readonly id: Id;
  /** Strict when it was strict in one of the final positions. */
  readonly reading: Reading;
  readonly how: 'the' | 'seen';
}

/** The tags a club wants to hear: the strict ones, or all. */
export function listShownTags(tags: readonly MateTag[], areLooseShown: boolean): MateTag[] {
  return tags.filter(({ reading }) => areLooseShown || reading === 'strict');
}

/** Readings by pattern; of what a node leads to by longest defences always, and by any defence sometimes. */
interface Endings<Id> {
  readonly always: ReadonlyMap<Id, Reading>;
  readonly sometimes: ReadonlyMap<Id, Reading>;
}

/** Names a mate on the board. */
type NameMate<Id extends string> = (mated: Position) => readonly Pick<PatternMatch<Id>, 'id' | 'reading'>[];

/**
 * The patterns first that it always ends in, the strict ones first, else in the order of the definitions. `home` is the position of node
 * `root`. Undefined when the tree was cut off somewhere below: then nothing is known of all defences.
 */
export function tagMate(
  home: Position,
  proof: Pick<Proof, 'nodes'>,
  root = 0,
): readonly MateTag[] | undefined {
  return tagMateBy(namePatterns, home, proof, root);
}

/** The same with other names than the book's. */
export function tagMateBy<Id extends string>(
  name: NameMate<Id>,
  home: Position,
  { nodes }: Pick<Proof, 'nodes'>,
  root = 0,
): readonly MateTag<Id>[] | undefined {
  const known = new Map<number, Endings<Id> | undefined>();

  function endingsOf(position: Position, index: number): Endings<Id> | undefined {
    if (known.has(index)) return known.get(index);
    const endings = workOut(position, nodes[index]);
    known.set(index, endings);
    return endings;
  }
  function workOut(position: Position, node: ProofNode | undefined): Endings<Id> | undefined {
    const move = node?.moves[0];
    if (node === undefined || move === undefined) return undefined;
    const after = playText(position, move.move);
    if (move.covers === 'mate') return endingsHere(name(after));
    if (move.covers !== 'all') return undefined;
    const replies: Reply<Id>[] = [];
    for (const reply of move.replies) {
      const endings = endingsOf(playText(after, reply.move), reply.node);
      if (endings === undefined) return undefined;
      const isLongest = nodes[reply.node]?.mateInMoves === node.mateInMoves - 1;
      replies.push({ isLongest, endings });
    }
    return joinEndings(replies);
  }

  const whole = endingsOf(home, root);
  if (whole === undefined) return undefined;
  const tags = [...whole.sometimes].map(([id, reading]): MateTag<Id> => {
    const sure = whole.always.get(id);
    return { id, reading: sure ?? reading, how: sure === undefined ? 'seen' : 'the' };
  });
  const weigh = ({ how, reading }: MateTag<Id>) => (how === 'the' ? 0 : 2) + (reading === 'strict' ? 0 : 1);
  return tags.sort((one, other) => weigh(one) - weigh(other));
}

interface Reply<Id> {
  readonly isLongest: boolean;
  readonly endings: Endings<Id>;
}

function endingsHere<Id extends string>(names: ReturnType<NameMate<Id>>): Endings<Id> {
  const named = new Map(names.map(({ id, reading }) => [id, reading]));
  return { always: named, sometimes: named };
}

function joinEndings<Id>(replies: readonly Reply<Id>[]): Endings<Id> {
  const longest = replies.filter(({ isLongest }) => isLongest).map(({ endings }) => endings.always);
  const sometimes = new Map<Id, Reading>();
  for (const { endings } of replies) addBest(sometimes, endings.sometimes);
  const [first = new Map<Id, Reading>(), ...others] = longest;
  const always = new Map<Id, Reading>();
  for (const [id, reading] of first) {
    // In all of them, and strictly only when strictly in all.
    const readings = [reading, ...others.map((other) => other.get(id))];
    if (readings.every((one) => one !== undefined))
      always.set(id, readings.includes('loose') ? 'loose' : 'strict');
  }
  return { always, sometimes };
}

function addBest<Id>(into: Map<Id, Reading>, from: ReadonlyMap<Id, Reading>): void {
  for (const [id, reading] of from) if (into.get(id) !== 'strict') into.set(id, reading);
}
