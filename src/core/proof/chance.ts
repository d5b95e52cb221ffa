/**
 * What one move of a game let pass, or took: a mate that was on the board, men to be won, men or the game given away. Mates are proved;
 * what is won and lost is seen to a depth and told with it.
 */
import { z } from 'zod/mini';

const place = {
  /** Moves made before, both sides', from 0. */
  ply: z.int().check(z.minimum(0)),
  /** Clocks at their start: as it is set up and stored. */
  fen: z.string().check(z.maxLength(100)),
  /** Moves as squares: what was played, and the line that shows it. */
  played: z.string().check(z.maxLength(5)),
  /** Of what could be played, the best line; of what was lost, the line that punishes the move. */
  line: z.readonly(z.array(z.string().check(z.maxLength(5))).check(z.minLength(1), z.maxLength(40))),
};
const seenPlies = z.int().check(z.minimum(1));

export const chanceSchema = z.discriminatedUnion('kind', [
  /** A mate in so many was there. `slower`: the move played mates as well, but later. */
  z.object({
    kind: z.literal('mate'),
    ...place,
    mateInMoves: z.int().check(z.minimum(1)),
    became: z.enum(['played', 'slower', 'missed']),
  }),
  /** So many points could be won: all were, or the move played brings so many less. */
  z.object({
    kind: z.literal('gain'),
    ...place,
    points: z.number().check(z.positive()),
    became: z.enum(['played', 'missed']),
    seenPlies,
  }),
  /** Nothing was to be won, but the move played loses so many points more than the best one. */
  z.object({ kind: z.literal('loss'), ...place, points: z.number().check(z.positive()), seenPlies }),
  /** The move played lets itself be mated in so many; another one does not, as far as was seen. */
  z.object({ kind: z.literal('mated'), ...place, inMoves: z.int().check(z.minimum(1)), seenPlies }),
]);
export type Chance = Readonly<z.infer<typeof chanceSchema>>;
