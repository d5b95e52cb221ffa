import { useState } from 'react';
import { z } from 'zod/mini';
import type { MoveText } from '@/core/notation';
import type { Draft } from '@/ui/device';
import { FRESH_PLAY, type PlayState } from './playState';

const FIELD = 'play';

const playDraftSchema = z.object({
  moves: z.array(z.string()),
  slips: z.int().check(z.nonnegative()),
  hints: z.int().check(z.nonnegative()),
  misses: z.int().check(z.nonnegative()),
  help: z.int().check(z.nonnegative()),
});

/** The play of a task, kept as it goes on. */
export function usePlayDraft(draft: Draft): readonly [PlayState, (play: PlayState) => void] {
  const [play, setPlay] = useState<PlayState>(() => {
    const kept = playDraftSchema.safeParse(draft.read(FIELD));
    return kept.success ? { ...FRESH_PLAY, ...kept.data } : FRESH_PLAY;
  });
  return [
    play,
    (next) => {
      setPlay(next);
      const { slips, hints, misses, help } = next;
      draft.write(FIELD, { moves: keptMoves(next), slips, hints, misses, help });
    },
  ];
}

/** The right moves so far. A wrong end goes back to before its wrong move; what was shown, or has come to its end, begins anew. */
function keptMoves({ moves, phase }: PlayState): readonly MoveText[] {
  if (phase.kind === 'thinking' || phase.kind === 'asking') return moves;
  if (phase.kind === 'shown' || phase.verdict.outcome !== 'wrong') return [];
  return moves.slice(0, phase.verdict.wrongPly ?? 0);
}
