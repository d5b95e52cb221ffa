'use client';
import { useEffect, useMemo, useReducer, useState } from 'react';
import { z } from 'zod/mini';
import {
  findPosition,
  getDraft,
  makeFen,
  makeMoveText,
  parseFen,
  parseMoveText,
  type MoveText,
} from '@/core/notation';
import type { Position, PositionDraft } from '@/core/rules';
import { placeSchema, type BoardPage, type BoardPlace } from '@/contracts/live';
import { openDraft } from '@/ui/device';
import { reduceDesk, startDesk, type DeskAction } from '../desk/deskState';
import { playLine, type ShownLine } from '../desk/shownLine';
import { replaySteps, useStudy, type StudyStep } from '../desk/useStudy';
import { findStop, firstOf, showDraft, showStop, stepPlace, type ShownStop } from './stops';
import { useComposed, useFates } from './useBoardWork';
import { useHouseVoice } from '@/ui/words';

/** What the coach's hand does on the big board. */
export type BoardHand = 'moves' | 'sets-up' | 'draws';

const fenSchema = z.string().check(z.refine((fen) => parseFen(fen).ok));

/** What a reload of the big board finds again; the place itself is the server's. */
const keptSchema = z.object({
  place: placeSchema,
  /** The own position that stands in the place of the stop. */
  own: z.nullable(fenSchema),
  /** The position that is being set up. */
  setUp: z.nullable(fenSchema),
  /** Moves made by hand, and how many moves are on the board. */
  moves: z.array(z.string()),
  ply: z.int().check(z.nonnegative()),
});

const KEPT = 'board';

/** Where the big board stands: the stop of the plan or an own position, the line that is stepped through, and the free hand. */
export function useBoard(page: BoardPage, onPlace: (place: BoardPlace) => void) {
  const { segments } = page;
  const draft = useMemo(
    () => openDraft(window.localStorage, `vorschule-board-${page.live?.liveId ?? 0}`),
    [page.live?.liveId],
  );
  const [place, setPlace] = useState<BoardPlace>(
    () => (findStop(segments, page.live?.place ?? START) ? page.live?.place : firstPlace(page)) ?? START,
  );
  const [kept] = useState(() => {
    const read = keptSchema.safeParse(draft.read(KEPT));
    const isHere = read.data?.place.segment === place.segment && read.data.place.stop === place.stop;
    return isHere ? read.data : undefined;
  });
  // A position set up or kept by hand stands in the place of the stop until the board goes on.
  const [own, setOwn] = useState<PositionDraft | undefined>(() => openKept(kept?.own));
  const [setUp, edit] = useReducer(reduceDesk, kept?.setUp ?? '', startDesk);
  const [hand, setHand] = useState<BoardHand>(openKept(kept?.setUp) === undefined ? 'moves' : 'sets-up');
  const [chosen, setChosen] = useState<ShownLine>();
  const [ply, setPly] = useState(kept?.ply ?? 0);
  // Where a line that is played out left the one before it.
  const [left, setLeft] = useState<{ readonly steps: readonly StudyStep[]; readonly ply: number }>();
  const [isAnswerShown, setIsAnswerShown] = useState(false);
  const { terms } = useHouseVoice();
  const stop = findStop(segments, place);
  const composed = useComposed(stop, page);
  const isComposing = own === undefined && stop?.kind === 'exercise' && composed === undefined;
  const shownStop = useMemo<ShownStop>(() => {
    const planned = stop && showStop(stop, composed, terms);
    return own === undefined && planned !== undefined ? planned : showDraft(own ?? startDesk('').draft);
  }, [own, stop, composed, terms]);

  const [keptSteps] = useState(() =>
    replaySteps(
      shownStop.home,
      (kept?.moves ?? []).flatMap((text) => parseMoveText(text) ?? []),
      terms,
    ),
  );
  const study = useStudy(keptSteps);

  const isSettingUp = hand === 'sets-up';
  const home = isSettingUp ? setUp.draft : shownStop.home;
  const fen = useMemo(() => makeFen(home), [home]);
  const position = useMemo<Position | undefined>(() => findPosition(fen), [fen]);
  // A line of the plan is there to be stepped through; a solution only when it is to be shown.
  const moves = stop?.kind === 'line' || isAnswerShown ? shownStop.moves : NO_MOVES;
  const line = useMemo(
    () => playLine(chosen ?? { name: shownStop.words, fen, moves }),
    [chosen, shownStop.words, fen, moves],
  );
  const steps: readonly StudyStep[] = study.steps.length > 0 ? study.steps : line.steps;
  const shown: PositionDraft = (ply > 0 ? steps[ply - 1]?.after : undefined) ?? home;
  const isAnswerPlanned = shownStop.moves.length > 0 || shownStop.answer !== undefined;
  // Nobody has written an answer to an own position: it is worked out when it is asked for.
  const worked = useFates(isAnswerShown && !isAnswerPlanned && position !== undefined ? fen : undefined);

  useEffect(() => {
    draft.write(KEPT, {
      place,
      own: own === undefined ? null : makeFen(own),
      setUp: isSettingUp ? makeFen(setUp.draft) : null,
      moves: study.steps.map(({ move }) => makeMoveText(move)),
      ply,
    } satisfies z.input<typeof keptSchema>);
  }, [draft, place, own, isSettingUp, setUp.draft, study.steps, ply]);

  function forget() {
    study.forget();
    setChosen(undefined);
    setLeft(undefined);
    setPly(0);
  }

  function goTo(next: BoardPlace) {
    forget();
    setOwn(undefined);
    setHand('moves');
    setIsAnswerShown(false);
    setPlace(next);
    onPlace(next);
  }

  return {
    place,
    stop,
    shownStop,
    home,
    fen,
    position,
    shown,
    steps,
    ply,
    study,
    hand,
    isComposing,
    isHome: ply === 0,
    isAnswerShown,
    /** What was worked out of an own position when its answer is wanted; undefined where an answer is planned. */
    worked: isAnswerPlanned ? undefined : worked,
    fenOf: makeFen,
    canUndo: setUp.past.length > 0,
    step: (by: 1 | -1) => goTo(stepPlace(segments, place, by)),
    openSegment(segment: number) {
      const first = firstOf(segments, segment);
      if (first !== undefined) goTo(first);
    },
    toPly: (next: number) => setPly(Math.max(0, Math.min(steps.length, next))),
    /** Back to where a line that was played out began, else to the home position. */
    goHome() {
      forget();
      if (left === undefined) return;
      study.take(left.steps);
      setPly(left.ply);
    },
    /** Puts a line on the board, its first move made. Where it begins in the middle of what is shown, that is kept for the way back. */
    playOut(next: ShownLine) {
      const from = left?.steps ?? study.steps;
      const before = [...(from.length > 0 ? from : line.steps)];
      const at = [home, ...before.map(({ after }) => after)].findIndex((one) => makeFen(one) === next.fen);
      forget();
      if (at > 0) {
        setLeft({ steps: from, ply: at });
        study.take([...before.slice(0, at), ...playLine(next).steps]);
        setPly(at + 1);
        return;
      }
      if (at < 0) setOwn(startDesk(next.fen).draft);
      setChosen(next);
      setPly(1);
    },
    /** A move by hand from what is shown. */
    move(drop: Parameters<typeof study.play>[2]) {
      const next = study.play(shown, steps.slice(0, ply), drop, undefined);
      if (next !== undefined) setPly(next.length);
    },
    /** What is shown becomes the home position. */
    keepAsHome() {
      setOwn(shown);
      forget();
    },
    edit: (action: DeskAction) => edit(action),
    take(next: BoardHand) {
      if (isSettingUp && next !== 'sets-up') setOwn(setUp.draft);
      if (next === 'sets-up') edit({ kind: 'load', draft: shown });
      forget();
      setHand(next);
    },
    showAnswer() {
      forget();
      setIsAnswerShown(!isAnswerShown);
    },
  };
}

export type BoardState = ReturnType<typeof useBoard>;

function openKept(fen: string | null | undefined): PositionDraft | undefined {
  return fen === null || fen === undefined ? undefined : getDraft(fen);
}

const NO_MOVES: readonly MoveText[] = [];
const START: BoardPlace = { segment: 0, stop: 0 };

function firstPlace({ segments }: BoardPage): BoardPlace | undefined {
  const at = segments.findIndex(({ stops }) => stops.length > 0);
  return at < 0 ? undefined : { segment: at, stop: 0 };
}
