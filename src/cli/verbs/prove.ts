/** `vorschule prove`: lines of FEN or EPD in, each with its shortest forced mate out, as EPD or as JSON. */
import { makeEpd, makeFen, makeSan, makeSanLine, type EpdOperation } from '@/core/notation';
import type { ProveResult } from '@/core/proof';
import type { Position } from '@/core/rules';
import { createMateSearch, type MateSearch } from '@/core/search';
import { eachPosition } from './eachPosition';
import { writeLine } from './lines';

export interface ProveOptions {
  readonly file: string | undefined;
  /** The longest mate looked for, in moves. */
  readonly maxMoves: number;
  /** Time for one position, in seconds; what is not decided then is "undecided". */
  readonly seconds: number;
  readonly isJson: boolean;
}

/** One object a line with --json; the shape is a contract. */
interface ProveLine {
  readonly fen: string;
  readonly mate: number | null;
  /** The length is proved minimal. */
  readonly exact: boolean;
  readonly keys: readonly string[];
  readonly line: readonly string[];
  readonly status: 'mate' | 'none' | 'undecided' | 'error';
  /** Every mate in this many moves or fewer has been excluded. */
  readonly within: number;
  readonly nodes: number;
  readonly ms: number;
  /** The length without pointless blocks, only where it is another one. */
  readonly mateNoBlocks?: number;
  /** Only when the time was not enough for the other keys. */
  readonly allKeys?: false;
  readonly error?: string;
}

/** Opcodes this command writes itself; the others of a line are kept. */
const WRITTEN = ['dm', 'bm', 'pv', 'acn', 'acs'];

/** Returns 0 when every line was read, 1 when some were bad; bad ones are told by number and the rest goes on. */
export function runProve(options: ProveOptions): Promise<number> {
  const search = createMateSearch();
  return eachPosition(options, errorLine, async ({ position, operations }) => {
    const { result, ms } = prove(search, position, options);
    const found = toLine(makeFen(position), position, result, ms);
    await writeLine(
      options.isJson
        ? JSON.stringify(found)
        : makeEpd({ draft: position, operations: operationsOf(found, operations) }),
    );
  });
}

function prove(search: MateSearch, position: Position, { maxMoves, seconds }: ProveOptions) {
  const startedAt = performance.now();
  const deadline = startedAt + seconds * 1000;
  const result = search.prove(position, { maxMoves, isBlocklessWanted: true }, () =>
    performance.now() > deadline ? 'stop' : 'go',
  );
  return { result, ms: performance.now() - startedAt };
}

function toLine(fen: string, position: Position, result: ProveResult, ms: number): ProveLine {
  const common = { fen, nodes: result.nodes, ms: Math.round(ms * 10) / 10 };
  switch (result.kind) {
    case 'mate':
      return {
        ...common,
        mate: result.mateInMoves,
        exact: true,
        keys: result.keys.map((key) => makeSan(position, key)),
        line: makeSanLine(position, result.line),
        status: 'mate',
        within: result.mateInMoves - 1,
        ...(result.blockless.kind === 'shorter' ? { mateNoBlocks: result.blockless.mateInMoves } : {}),
        ...(result.areAllKeys ? {} : { allKeys: false }),
      };
    case 'mate-at-most':
      return {
        ...common,
        mate: result.mateInMoves,
        exact: false,
        keys: [makeSan(position, result.key)],
        line: makeSanLine(position, result.line),
        status: 'mate',
        within: result.noMateWithin,
      };
    case 'none':
      return {
        ...common,
        mate: null,
        exact: true,
        keys: [],
        line: [],
        status: 'none',
        within: result.within,
      };
    case 'undecided':
      return {
        ...common,
        mate: null,
        exact: false,
        keys: [],
        line: [],
        status: 'undecided',
        within: result.noMateWithin,
      };
  }
}

function errorLine(fen: string, error: string): ProveLine {
  return {
    fen,
    mate: null,
    exact: false,
    keys: [],
    line: [],
    status: 'error',
    within: 0,
    nodes: 0,
    ms: 0,
    error,
  };
}

function operationsOf(found: ProveLine, kept: readonly EpdOperation[]): EpdOperation[] {
  // dm and bm claim the shortest mate and all keys; an upper bound only has its line.
  const isFinal = found.exact && found.allKeys !== false;
  const proved: EpdOperation[] =
    found.mate === null
      ? []
      : [
          ...(found.exact ? [{ opcode: 'dm', operands: String(found.mate) }] : []),
          ...(isFinal ? [{ opcode: 'bm', operands: found.keys.join(' ') }] : []),
          { opcode: 'pv', operands: found.line.join(' ') },
        ];
  return [
    ...proved,
    { opcode: 'acn', operands: String(found.nodes) },
    { opcode: 'acs', operands: String(Math.round(found.ms / 1000)) },
    ...kept.filter(({ opcode }) => !WRITTEN.includes(opcode)),
  ];
}
