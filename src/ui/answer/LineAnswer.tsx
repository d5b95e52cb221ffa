'use client';
import { Button } from '@/ui/controls';
import { useMemo, useState } from 'react';
import { z } from 'zod/mini';
import { makeSquareName, PROMOTION_ROLES, type PromotionRole, type Square } from '@/core/board';
import type { AnswerForm } from '@/core/exercises';
import {
  getDraft,
  getPosition,
  listNumberedMoves,
  makeMoveText,
  parseMoveText,
  type MoveText,
} from '@/core/notation';
import { findOutcome, type Move, type Position, type PositionDraft } from '@/core/rules';
import { questionText, type Spoken } from '@/text';
import { Board, type HandRules } from '@/ui/board';
import { useHouseVoice } from '@/ui/words';
import { AnswerFrame, findHelpSquare } from './AnswerFrame';
import classes from './AnswerFrame.module.css';
import { useDraft } from '@/ui/device';
import type { Answering } from './answering';
import { GAME, WANDERING, type Ground, type Wandering } from './ground';
import * as seatPagesText from '@/text/screens/seatPages';

const lineSchema = z.array(z.string());

/** Nothing is carried: the men stay where they are. */
const STILL: HandRules = { canHold: () => false, dropResult: () => 'back' };

/** A whole line told before a man moves: from-square and to-square are tapped, an arrow shows what was said. */
export function LineAnswer({
  ask,
  ...props
}: LineProps & { readonly ask: Extract<AnswerForm, { rules: 'line' | 'way' }> }) {
  if (ask.rules === 'line') {
    return <ToldMoves home={getPosition(ask.fen)} ground={GAME} telling={GAME_TELLING} {...props} />;
  }
  const home = { ...getDraft(ask.fen), at: ask.man };
  return <ToldMoves home={home} ground={WANDERING} telling={WAY_TELLING} {...props} />;
}

interface LineProps {
  readonly session: Answering;
  readonly next: Spoken;
  readonly onNext: () => void;
}

/** What differs between telling a game's moves and the way of one man. */
interface Telling<Place> {
  /** The man that goes without being tapped; undefined: each move begins with tapping its man. */
  readonly walker: (place: Place) => Square | undefined;
  readonly isOver: (place: Place) => boolean;
  /** Each move as it stands in the list. */
  readonly listWords: (home: Place, line: readonly Move[]) => readonly string[];
  readonly begin: (count: number, from: Square | undefined) => Spoken;
}

const GAME_TELLING: Telling<Position> = {
  walker: () => undefined,
  isOver: (place) => findOutcome(place) !== undefined,
  listWords: listNumberedMoves,
  begin: beginText,
};

const WAY_TELLING: Telling<Wandering> = {
  walker: ({ at }) => at,
  isOver: () => false,
  listWords: (_, line) => line.map(({ to }, index) => `${index + 1}. ${makeSquareName(to)}`),
  begin: (count) => (count === 0 ? seatPagesText.tapTheWay : seatPagesText.goOnToTheEnd),
};

function ToldMoves<Place extends PositionDraft>(
  props: LineProps & {
    readonly home: Place;
    readonly ground: Ground<Place>;
    readonly telling: Telling<Place>;
  },
) {
  const { home, ground, telling, session, ...rest } = props;
  const { exercise } = session;
  const { terms } = useHouseVoice();
  const [texts, setTexts] = useDraft<readonly MoveText[]>(session.draft, 'line', lineSchema, []);
  const told = useMemo(() => texts.flatMap((text) => parseMoveText(text) ?? []), [texts]);
  const [from, setFrom] = useState<Square>();
  const [promoting, setPromoting] = useState<readonly Move[]>([]);
  const [refusal, setRefusal] = useState<Spoken>();
  const { solution } = exercise;
  const line =
    session.isShown && solution.kind === 'play'
      ? solution.moves.flatMap((text) => parseMoveText(text) ?? [])
      : told;
  const places = listPlaces(ground, home, line);
  const place = places.at(-1) ?? home;
  const helpSquare = findHelpSquare(session);
  const isOver = telling.isOver(place);
  const walker = telling.walker(place);

  function change(next: readonly Move[]) {
    session.change();
    setTexts(next.map(makeMoveText));
    setFrom(undefined);
    setPromoting([]);
    setRefusal(undefined);
  }

  function press(square: Square): boolean {
    if (session.isOver || isOver) return true;
    const held = walker ?? from;
    const isOwn = walker === undefined && place.board[square]?.side === place.turn;
    if (held === undefined || isOwn) {
      setFrom(isOwn ? square : undefined);
      setRefusal(isOwn ? undefined : seatPagesText.tapPieceInYourHead);
      return true;
    }
    const moves = ground.listMovesFrom(place, held).filter((move) => move.to === square);
    const [only] = moves;
    if (only === undefined) {
      setRefusal(
        walker === undefined
          ? seatPagesText.moveNotPossibleThen
          : seatPagesText.fromCannotGoThere(makeSquareName(walker)),
      );
      setFrom(undefined);
    } else if (moves.length > 1) setPromoting(moves);
    else change([...told, only]);
    return true;
  }

  return (
    <AnswerFrame
      session={session}
      begin={telling.begin(told.length, from)}
      notice={refusal}
      onDone={
        told.length === 0 || session.verdict !== undefined
          ? undefined
          : () => session.give({ kind: 'play', moves: [...texts], slips: 0 })
      }
      board={
        <Board
          board={home.board}
          turn={place.turn}
          bottom={exercise.scene.bottom}
          label={questionText(session.words, exercise.question)}
          rules={STILL}
          onDrop={() => undefined}
          onPress={press}
          marks={[
            ...exercise.scene.asked.map((square) => ({ square, mark: 'hint' as const })),
            ...(helpSquare === undefined ? [] : [{ square: helpSquare, mark: 'hint' as const }]),
            ...(from === undefined ? [] : [{ square: from, mark: 'chosen' as const }]),
          ]}
          arrows={line.map((move, ply) => ({ ...move, kind: 'idea' as const, label: String(ply + 1) }))}
        />
      }
      {...rest}
    >
      <div className={classes.toldRow}>
        <ol className={classes.told} aria-label={seatPagesText.lineSoFar}>
          {telling.listWords(home, line).map((words, ply) => {
            const move = line[ply];
            const before = places[ply - 1] ?? home;
            return (
              <li key={ply}>
                <strong>{words}</strong>{' '}
                <span className={classes.toldSentence}>
                  {move !== undefined && ground.tell(before, move, terms)}
                </span>
              </li>
            );
          })}
        </ol>
        <Button
          variant="default"
          size="small"
          disabled={told.length === 0 || session.isOver}
          onClick={() => change(told.slice(0, -1))}
        >
          {seatPagesText.undo}
        </Button>
      </div>
      {promoting.length > 0 && (
        <div className={classes.turns} role="group" aria-label={seatPagesText.whatDoesPawnBecome(terms)}>
          {PROMOTION_ROLES.map((role: PromotionRole) => {
            const move = promoting.find(({ promotion }) => promotion === role);
            return (
              <Button
                key={role}
                variant="default"
                size="small"
                onClick={() => move !== undefined && change([...told, move])}
              >
                {terms.one(role)}
              </Button>
            );
          })}
        </div>
      )}
    </AnswerFrame>
  );
}

function beginText(count: number, from: Square | undefined): Spoken {
  if (from !== undefined) return seatPagesText.nowTapSquare;
  return count === 0 ? seatPagesText.tapWholeLine : seatPagesText.whoseTurn;
}

/** The board after each move. */
function listPlaces<Place extends PositionDraft>(
  ground: Ground<Place>,
  home: Place,
  line: readonly Move[],
): Place[] {
  let place = home;
  return line.map((move) => (place = ground.play(place, move)));
}
