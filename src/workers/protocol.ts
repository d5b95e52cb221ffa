/**
 * What may be asked of a worker and what comes back; types only, so that both ends compile against one text. Positions travel as
 * FEN: the men of a board are shared objects compared by identity, and a copy made by a message would no longer be them.
 */
import type { NamedPicture } from '@/contracts/clubPatterns';
import type { ComposedPuzzle, FamilyFit, PuzzleRecipe, Stair } from '@/core/compose';
import type { ExerciseId, ExerciseTask, Level, MateTask, NotationWays, Scale } from '@/core/exercises';
import type { Square } from '@/core/board';
import type { GameResult, MoveText } from '@/core/notation';
import type { Chance, FateTable, MateSolution, ProofReport, WhyEnded } from '@/core/proof';
import type { MateTag, PatternId, Sacrifice } from '@/core/patterns';
import type { Grade, SolutionGraph } from '@/core/puzzles';
import type { LineBreak, WrittenVerdict } from '@/core/written';

/** Proves the shortest mate of a position. */
export interface ProveQuestion {
  readonly kind: 'prove';
  readonly fen: string;
  readonly maxMoves: number;
}

/** Works out the whole solution of a mate whose shortest length is proved. */
export interface ExplainQuestion {
  readonly kind: 'explain';
  readonly fen: string;
  readonly mateInMoves: number;
  /** Named mates of the club's own. */
  readonly ours: readonly NamedPicture[];
}

/** What becomes of every legal move; with `isPassed`, what the other side would do if it were its turn. */
export interface FatesQuestion {
  readonly kind: 'fates';
  readonly fen: string;
  /** Plies seen at most; each depth that is finished comes as progress. */
  readonly plies: number;
  readonly isPassed: boolean;
}

/** Does a written solution hold? */
export interface JudgeQuestion {
  readonly kind: 'judge';
  readonly fen: string;
  readonly line: string;
  readonly claimed: number | undefined;
  readonly isBlockless: boolean;
}

/** Proves a position and works out the stored solution of its mate task. */
export interface MakeMateTaskQuestion {
  readonly kind: 'make-mate-task';
  readonly fen: string;
  readonly maxMoves: number;
  readonly budgetNodes: number;
}

/** The stairs that lead up to a mate, each a proved puzzle. */
export interface StaircaseQuestion {
  readonly kind: 'staircase';
  readonly fen: string;
  readonly maxMoves: number;
  /** Named mates of the club's own. */
  readonly ours: readonly NamedPicture[];
}

/** Composes fresh mate puzzles; the same seed makes the same ones. */
export interface PuzzlesQuestion {
  readonly kind: 'puzzles';
  readonly recipe: PuzzleRecipe;
  readonly count: number;
  readonly seed: number;
}

/** Makes fresh tasks of a family, from this seed on; the same seed makes the same one. */
export interface ComposeQuestion {
  readonly kind: 'compose';
  readonly family: ExerciseId;
  readonly level: Level;
  readonly seed: number;
  readonly count: number;
  /** What men are worth to the club that asks. */
  readonly values: Scale;
  /** How the club has moves written; the usual ways when nothing is said. */
  readonly ways?: NotationWays | undefined;
}

/** Which questions make sense on a board, kings or not, and why the others do not. */
export interface BoardQuestionsQuestion {
  readonly kind: 'board-questions';
  readonly fen: string;
  /** Chosen squares, the piece that is asked about first. */
  readonly chosen: readonly Square[];
  /** Chosen moves, from this board on. */
  readonly line: readonly MoveText[];
  readonly values: Scale;
  readonly ways?: NotationWays | undefined;
}

/** Reads every position of a file or a pasted text and proves its mate. */
export interface ImportQuestion {
  readonly kind: 'import';
  readonly bytes: Uint8Array;
  readonly maxMoves: number;
}

/** Reads every whole game of a file or a pasted text and looks for what it held. */
export interface HarvestQuestion {
  readonly kind: 'harvest';
  readonly bytes: Uint8Array;
  /** The longest mate that is looked for. */
  readonly maxMoves: number;
}

/** The chances at these places of a game. */
export interface ChancesQuestion {
  readonly kind: 'chances';
  /** Where the game began. */
  readonly fen: string;
  readonly moves: readonly MoveText[];
  /** Moves made before each place, from 0. */
  readonly plies: readonly number[];
  readonly maxMoves: number;
}

/** How many moves does each of these texts hold, from its first position on? A text with a fault, or of several games, holds none. */
export interface CountMovesQuestion {
  readonly kind: 'count-moves';
  readonly pgns: readonly string[];
}

/** Which stored mates end in a named mate of the club's own? */
export interface NameOursQuestion {
  readonly kind: 'name-ours';
  readonly ours: readonly NamedPicture[];
  readonly puzzles: readonly { readonly fen: string; readonly graph: SolutionGraph }[];
}

/** The rows of a CSV text: so many at most, and so many cells of each. */
export interface ReadTableQuestion {
  readonly kind: 'read-table';
  readonly text: string;
  readonly mostRows: number;
  readonly mostCells: number;
}

export type Question =
  | ProveQuestion
  | ExplainQuestion
  | FatesQuestion
  | JudgeQuestion
  | MakeMateTaskQuestion
  | StaircaseQuestion
  | PuzzlesQuestion
  | ImportQuestion
  | HarvestQuestion
  | ChancesQuestion
  | NameOursQuestion
  | CountMovesQuestion
  | ReadTableQuestion
  | ComposeQuestion
  | BoardQuestionsQuestion;

export interface NotAPosition {
  readonly kind: 'not-a-position';
}

export type ProveAnswer =
  | {
      readonly kind: 'mate';
      readonly mateInMoves: number;
      /** Keys in SAN; all of them unless `areAllKeys` is false. */
      readonly keys: readonly string[];
      readonly areAllKeys: boolean;
      /** The main line as squares. */
      readonly line: readonly MoveText[];
      /** The length without pointless blocks, where it is proved to be another one. */
      readonly mateNoBlocks: number | undefined;
      readonly nodes: number;
    }
  | {
      readonly kind: 'mate-at-most';
      readonly mateInMoves: number;
      readonly noMateWithin: number;
      readonly key: string;
      readonly line: readonly MoveText[];
      readonly nodes: number;
      readonly why: WhyEnded;
    }
  | { readonly kind: 'none'; readonly within: number; readonly nodes: number }
  | {
      readonly kind: 'undecided';
      readonly noMateWithin: number;
      readonly nodes: number;
      readonly why: WhyEnded;
    }
  | NotAPosition;

export type ExplainAnswer =
  | {
      readonly kind: 'solution';
      readonly solution: MateSolution;
      /** The names of the mate; undefined when the tree was cut off. */
      readonly tags: readonly MateTag[] | undefined;
      readonly ourTags: readonly MateTag<string>[] | undefined;
      /** Men given up along the main line, and what for. */
      readonly sacrifices: readonly Sacrifice[];
    }
  | NotAPosition;

export type StaircaseAnswer =
  | { readonly kind: 'staircase'; readonly mateInMoves: number; readonly stairs: readonly Stair[] }
  /** No shortest mate within the limits: there is nothing to climb to. */
  | { readonly kind: 'no-staircase' }
  | NotAPosition;

/** A composed puzzle without its proof: what is stored is proved again by the server. */
export type PuzzleSketch = Omit<ComposedPuzzle, 'proof'> & {
  readonly twinKey: string;
  readonly ideaKey: string;
};

/** Fewer than asked for when no more were found. */
export interface PuzzlesAnswer {
  readonly kind: 'puzzles';
  readonly puzzles: readonly PuzzleSketch[];
}

export type FatesAnswer =
  | { readonly kind: 'fates'; readonly table: FateTable }
  /** A side in check cannot let the other one move. */
  | { readonly kind: 'in-check' }
  | NotAPosition;

/** The core's verdict; where it breaks, the position in which the move was written travels as text. */
export type JudgeAnswer =
  | Exclude<WrittenVerdict, LineBreak>
  | (Omit<LineBreak, 'position' | 'move'> & { readonly fen: string; readonly move: MoveText | undefined })
  | NotAPosition;

export type MateTaskAnswer =
  | {
      readonly kind: 'task';
      readonly task: MateTask;
      readonly graph: SolutionGraph;
      /** The named mates every longest defence ends in, strictly; none when the stored tree is cut off. */
      readonly patterns: readonly PatternId[];
      readonly exactKey: string;
      readonly twinKey: string;
      readonly ideaKey: string;
      readonly grade: Grade;
    }
  | { readonly kind: 'none'; readonly within: number }
  | { readonly kind: 'undecided'; readonly noMateWithin: number }
  /** A mate is there, but it was not proved twice within the limits, or not proved to be the shortest. */
  | { readonly kind: 'uncertified'; readonly mateInMoves: number }
  | NotAPosition;

/** What becomes of a position that was read. */
export type ImportOutcome =
  | {
      readonly kind: 'mate';
      readonly mateInMoves: number;
      /** Every key, in SAN. */
      readonly keys: readonly string[];
      readonly exactKey: string;
    }
  | { readonly kind: 'none'; readonly within: number }
  | { readonly kind: 'undecided' }
  /** Read before in the same text. */
  | { readonly kind: 'repeated' }
  /** A game from the first move on. */
  | { readonly kind: 'whole-game' }
  | { readonly kind: 'fault'; readonly fault: string };

/** Where in the text it stands: "line 3", "game 12", "row 7". */
export interface PositionPlace {
  readonly unit: 'line' | 'game' | 'row';
  readonly number: number;
}

export interface ImportedPosition {
  readonly place: PositionPlace;
  /** Empty where none could be read. */
  readonly fen: string;
  readonly outcome: ImportOutcome;
}

/** The positions themselves came as progress. */
export type ImportAnswer =
  | {
      readonly kind: 'imported';
      readonly count: number;
      /** There is more in it than is read at once. */
      readonly isCut: boolean;
    }
  | { readonly kind: 'unreadable'; readonly why: string };

/** A game that was read, with what it held. */
export interface HarvestedGame {
  /** In the text, from 1. */
  readonly number: number;
  readonly title: string;
  readonly result: GameResult;
  readonly fen: string;
  /** Up to the fault, where there is one. */
  readonly moves: readonly MoveText[];
  readonly chances: readonly Chance[];
  readonly fault: string | undefined;
}

/** The games themselves came as progress. */
export type HarvestAnswer =
  | { readonly kind: 'harvested'; readonly count: number; readonly isCut: boolean }
  | { readonly kind: 'unreadable'; readonly why: string };

export type ChancesAnswer =
  | { readonly kind: 'chances'; readonly chances: readonly Chance[] }
  /** A move is not legal; so many were made before it. */
  | { readonly kind: 'not-a-game'; readonly ply: number }
  | NotAPosition;

export interface CountMovesAnswer {
  readonly kind: 'counted';
  readonly plies: readonly number[];
}

export interface TableRow {
  /** Where it ends in the text, from 1. */
  readonly line: number;
  readonly cells: readonly string[];
}

export type ReadTableAnswer =
  | { readonly kind: 'table'; readonly rows: readonly TableRow[] }
  | { readonly kind: 'no-table'; readonly line: number };

/** For each puzzle the places in `ours` of the names that every longest defence ends in. */
export interface NameOursAnswer {
  readonly kind: 'named-ours';
  readonly named: readonly (readonly number[])[];
}

export interface ComposeAnswer {
  readonly kind: 'composed';
  readonly tasks: readonly ExerciseTask[];
}

export type BoardQuestionsAnswer =
  | { readonly kind: 'board-questions'; readonly families: readonly FamilyFit[] }
  /** Not even a board: the text is no FEN. */
  | NotAPosition;

interface Answers {
  readonly prove: ProveAnswer;
  readonly explain: ExplainAnswer;
  readonly fates: FatesAnswer;
  readonly judge: JudgeAnswer;
  readonly 'make-mate-task': MateTaskAnswer;
  readonly staircase: StaircaseAnswer;
  readonly puzzles: PuzzlesAnswer;
  readonly import: ImportAnswer;
  readonly harvest: HarvestAnswer;
  readonly chances: ChancesAnswer;
  readonly 'name-ours': NameOursAnswer;
  readonly 'count-moves': CountMovesAnswer;
  readonly 'read-table': ReadTableAnswer;
  readonly compose: ComposeAnswer;
  readonly 'board-questions': BoardQuestionsAnswer;
}
export type AnswerTo<Q extends Question> = Answers[Q['kind']];

/** How far an answer has come. Milliseconds are the worker's, since the question began. */
export type Progress =
  | { readonly kind: 'proof'; readonly report: ProofReport; readonly ms: number }
  | { readonly kind: 'nodes'; readonly nodes: number; readonly ms: number }
  /** Those composed so far. */
  | { readonly kind: 'puzzles'; readonly puzzles: readonly PuzzleSketch[]; readonly ms: number }
  /** Positions read and decided since the last report; none is left out. */
  | { readonly kind: 'import'; readonly news: readonly ImportedPosition[]; readonly ms: number }
  /** A game that is done, or how far the one that is looked at has come. */
  | { readonly kind: 'harvest'; readonly game: HarvestedGame; readonly ms: number }
  | {
      readonly kind: 'harvesting';
      readonly number: number;
      readonly ply: number;
      readonly of: number;
      readonly ms: number;
    }
  /** So many stairs of the main line are done. */
  | { readonly kind: 'stairs'; readonly done: number; readonly ms: number }
  | { readonly kind: 'fates'; readonly table: FateTable; readonly ms: number };

/** To a browser worker. Ending a question means ending the worker: a busy one hears nothing. */
export interface BrowserRequest {
  readonly id: number;
  readonly question: Question;
}

/** From a browser worker; every request ends in done or failed. */
export type BrowserReply =
  | { readonly id: number; readonly kind: 'progress'; readonly progress: Progress }
  | { readonly id: number; readonly kind: 'done'; readonly answer: AnswerTo<Question> }
  | { readonly id: number; readonly kind: 'failed'; readonly message: string };
