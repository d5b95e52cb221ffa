/** Everything a coach wants to know about a proved mate, as data. */
import type { MoveText } from '../notation';
import type { Proof } from './proof';

/** A first move that almost does it: exactly one defence refutes it. */
export interface Try {
  readonly move: MoveText;
  readonly refutation: MoveText;
}

export interface MateSolution {
  readonly proof: Proof;
  /** The tree goes on below some nodes: it was larger than the limit, or Stop came. */
  readonly isWhole: boolean;
  /** undefined: not looked for, or not finished. */
  readonly tries: readonly Try[] | undefined;
}
