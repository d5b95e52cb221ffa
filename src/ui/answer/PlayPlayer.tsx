'use client';
import { Button } from '@/ui/controls';
import { useEffect, useMemo, useState } from 'react';
import { makeSquareName, type Side, type Square } from '@/core/board';
import type { Verdict } from '@/core/exercises';
import { getMove, makeMoveText, parseMoveText, type MoveText } from '@/core/notation';
import { tryHandMove, type Move, type PositionDraft } from '@/core/rules';
import { firstSentence, handFaultText, type HelpStep, type Spoken, type Terms } from '@/text';
import { Board, type Drop, type HandRules } from '@/ui/board';
import { TaskQuestion, useHouseVoice } from '@/ui/words';
import type { Ground } from './ground';
import classes from './PlayPlayer.module.css';
import { canBeShown, countSeen, type PlayAction, type PlayState } from './playState';
import * as seatPagesText from '@/text/screens/seatPages';
import * as commonText from '@/text/screens/common';

/** Time a move stays on the board before the next one of a reply is shown. */
const REPLY_MS = 650;

/** A line that refutes a move, as it was played: what the other side answers, and the moves from the wrong one on. */
export interface ShownRefutation<Place> {
  readonly before: Place;
  readonly line: readonly MoveText[];
  readonly reply: Spoken | undefined;
  /** Does that answer capture? */
  readonly isReplyCapture: boolean;
}

/** What is said; the page knows the task, the player only its moves. */
export interface PlayWords<Place> {
  readonly question: Spoken;
  /** Under the board before the first move. */
  readonly begin: Spoken;
  /** In how many moves of the student, and the board they have led to. */
  readonly right: (movesPlayed: number, place: Place) => Spoken;
  /** Said when the first move of the line that refutes the move has been played. */
  readonly wrong: (verdict: Verdict, shown: ShownRefutation<Place>) => Spoken;
  /** Said when all of the line has been played, to this board. */
  readonly wrongWhole: (verdict: Verdict, shown: ShownRefutation<Place>, end: Place) => Spoken;
  readonly next: Spoken;
}

/** The help that is open now, and what asks for the next step; no label: there is none left. */
export interface PlayHelp {
  readonly text: Spoken | undefined;
  /** Of a step towards a right move: what of it is pointed at. */
  readonly open: { readonly step: HelpStep; readonly move: Move } | undefined;
  readonly label: Spoken | undefined;
  readonly onAsk: () => void;
}

interface PlayPlayerProps<Place extends PositionDraft> {
  readonly home: Place;
  readonly ground: Ground<Place>;
  readonly play: PlayState;
  readonly words: PlayWords<Place>;
  readonly help: PlayHelp;
  /** Whose side is at the bottom; the mover's unless this says another. */
  readonly bottom?: Side;
  /** Squares the question is about. */
  readonly asked?: readonly Square[];
  /** One whole right answer, for whoever asks to be shown; worked out then. */
  readonly solution: () => readonly MoveText[];
  readonly onAction: (action: PlayAction) => void;
  readonly onNext: () => void;
}

/** The player of every task that is answered by moves: board, replies, take-back, help, try again. */
export function PlayPlayer<Place extends PositionDraft>(props: PlayPlayerProps<Place>) {
  const { home, ground, play, words, help, asked = [], onAction } = props;
  const { terms, isShort } = useHouseVoice();
  const steps = useMemo(() => listSteps(ground, home, play.moves, terms), [ground, home, play.moves, terms]);
  const shown = useShownPlies(play.moves, countSeen(play), play.phase.kind === 'shown');
  const place = steps[shown - 1]?.after ?? home;
  const isSettled = shown >= countSeen(play);
  const isThinking = play.phase.kind === 'thinking' && isSettled;
  const isRight = isSettled && play.phase.kind === 'ended' && play.phase.verdict.outcome === 'right';
  // Said as long as the board it was about is there to be played on.
  const [refusal, setRefusal] = useState<{ readonly plies: number; readonly text: Spoken }>();
  const isRefused = isThinking && refusal?.plies === shown;
  const told = isSettled ? saidText(props, steps, place, isShort) : steps[shown - 1]?.sentence;
  const said = isRefused ? refusal.text : told;

  const rules: HandRules = {
    canHold: (square) => isThinking && ground.listMovesFrom(place, square).length > 0,
    dropResult(from, to) {
      const moves = ground.listMovesFrom(place, from).filter((move) => move.to === to);
      // Tapping another own man means that one; whatever else is not allowed is dropped, so that it can be told why.
      if (moves.length === 0 && to !== undefined && rules.canHold(to)) return 'back';
      return moves.some(({ promotion }) => promotion !== undefined) ? 'promotion' : 'move';
    },
  };

  function drop({ from, to, promotion, beside = [] }: Drop) {
    if (to === undefined || to === from) return;
    const moves = ground.listMovesFrom(place, from);
    const other = moves.find((move) => beside.includes(move.to) && move.promotion === undefined);
    if (!moves.some((move) => move.to === to)) {
      setRefusal({ plies: shown, text: refusalText(place, from, to, terms) });
      return;
    }
    setRefusal(undefined);
    const move = makeMoveText(promotion === undefined ? { from, to } : { from, to, promotion });
    if (other === undefined || promotion !== undefined) onAction({ kind: 'play', move });
    else onAction({ kind: 'ask', move, other: makeMoveText(other) });
  }

  return (
    <div className={classes.player}>
      <TaskQuestion text={words.question} said={said} />
      <div className={classes.boardPlace}>
        <Board
          board={place.board}
          turn={place.turn}
          bottom={props.bottom ?? home.turn}
          label={words.question}
          rules={rules}
          onDrop={drop}
          marksFor={(from) =>
            ground.listMovesFrom(place, from).map((move) => ({
              square: move.to,
              mark: ground.isCapture(place, move) ? 'takes' : 'goes',
            }))
          }
          marks={[
            ...asked.map((square) => ({ square, mark: 'hint' as const })),
            ...(isThinking ? listHelpSquares(help) : []).map((square) => ({ square, mark: 'hint' as const })),
            ...listAskedSquares(play).map((square) => ({ square, mark: 'chosen' as const })),
          ]}
          arrows={
            isThinking && help.open?.step === 'move'
              ? [{ from: help.open.move.from, to: help.open.move.to, kind: 'idea' }]
              : []
          }
          trace={steps[shown - 1]?.move}
        />
      </div>
      <div className={classes.answer}>
        <div className={classes.said} role="status">
          {isRight ? <strong>{said}</strong> : said}
        </div>
        <div className={classes.buttons}>
          <PlayButtons
            play={play}
            help={help}
            next={words.next}
            isSettled={isSettled}
            onShow={() => onAction({ kind: 'show', line: props.solution() })}
            onAction={onAction}
            onNext={props.onNext}
          />
        </div>
      </div>
    </div>
  );
}

function listHelpSquares({ open }: PlayHelp): readonly Square[] {
  if (open === undefined || open.step === 'idea') return [];
  return open.step === 'piece' ? [open.move.from] : [open.move.from, open.move.to];
}

/** The two squares one of which was meant. */
function listAskedSquares({ phase }: PlayState): readonly Square[] {
  return phase.kind === 'asking' ? [getMove(phase.move).to, getMove(phase.other).to] : [];
}

/** Why the move is not allowed. */
function refusalText(place: PositionDraft, from: Square, to: Square, terms: Terms): Spoken {
  const tried = tryHandMove(place, { from, to });
  return tried.ok ? commonText.moveNotAllowed : handFaultText(place, tried.error, terms);
}

interface Step<Place> {
  readonly move: Move;
  readonly sentence: Spoken;
  readonly after: Place;
}

function listSteps<Place extends PositionDraft>(
  ground: Ground<Place>,
  home: Place,
  moves: readonly MoveText[],
  terms: Terms,
): Step<Place>[] {
  const steps: Step<Place>[] = [];
  let place = home;
  for (const text of moves) {
    const move = parseMoveText(text);
    if (move === undefined) break;
    const after = ground.play(place, move);
    steps.push({ move, sentence: ground.tell(place, move, terms), after });
    place = after;
  }
  return steps;
}

/**
 * How many of the moves are on the board: the student's own at once, what answers it one by one. What was there when the player
 * opened is shown whole, and so is what is left after taking back.
 */
function useShownPlies(moves: readonly MoveText[], seen: number, isStepwise: boolean): number {
  const [state, setState] = useState({ moves, shown: moves.length });
  const isNew = state.moves !== moves;
  const shown = isNew ? pliesAtOnce(state.moves.slice(0, state.shown), moves, isStepwise) : state.shown;
  if (isNew) setState({ moves, shown });
  const isWaiting = shown < seen;
  useEffect(() => {
    if (!isWaiting) return undefined;
    const timer = setTimeout(() => setState({ moves, shown: shown + 1 }), REPLY_MS);
    return () => clearTimeout(timer);
  }, [isWaiting, moves, shown]);
  return shown;
}

/** What is on the board already stays, and one more move is shown with it; a solution begins at home, move by move. */
function pliesAtOnce(before: readonly MoveText[], moves: readonly MoveText[], isStepwise: boolean): number {
  if (isStepwise) return 0;
  const isContinued = before.every((move, ply) => moves[ply] === move);
  return isContinued ? Math.min(moves.length, before.length + 1) : moves.length;
}

/** The refutation from the student's own move on. */
function findRefutation<Place extends PositionDraft>(
  ground: Ground<Place>,
  home: Place,
  steps: readonly Step<Place>[],
  plies: number,
): ShownRefutation<Place> {
  const first = steps.length - plies;
  const answered = plies === 0 ? undefined : steps[first];
  return {
    before: steps[first - 2]?.after ?? home,
    line: steps.slice(Math.max(0, first - 1)).map(({ move }) => makeMoveText(move)),
    reply: answered?.sentence,
    isReplyCapture:
      answered !== undefined && ground.isCapture(steps[first - 1]?.after ?? home, answered.move),
  };
}

/** What is said under the board once every move is shown. */
function saidText<Place extends PositionDraft>(
  { home, ground, play, words, help }: PlayPlayerProps<Place>,
  steps: readonly Step<Place>[],
  place: Place,
  isShort: boolean,
): Spoken {
  const last = steps.at(-1)?.sentence;
  switch (play.phase.kind) {
    case 'thinking':
      return help.text ?? (last === undefined ? words.begin : seatPagesText.nowYou(last));
    case 'asking': {
      const [move, other] = listAskedSquares(play).map(makeSquareName);
      return seatPagesText.whichSquare(move ?? '', other ?? '');
    }
    case 'ended': {
      const { verdict } = play.phase;
      if (verdict.outcome === 'right') return words.right(Math.ceil(play.moves.length / 2), place);
      const refuted = findRefutation(ground, home, steps, verdict.refutation.length);
      const isWhole = play.phase.isToldWhole && verdict.refutation.length > 1;
      const text = isWhole ? words.wrongWhole(verdict, refuted, place) : words.wrong(verdict, refuted);
      return isShort ? firstSentence(text) : text;
    }
    case 'shown':
      return seatPagesText.thisIsHowItGoes;
  }
}

function PlayButtons(props: {
  readonly play: PlayState;
  readonly help: PlayHelp;
  readonly next: Spoken;
  readonly isSettled: boolean;
  readonly onShow: () => void;
  readonly onAction: (action: PlayAction) => void;
  readonly onNext: () => void;
}) {
  const { play, help, next, isSettled, onShow, onAction, onNext } = props;
  const showMe = canBeShown(play) && (
    <Button variant="default" disabled={!isSettled} onClick={onShow}>
      {seatPagesText.showMe}
    </Button>
  );
  switch (play.phase.kind) {
    case 'thinking':
      return (
        <>
          <Button variant="default" disabled={!isSettled || help.label === undefined} onClick={help.onAsk}>
            {help.label ?? seatPagesText.noMoreHelp}
          </Button>
          {play.moves.length > 0 && (
            <Button variant="default" onClick={() => onAction({ kind: 'home' })}>
              {seatPagesText.fromStart}
            </Button>
          )}
          {showMe}
        </>
      );
    case 'asking':
      return [play.phase.move, play.phase.other].map((move) => (
        <Button key={move} style={{ minWidth: 120 }} onClick={() => onAction({ kind: 'choose', move })}>
          {makeSquareName(getMove(move).to)}
        </Button>
      ));
    case 'ended':
      return play.phase.verdict.outcome === 'right' ? (
        <Button autoFocus onClick={onNext}>
          {next}
        </Button>
      ) : (
        <>
          <Button disabled={!isSettled} onClick={() => onAction({ kind: 'again' })}>
            {seatPagesText.tryAgain}
          </Button>
          {countSeen(play) < play.moves.length && (
            <Button variant="default" disabled={!isSettled} onClick={() => onAction({ kind: 'tellWhole' })}>
              {seatPagesText.whatComesNext}
            </Button>
          )}
          {showMe}
        </>
      );
    case 'shown':
      return (
        <Button autoFocus disabled={!isSettled} onClick={onNext}>
          {next}
        </Button>
      );
  }
}
