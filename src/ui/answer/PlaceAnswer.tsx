'use client';
import { useMemo, useState } from 'react';
import { z } from 'zod/mini';
import { getMan, type Board as BoardMen, type Man, type Square } from '@/core/board';
import { findPlaceSlip, placedMenSchema, type Answer } from '@/core/exercises';
import { manWords, questionText, type Spoken } from '@/text';
import { useHouseVoice } from '@/ui/words';
import { Board, ManPicture, useCarry, type Drop, type HandRules } from '@/ui/board';
import { AnswerFrame } from './AnswerFrame';
import classes from './AnswerFrame.module.css';
import { useDraft } from '@/ui/device';
import type { Answering } from './answering';
import * as seatPagesText from '@/text/screens/seatPages';

const FREE: HandRules = { canHold: () => true, dropResult: (from, to) => (from === to ? 'back' : 'move') };

/** Answered by placing men: from the tray by tap or drag, on the board from square to square, off the board to take away. */
export function PlaceAnswer(props: {
  readonly tray: readonly Man[];
  readonly session: Answering;
  readonly next: Spoken;
  readonly onNext: () => void;
}) {
  const { tray, session, ...rest } = props;
  const { scene, solution, question } = session.exercise;
  const [men, setMen] = useDraft<PlacedMen>(session.draft, 'men', placedMenSchema, () =>
    listMen(scene.board),
  );
  const board = useMemo(() => boardOf(men), [men]);
  /** The man that taps put down, or the hand that takes men away; undefined: taps move men. */
  const { terms } = useHouseVoice();
  const [tool, setTool] = useState<Man | 'take-off'>();
  /** Men that slipped beside their square and may be put right, once and for nothing. */
  const [slips, setSlips] = useDraft(session.draft, 'slips', z.int().check(z.nonnegative()), 0);
  const [isSlipTold, setIsSlipTold] = useState(false);

  function put(square: Square, man: Man | undefined) {
    if (session.isOver) return;
    session.change();
    setIsSlipTold(false);
    setMen((before) => listMen(boardOf(before).map((other, at) => (at === square ? man : other))));
  }
  function drop({ from, to }: Drop) {
    if (session.isOver) return;
    session.change();
    setIsSlipTold(false);
    setMen((before) => {
      const carried = boardOf(before)[from];
      const after = boardOf(before).map((man, at) => (at === from ? undefined : man));
      return listMen(after.map((man, at) => (at === to ? carried : man)));
    });
  }
  function press(square: Square): boolean {
    if (tool === undefined) return session.isOver;
    put(square, tool === 'take-off' || board[square] === tool ? undefined : tool);
    return true;
  }
  function give() {
    const isSlip =
      slips === 0 && solution.kind === 'place' && findPlaceSlip(solution.men, men, scene.board) !== undefined;
    if (isSlip) {
      setSlips(1);
      setIsSlipTold(true);
    } else session.give({ kind: 'place', men, slips });
  }
  const [carried, setCarried] = useState<Man>();
  const carry = useCarry((square, hasMoved) => {
    if (hasMoved && square !== undefined && carried !== undefined) put(square, carried);
  });

  const shown = session.isShown && solution.kind === 'place' ? boardOf(solution.men) : board;
  return (
    <AnswerFrame
      session={session}
      begin={seatPagesText.placeHelp}
      notice={isSlipTold ? seatPagesText.handSlip : undefined}
      onDone={give}
      board={
        <Board
          board={shown}
          turn={undefined}
          bottom={scene.bottom}
          label={questionText(session.words, question)}
          rules={FREE}
          onDrop={drop}
          onPress={press}
          marks={
            session.isShown
              ? []
              : (session.verdict?.extra ?? []).map((square) => ({ square, mark: 'fault' as const }))
          }
        />
      }
      {...rest}
    >
      <div className={classes.tray} role="group" aria-label={seatPagesText.piecesPlace}>
        {tray.map((man) => (
          <button
            key={manWords(man, terms)}
            type="button"
            className={classes.trayMan}
            aria-label={manWords(man, terms)}
            aria-pressed={tool === man}
            disabled={session.isOver}
            onPointerDown={(event) => {
              setCarried(man);
              carry.start(event, man, event.currentTarget.getBoundingClientRect().width);
            }}
            onClick={() => setTool(tool === man ? undefined : man)}
          >
            <ManPicture man={man} />
          </button>
        ))}
      </div>
      <div className={classes.trayWords}>
        <button
          type="button"
          className={classes.key}
          aria-pressed={tool === 'take-off'}
          disabled={session.isOver}
          onClick={() => setTool(tool === 'take-off' ? undefined : 'take-off')}
        >
          {seatPagesText.takeOff}
        </button>
        <button
          type="button"
          className={classes.key}
          aria-pressed={tool === undefined}
          disabled={session.isOver}
          onClick={() => setTool(undefined)}
        >
          {seatPagesText.movePieces}
        </button>
      </div>
      {carry.ghost}
    </AnswerFrame>
  );
}

type PlacedMen = Extract<Answer, { kind: 'place' }>['men'];

function listMen(board: BoardMen): PlacedMen {
  return board.flatMap((man, square) =>
    man === undefined ? [] : [{ square, side: man.side, role: man.role }],
  );
}

function boardOf(men: PlacedMen): BoardMen {
  const board: (Man | undefined)[] = Array.from({ length: 64 }, () => undefined);
  for (const { square, side, role } of men) board[square] = getMan(side, role);
  return board;
}
