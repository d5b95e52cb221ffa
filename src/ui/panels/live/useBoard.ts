'use client';
import { useEffect, useMemo, useReducer, useState } from 'react';
import { z } from 'zod/mini';
import { findPosition, getDraft, makeFen, makeMoveText, parseFen, parseMoveText } from '@/core/notation';
import type { Position, PositionDraft } from '@/core/rules';
import { placeSchema, type BoardPage, type BoardPlace } from '@/contracts/live';
import { exerciseTaskSchema, type ExerciseTask } from '@/core/exercises';
import type { Terms } from '@/text';
import { openDraft, type Draft } from '@/ui/device';
import { useHouseVoice } from '@/ui/words';
import {
  homeOf,
  reduceBench,
  replaySteps,
  startBench,
  startPosition,
  useBench,
  type BenchState,
  type Hand,
  type ShownLine,
} from '@/ui/workbench';
import { findStop, firstOf, showBrought, showDraft, showStop, stepPlace, type ShownStop } from './stops';
import { useComposed, useFates } from './useBoardWork';

const fenSchema = z.string().check(z.refine((fen) => parseFen(fen).ok));

/** What a reload of the big board finds again; the place itself is the server's. */
const keptSchema = z.object({
  place: placeSchema,
  /** The own position that stands in the place of the stop. */
  own: z.nullable(fenSchema),
  /** A question of a board that was brought, in the place of the stop. */
  brought: z._default(z.nullable(z.object({ fen: fenSchema, exercise: exerciseTaskSchema })), null),
  /** The position that is being set up. */
  setUp: z.nullable(fenSchema),
  /** Moves made by hand, and how many moves are on the board. */
  moves: z.array(z.string()),
  ply: z.int().check(z.nonnegative()),
});

type KeptBoard = z.infer<typeof keptSchema>;

/** A question of a board that was brought: the board stays as it was, whatever the question needs of it. */
export interface BroughtQuestion {
  readonly fen: string;
  readonly exercise: ExerciseTask;
}

const KEPT = 'board';

/** Where the big board stands: the stop of the plan or an own position, its answer, and the bench that is worked on. */
export function useBoard(page: BoardPage, onPlace: (place: BoardPlace) => void) {
  const { segments } = page;
  const { terms } = useHouseVoice();
  const draft = useMemo(
    () => openDraft(window.localStorage, `vorschule-board-${page.live?.liveId ?? 0}`),
    [page.live?.liveId],
  );
  const [place, setPlace] = useState<BoardPlace>(
    () => (findStop(segments, page.live?.place ?? START) ? page.live?.place : firstPlace(page)) ?? START,
  );
  const stop = findStop(segments, place);
  const [state, dispatch] = useReducer(reduceBench, undefined, () => {
    const kept = readKept(draft, place);
    return kept !== undefined
      ? openKept(kept, stop && showStop(stop, undefined, terms)?.home, terms)
      : startBench();
  });
  const [isAnswerShown, setIsAnswerShown] = useState(false);
  const [brought, setBrought] = useState<BroughtQuestion | null>(
    () => readKept(draft, place)?.brought ?? null,
  );
  const composed = useComposed(stop, page);
  const { own, hand, setUp } = state;
  const isComposing = own === undefined && stop?.kind === 'exercise' && composed === undefined;
  const shownStop = useMemo<ShownStop>(() => {
    if (own === undefined && brought !== null) return showBrought(brought, terms);
    const planned = stop && showStop(stop, composed, terms);
    return own === undefined && planned !== undefined ? planned : showDraft(own ?? startPosition('').draft);
  }, [own, brought, stop, composed, terms]);

  const home = homeOf(state, shownStop.home);
  const fen = useMemo(() => makeFen(home), [home]);
  const position = useMemo<Position | undefined>(() => findPosition(fen), [fen]);
  // A line of the plan is there to be stepped through; a solution only when it is to be shown.
  const hasLine = (stop?.kind === 'line' && brought === null) || isAnswerShown;
  const line = useMemo<ShownLine>(
    () => ({ name: shownStop.words, fen, moves: hasLine ? shownStop.moves : [] }),
    [shownStop, fen, hasLine],
  );
  const bench = useBench(state, dispatch, { home: shownStop.home, line });
  const isAnswerPlanned = shownStop.moves.length > 0 || shownStop.answer !== undefined;
  // Nobody has written an answer to an own position: it is worked out when it is asked for.
  const worked = useFates(isAnswerShown && !isAnswerPlanned && position !== undefined ? fen : undefined);

  useEffect(() => {
    draft.write(KEPT, {
      place,
      own: own === undefined ? null : makeFen(own),
      brought,
      setUp: hand === 'sets-up' ? makeFen(setUp.draft) : null,
      moves: state.byHand.map(({ move }) => makeMoveText(move)),
      ply: state.ply,
    } satisfies z.input<typeof keptSchema>);
  }, [draft, place, own, brought, hand, setUp.draft, state.byHand, state.ply]);

  function goTo(next: BoardPlace) {
    dispatch({ kind: 'open' });
    setBrought(null);
    setIsAnswerShown(false);
    setPlace(next);
    onPlace(next);
  }

  return {
    ...bench,
    state,
    place,
    shownStop,
    fen,
    position,
    hand,
    isComposing,
    isAnswerShown,
    /** What was worked out of an own position when its answer is wanted; undefined where an answer is planned. */
    worked: isAnswerPlanned ? undefined : worked,
    canUndo: setUp.past.length > 0,
    dispatch,
    step: (by: 1 | -1) => goTo(stepPlace(segments, place, by)),
    openSegment(segment: number) {
      const first = firstOf(segments, segment);
      if (first !== undefined) goTo(first);
    },
    goHome: () => dispatch({ kind: 'home' }),
    /** Puts a question in the place of the stop, with its board. */
    bring(question: BroughtQuestion) {
      dispatch({ kind: 'open' });
      setIsAnswerShown(false);
      setBrought(question);
    },
    playOut: (next: ShownLine) => dispatch({ kind: 'play-out', line: next, view: bench }),
    /** A position that was pasted: the own position in the place of the stop, or what is set up. */
    paste: (pasted: PositionDraft) =>
      hand === 'sets-up'
        ? bench.edit({ kind: 'load', draft: pasted })
        : dispatch({ kind: 'keep', draft: pasted }),
    keepAsHome: () => dispatch({ kind: 'keep', draft: bench.shown }),
    /** Another hand; the same one again goes back to moves. */
    takeHand(next: Hand) {
      const chosen = next === hand ? 'moves' : next;
      dispatch({ kind: 'hand', hand: chosen, ...(chosen === 'sets-up' ? { from: bench.shown } : {}) });
    },
    showAnswer() {
      dispatch({ kind: 'forget' });
      setIsAnswerShown(!isAnswerShown);
    },
  };
}

export type BoardState = ReturnType<typeof useBoard>;

/** What was kept of the board at this place. */
function readKept(draft: Draft, place: BoardPlace): KeptBoard | undefined {
  const kept = keptSchema.safeParse(draft.read(KEPT)).data;
  return kept?.place.segment === place.segment && kept.place.stop === place.stop ? kept : undefined;
}

/** What a reload finds again, from the home position of the stop it stood at. */
function openKept(kept: KeptBoard, stopHome: PositionDraft | undefined, terms: Terms): BenchState {
  const own = kept.own === null ? undefined : getDraft(kept.own);
  const home = own ?? stopHome ?? startPosition('').draft;
  const moves = kept.moves.flatMap((text) => parseMoveText(text) ?? []);
  return startBench({
    ...(kept.setUp === null ? {} : { hand: 'sets-up', setUp: startPosition(kept.setUp) }),
    own,
    byHand: replaySteps(home, moves, terms),
    ply: kept.ply,
  });
}

const START: BoardPlace = { segment: 0, stop: 0 };

function firstPlace({ segments }: BoardPage): BoardPlace | undefined {
  const at = segments.findIndex(({ stops }) => stops.length > 0);
  return at < 0 ? undefined : { segment: at, stop: 0 };
}
