/**
 * Family `forcing-moves`: what a player looks at first (common practice: checks, captures, threats). The square of every such move is marked,
 * from the second level on with its kind: a check, another capture, or a quiet threat to mate at once. On the last level with what comes of
 * each check and capture if both sides go on capturing on its square: the exact exchange, or mate. Boards on which two of the moves go to one
 * square are not asked about.
 */
import { z } from 'zod/mini';
import type { Square, Side } from '../../../board';
import { getPosition, makeSan } from '../../../notation';
import { FORCING_KINDS, listForcing, type ForcingKind } from '../../../proof';
import type { Move, Position } from '../../../rules';
import { exchangeAfter } from '../../../tactics';
import { tapHints } from '../../answers/tap';
import { defineFamily } from '../../family/family';
import { GAIN_LABELS, type ForcingLabel, type GainLabel } from '../../family/forcingLabels';
import { isMatingMove, positionTextSchema, sceneOfPosition } from '../../family/legalTask';
import type { SquareNote } from '../../family/note';
import { RIGHT, wrongFor } from '../../family/verdict';
import { scaleSchema, type Scale } from '../values/scale';

/** What is asked: the checks alone, every kind, or what comes of checks and captures. */
export const FORCING_ASKS = ['checks', 'kinds', 'gains'] as const;

const forcingShape = z.object({
  fen: positionTextSchema,
  asked: z.enum(FORCING_ASKS),
  values: scaleSchema,
});

export type ForcingTask = z.infer<typeof forcingShape>;

interface LabelledMove {
  readonly square: Square;
  readonly san: string;
  /** Undefined when the square alone is asked for. */
  readonly label: ForcingLabel | undefined;
}

function listLabelled({ fen, asked, values }: ForcingTask): LabelledMove[] {
  const position = getPosition(fen);
  const forcing = listForcing(position);
  const kinds: readonly ForcingKind[] =
    asked === 'checks' ? ['checks'] : asked === 'kinds' ? FORCING_KINDS : ['checks', 'captures'];
  return kinds
    .flatMap((kind) =>
      forcing[kind].map((move): LabelledMove => {
        const label =
          asked === 'checks' ? undefined : asked === 'kinds' ? kind : gainOf(position, move, values);
        return { square: move.to, san: makeSan(position, move), label };
      }),
    )
    .sort((one, other) => one.square - other.square);
}

function gainOf(position: Position, move: Move, values: Scale): GainLabel {
  if (isMatingMove(position, move)) return 'it-mates';
  const { gain } = exchangeAfter(position, move, values);
  return gain > 0 ? 'wins-men' : gain < 0 ? 'loses-men' : 'comes-out-even';
}

export interface ForcingMovesQuestion {
  readonly code: 'forcing-moves';
  readonly turn: Side;
  readonly asked: 'checks' | 'kinds' | 'gains';
}

export type ForcingMovesNote =
  /** No such move goes to this square. */
  | SquareNote<'forces-nothing'>
  /** One does, and what it is or comes to. */
  | { readonly code: 'forces'; readonly square: Square; readonly move: string; readonly label: ForcingLabel };

export const forcingMovesFamily = defineFamily<ForcingTask, 'tap', ForcingMovesQuestion, ForcingMovesNote>({
  id: 'forcing-moves',
  version: 1,
  stage: 'forced-mates',
  skill: 'forcing-moves',
  answerMode: 'tap',
  levels: 4,
  taskSchema: forcingShape.check(
    z.refine((task) => {
      const squares = listLabelled(task).map(({ square }) => square);
      const isNoneAnAnswer = task.asked === 'checks';
      return (squares.length > 0 || isNoneAnAnswer) && new Set(squares).size === squares.length;
    }, 'no move of these kinds, or two that go to one square'),
  ),
  question: ({ fen, asked }) => ({ code: 'forcing-moves', turn: getPosition(fen).turn, asked }),
  scene: ({ fen }) => sceneOfPosition(fen),
  ask: ({ asked }) => ({
    kind: 'tap',
    isSingle: false,
    labels: asked === 'checks' ? [] : asked === 'kinds' ? FORCING_KINDS : GAIN_LABELS,
  }),
  solution: (task) => ({
    kind: 'tap',
    marks: listLabelled(task).map(({ square, label }) =>
      label === undefined ? { square } : { square, label },
    ),
  }),
  judge(task, { marks }) {
    const moves = listLabelled(task);
    const given = new Map(marks.map(({ square, label }) => [square, label]));
    const isRight = (move: LabelledMove) => given.has(move.square) && given.get(move.square) === move.label;
    const right = moves.filter(isRight).map(({ square }) => square);
    const missed = moves.filter(({ square }) => !given.has(square)).map(({ square }) => square);
    const extra = [...given.keys()]
      .filter((square) => !right.includes(square))
      .sort((one, other) => one - other);
    if (extra.length === 0 && missed.length === 0) return { ...RIGHT, right };
    const notes = [...extra, ...missed].map((square): ForcingMovesNote => {
      const move = moves.find((one) => one.square === square);
      return move === undefined
        ? { code: 'forces-nothing', square }
        : { code: 'forces', square, move: move.san, label: move.label ?? 'checks' };
    });
    return wrongFor(notes, { right, extra, missed });
  },
  /** The moves to find, those with an exchange twice, and the men to look at. */
  measure(task) {
    const men = getPosition(task.fen).board.filter((man) => man !== undefined).length;
    const each = task.asked === 'checks' ? 1 : task.asked === 'kinds' ? 3 : 6;
    return men + each * listLabelled(task).length;
  },
  hints: (task) => tapHints(listLabelled(task).map(({ square }) => square)),
});
