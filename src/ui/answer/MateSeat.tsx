'use client';
import { useEffect, useMemo, useState } from 'react';
import type { SeatPuzzle } from '@/contracts/attempts';
import type { NamedPicture } from '@/contracts/clubPatterns';
import { opponentOf } from '@/core/board';
import { getAskedLength, mateFamily, type Answer, type Verdict } from '@/core/exercises';
import { getPosition } from '@/core/notation';
import { isCheckmate, type Position } from '@/core/rules';
import {
  HELP_LABELS,
  HELP_STEPS,
  helpStepText,
  mateQuestion,
  moveIdeaText,
  refutedSentence,
  rightSentence,
  takenText,
  type Terms,
  wrongSentence,
  type Spoken,
} from '@/text';
import type { Draft } from '@/ui/device';
import { GAME, playAll } from './ground';
import type { nameMate } from './mateNames';
import { PlayPlayer, type PlayWords, type ShownRefutation } from './PlayPlayer';
import {
  answerMoves,
  findNextHelp,
  findOpenHelp,
  reducePlay,
  type PlayAction,
  type PlayJudge,
} from './playState';
import { usePlayDraft } from './usePlayDraft';
import { useHouseVoice } from '@/ui/words';
import * as seatPagesText from '@/text/screens/seatPages';

/** A mate puzzle on the seat. */
export function MateSeat(props: {
  readonly puzzle: SeatPuzzle;
  /** Mates with a name of the club's own. */
  readonly ours: readonly NamedPicture[];
  /** Where the play is kept. */
  readonly draft: Draft;
  readonly next: Spoken;
  /** Another try begins. */
  readonly onAgain: () => void;
  readonly onAnswer: (answer: Answer, isRight: boolean, hints: number) => void;
  /** Hears that the solution was shown. */
  readonly onShown: () => void;
  readonly onNext: () => void;
}) {
  const { terms } = useHouseVoice();
  const { puzzle, onAnswer } = props;
  const { task, solution } = puzzle;
  const [play, setPlay] = usePlayDraft(props.draft);
  const home = useMemo(() => getPosition(task.fen), [task.fen]);
  const judge: PlayJudge = {
    respond: (moves) => mateFamily.respond(task, solution, moves),
    findRightMove: (moves) => mateFamily.findRightMove(task, solution, moves),
    helpSteps: HELP_STEPS,
  };

  const nameOf = useMateNames(props.ours);

  function act(action: PlayAction) {
    const next = reducePlay(play, action, judge);
    setPlay(next);
    if (action.kind === 'again' || action.kind === 'home') props.onAgain();
    if (next.phase.kind === 'shown' && play.phase.kind !== 'shown') props.onShown();
    if (next.phase.kind !== 'ended' || play.phase.kind === 'ended') return;
    onAnswer(
      { kind: 'play', moves: [...answerMoves(next)], slips: next.slips },
      next.phase.verdict.outcome === 'right',
      next.hints,
    );
  }

  const open = findOpenHelp(play, judge);
  const nextStep = findNextHelp(play, judge);
  const place = playAll(GAME, home, play.moves);
  return (
    <PlayPlayer
      home={home}
      ground={GAME}
      play={play}
      words={wordsOf(puzzle, home, props.next, nameOf, terms)}
      help={{
        text:
          open === undefined
            ? undefined
            : open.step === 'idea'
              ? moveIdeaText(place, open.move, terms)
              : helpStepText(place, open.move, open.step, terms),
        open,
        label: nextStep && HELP_LABELS[nextStep],
        onAsk: () => act({ kind: 'hint' }),
      }}
      solution={() => mateFamily.solution(task, solution)}
      onAction={act}
      onNext={props.onNext}
    />
  );
}

/** The names of mates, fetched while the child thinks; a mate has none until they are there. */
function useMateNames(ours: readonly NamedPicture[]): (place: Position) => string {
  const [names, setNames] = useState<typeof nameMate>();
  useEffect(() => {
    const gone = new AbortController();
    import('./mateNames').then(
      (loaded) => {
        if (!gone.signal.aborted) setNames(() => loaded.nameMate);
      },
      // Without a network a mate is right all the same.
      () => undefined,
    );
    return () => gone.abort();
  }, []);
  return (place) => names?.(place, ours) ?? '';
}

function wordsOf(
  { task }: SeatPuzzle,
  home: Position,
  next: Spoken,
  nameOf: (place: Position) => string,
  terms: Terms,
): PlayWords<Position> {
  const toWrong = (verdict: Verdict, { before, line, reply, isReplyCapture }: ShownRefutation<Position>) => ({
    diagnosis: verdict.diagnoses[0],
    fate: verdict.fate,
    defender: opponentOf(home.turn),
    mateInMoves: asked,
    reply,
    isReplyCapture,
    taken: takenText(before, line, terms),
  });
  const asked = getAskedLength(task);
  return {
    question: mateQuestion(home.turn, asked),
    begin: seatPagesText.playYourMove,
    next,
    right: (movesPlayed, place) => rightSentence(movesPlayed, isCheckmate(place), nameOf(place), terms),
    wrong: (verdict, refuted) => wrongSentence(toWrong(verdict, refuted), terms),
    wrongWhole: (verdict, refuted, end) => refutedSentence(toWrong(verdict, refuted), end),
  };
}
