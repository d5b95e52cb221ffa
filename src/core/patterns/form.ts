/**
 * How a named mate is described: as data, in the frame of its picture, read by one matcher (`matchForm.ts`).
 *
 * The frame: a black king at the top of the board, its home rank the eighth; a mated white king is turned over into it. Spots are
 * steps from the mated king, files towards h and ranks upwards, so that [0, -1] is the square in front of it. `turns` says which
 * symmetries of the board keep the name. "Essential" and "suffice" are asked of the rules: is it still mate without this man, or with
 * these alone.
 */
import type { Role } from '../board';

/** Steps from the mated king. */
export type Spot = readonly [file: number, rank: number];

/** One square, or the squares on a line: `from` and then `least` to `most` steps further. */
export type Place = Spot | { readonly from?: Spot; readonly step: Spot; readonly least: number };

/** Where the mated king stands in the frame. `side` is the h-file without its corners, `wing` the g- and h-file. */
export type KingPlace =
  'anywhere' | 'edge' | 'top' | 'top-inner' | 'second' | 'corner' | 'side' | 'wing' | { readonly on: string };

/** The man that gives the check, its nearest helper, and one more. */
export type Part = 'mating' | 'supporter' | 'second';

export type Condition =
  /** A man of the mating side; the first that fits everything else is taken. */
  | {
      readonly is: 'man';
      readonly as: Exclude<Part, 'mating'>;
      readonly who: readonly Role[];
      readonly at?: readonly Place[];
      readonly isNextToKing?: true;
      readonly isEssential?: true;
      /** Protects this other man, lines running on through the king. */
      readonly holds?: Part;
      /** Guards all of these. */
      readonly guards?: readonly Spot[];
      /** Guards at least one neighbour of the king that is not blocked and on which the mating man does not stand. */
      readonly guardsSome?: true;
      /** Guards every neighbour of the king that is not blocked, and there is one. */
      readonly guardsRest?: true;
      /** Of a bishop beside a mating bishop: the diagonal on which it guards, across the checking one or along it. */
      readonly axis?: 'across' | 'along';
      /** Guards at least so many squares that nobody else guards. */
      readonly guardsAlone?: number;
    }
  /** A man of the mating side stands there. */
  | { readonly is: 'stands'; readonly who: Role; readonly at: Spot }
  /** Another man of the mating side protects this one. */
  | { readonly is: 'protected'; readonly part: Part }
  /** Own men on these squares: on all that exist, on some, on none, or not on all. */
  | {
      readonly is: 'blocked';
      readonly at: readonly Spot[];
      readonly need: 'all' | 'some' | 'none' | 'not-all';
      /** None of them may lie off the board. */
      readonly mustExist?: true;
      /** One of those own men is of this role. */
      readonly with?: Role;
    }
  | { readonly is: 'empty'; readonly at: readonly Spot[] }
  | { readonly is: 'exists'; readonly at: Spot }
  /** Off the board, or an own man. */
  | { readonly is: 'shut'; readonly at: Spot }
  /** No man of the mating side stands there. */
  | { readonly is: 'not-theirs'; readonly at: Spot }
  /** How many neighbours of the king are blocked, and how many are not. */
  | {
      readonly is: 'count';
      readonly blocked?: readonly [least: number, most: number];
      readonly unblocked?: readonly [least: number, most: number];
    }
  /** Every one of these that is not blocked is guarded by such a man standing on the line; at least one is. */
  | {
      readonly is: 'guarded-along';
      readonly at: readonly Spot[];
      readonly by: readonly Role[];
      readonly from: readonly Place[];
    }
  /** It is mate with these men of the mating side alone; its own king may help. */
  | { readonly is: 'suffice'; readonly parts: readonly Part[]; readonly withKing?: true };

/** One picture. */
export interface Form {
  readonly king: KingPlace;
  /** Which symmetries keep the name: none, left and right, those that keep files files, or all eight. */
  readonly turns: 'none' | 'mirror' | 'files' | 'all';
  /** The man that gives the only check. */
  readonly checker: readonly Role[];
  readonly at?: readonly Place[];
  /** A second check by such a man is allowed. */
  readonly mayDouble?: Role;
  readonly and: readonly Condition[];
}

export const READINGS = ['strict', 'loose'] as const;
export type Reading = (typeof READINGS)[number];

/** A named mate. The first form that fits gives the roles; a strict form before all loose ones. */
export interface PatternDefinition<Id extends string = string> {
  readonly id: Id;
  /** The more specific picture has the smaller number. */
  readonly rank: number;
  readonly strict: readonly Form[];
  readonly loose: readonly Form[];
}
