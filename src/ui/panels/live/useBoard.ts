'use client';
import { useMemo, useReducer, useState } from 'react';
import { findPosition, makeFen, type MoveText } from '@/core/notation';
import type { Position, PositionDraft } from '@/core/rules';
import type { BoardPage, BoardPlace } from '@/contracts/live';
import { reduceDesk, startDesk, type DeskAction } from '../desk/deskState';
import { playLine, type ShownLine } from '../desk/shownLine';
import { useStudy, type StudyStep } from '../desk/useStudy';
import { findStop, firstOf, showDraft, showStop, stepPlace, type ShownStop } from './stops';
import { useComposed } from './useBoardWork';

/** What the coach's hand does on the big board. */
export type BoardHand = 'moves' | 'sets-up' | 'draws';

/** Where the big board stands: the stop of the plan or an own position, the line that is stepped through, and the free hand. */
export function useBoard(page: BoardPage, onPlace: (place: BoardPlace) => void) {
  const { segments } = page;
  const [place, setPlace] = useState<BoardPlace>(
    () => (findStop(segments, page.live?.place ?? START) ? page.live?.place : firstPlace(page)) ?? START,
  );
  // A position set up or kept by hand stands in the place of the stop until the board goes on.
  const [own, setOwn] = useState<PositionDraft>();
  const [setUp, edit] = useReducer(reduceDesk, '', startDesk);
  const [hand, setHand] = useState<BoardHand>('moves');
  const [chosen, setChosen] = useState<ShownLine>();
  const [ply, setPly] = useState(0);
  const [isAnswerShown, setIsAnswerShown] = useState(false);
  const study = useStudy();

  const stop = findStop(segments, place);
  const composed = useComposed(stop, page);
  const isComposing = own === undefined && stop?.kind === 'exercise' && composed === undefined;
  const shownStop = useMemo<ShownStop>(() => {
    const planned = stop && showStop(stop, composed);
    return own === undefined && planned !== undefined ? planned : showDraft(own ?? startDesk('').draft);
  }, [own, stop, composed]);

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

  function forget() {
    study.forget();
    setChosen(undefined);
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
    fenOf: makeFen,
    canUndo: setUp.past.length > 0,
    step: (by: 1 | -1) => goTo(stepPlace(segments, place, by)),
    openSegment(segment: number) {
      const first = firstOf(segments, segment);
      if (first !== undefined) goTo(first);
    },
    toPly: (next: number) => setPly(Math.max(0, Math.min(steps.length, next))),
    goHome: forget,
    /** Puts a line on the board, its first move made. */
    playOut(next: ShownLine) {
      forget();
      if (next.fen !== fen) setOwn(startDesk(next.fen).draft);
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

const NO_MOVES: readonly MoveText[] = [];
const START: BoardPlace = { segment: 0, stop: 0 };

function firstPlace({ segments }: BoardPage): BoardPlace | undefined {
  const at = segments.findIndex(({ stops }) => stops.length > 0);
  return at < 0 ? undefined : { segment: at, stop: 0 };
}
