'use client';
import { useMemo } from 'react';
import { z } from 'zod/mini';
import type { AnswerForm, Verdict } from '@/core/exercises';
import { getDraft, getPosition } from '@/core/notation';
import type { PositionDraft } from '@/core/rules';
import { HELP_LABELS, helpStepText, hintText, noteText, questionText, type Spoken, joinSpoken } from '@/text';
import type { Answering } from './answering';
import { GAME, PAWNS, playAll, WANDERING, type Ground } from './ground';
import { PlayPlayer, type PlayWords } from './PlayPlayer';
import {
  answerMoves,
  findNextHelp,
  findOpenHelp,
  reducePlay,
  type PlayAction,
  type PlayJudge,
} from './playState';
import { usePlayDraft } from './usePlayDraft';
import { useDraft } from '@/ui/device';
import { useHouseVoice } from '@/ui/words';
import * as seatPagesText from '@/text/screens/seatPages';

/** The man that goes alone is known. */
const WANDER_STEPS = ['square'] as const;
const MOVE_STEPS = ['piece', 'square', 'move'] as const;

interface PlayAnswerProps {
  readonly session: Answering;
  readonly next: Spoken;
  readonly onNext: () => void;
}

/** Answered by moves on the board, of a game or of one man alone. */
export function PlayAnswer({
  ask,
  ...props
}: PlayAnswerProps & {
  readonly ask: Exclude<Extract<AnswerForm, { kind: 'play' }>, { rules: 'line' | 'way' }>;
}) {
  const { fen, rules } = ask;
  const draft = useMemo(() => getDraft(fen), [fen]);
  const position = useMemo(() => (rules === 'legal' ? getPosition(fen) : undefined), [fen, rules]);
  const man = ask.rules === 'wander' ? ask.man : undefined;
  const wandering = useMemo(() => (man === undefined ? undefined : { ...draft, at: man }), [draft, man]);
  if (position !== undefined) return <Played home={position} ground={GAME} {...props} />;
  if (wandering !== undefined) return <Played home={wandering} ground={WANDERING} {...props} />;
  return <Played home={draft} ground={PAWNS} {...props} />;
}

function Played<Place extends PositionDraft>(
  props: PlayAnswerProps & { readonly home: Place; readonly ground: Ground<Place> },
) {
  const { terms } = useHouseVoice();
  const { session, home, ground, next, onNext } = props;
  const { exercise, helpCount } = session;
  const [play, setPlay] = usePlayDraft(session.draft);
  // A step of the family's help is read where it was asked for; after the next move what happened is said again.
  const [hintedAt, setHintedAt] = useDraft(session.draft, 'hintedAt', z.int().check(z.nonnegative()), 0);
  const judge: PlayJudge = {
    respond: (moves) => exercise.respond(moves),
    findRightMove: exercise.findRightMove,
    helpSteps: exercise.ask.kind === 'play' && exercise.ask.rules === 'wander' ? WANDER_STEPS : MOVE_STEPS,
  };

  function act(action: PlayAction) {
    const after = reducePlay(play, action, judge);
    setPlay(after);
    if (after.phase.kind === 'shown' && play.phase.kind !== 'shown') session.tellShown();
    if (after.phase.kind !== 'ended' || play.phase.kind === 'ended') return;
    session.give({ kind: 'play', moves: [...answerMoves(after)], slips: after.slips });
  }

  // The rule and the family's own steps first, then the man.
  const { hints } = exercise;
  const isThinking = play.phase.kind === 'thinking';
  const hint = hints[helpCount - 1];
  const open = findOpenHelp(play, judge);
  const nextStep = findNextHelp(play, judge);
  const hasNextHint = helpCount < hints.length;
  const tellWrong = (verdict: Verdict, reply: Spoken | undefined) =>
    joinSpoken([
      ...(reply === undefined ? [] : [reply]),
      ...verdict.notes.map((note) => noteText(session.words, note, exercise.scene)),
    ]);
  const words: PlayWords<Place> = {
    question: questionText(session.words, exercise.question),
    begin: seatPagesText.playYourMove,
    next,
    right: () => seatPagesText.yesRight,
    wrong: (verdict, { reply }) => tellWrong(verdict, reply),
    wrongWhole: (verdict) => tellWrong(verdict, undefined),
  };
  return (
    <PlayPlayer
      home={home}
      ground={ground}
      play={play}
      words={words}
      bottom={exercise.scene.bottom}
      asked={exercise.scene.asked}
      help={{
        text:
          open !== undefined && open.step !== 'idea'
            ? helpStepText(playAll(ground, home, play.moves), open.move, open.step, terms)
            : isThinking && hint !== undefined && hintedAt === play.moves.length
              ? hintText(session.words, hint)
              : undefined,
        open,
        label: hasNextHint ? seatPagesText.help : nextStep && HELP_LABELS[nextStep],
        onAsk() {
          if (hasNextHint) {
            setHintedAt(play.moves.length);
            session.askHelp();
          } else act({ kind: 'hint' });
        },
      }}
      solution={() => (exercise.solution.kind === 'play' ? exercise.solution.moves : [])}
      onAction={act}
      onNext={onNext}
    />
  );
}
