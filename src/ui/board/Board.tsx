'use client';
import { useId, useState, type KeyboardEvent, type PointerEvent } from 'react';
import {
  getMan,
  makeSquareName,
  PROMOTION_ROLES,
  type Board as BoardMen,
  type PromotionRole,
  type Side,
  type Square,
} from '@/core/board';
import { drawDiagram, SCREEN_PAINT, type Diagram, type DiagramMark } from '@/drawing';
import {
  boardDrawingText,
  markTexts,
  promotionText,
  squarePlaceWords,
  squareWords,
  type Spoken,
} from '@/text';
import { useHouseVoice } from '@/ui/words';
import classes from './Board.module.css';
import { listSquaresBeside, useCarry } from './carry';
import { ManPicture } from './Picture';
import { IDLE, stepHand, type BoardEvent, type Drop, type Hand, type HandRules } from './states';
import * as boardText from '@/text/screens/board';

export interface BoardProps {
  readonly board: BoardMen;
  /** Whose edge is marked; undefined = nobody's. */
  readonly turn: Side | undefined;
  readonly bottom: Side;
  /** Letters and numbers beside the board; there unless this says no. */
  readonly hasCoordinates?: boolean;
  /** Squares are said by their places, for their names are what is asked; else by their names where letters stand beside the board. */
  readonly areNamesAsked?: boolean;
  /** Said to who cannot see it, before the squares. */
  readonly label: Spoken;
  readonly rules: HandRules;
  readonly onDrop: (drop: Drop) => void;
  /** It is looked at, not touched: on a screen that is touched the page scrolls under the finger. */
  readonly isStill?: boolean;
  /** Marks for the man in hand, usually where it may go. */
  readonly marksFor?: (from: Square) => NonNullable<Diagram['marks']>;
  readonly marks?: Diagram['marks'];
  readonly trace?: Diagram['trace'];
  readonly arrows?: Diagram['arrows'];
  /** Hears a press or Enter first; true = done, the hand does not move. */
  readonly onPress?: (square: Square) => boolean;
  /** Hears every other key on a square. */
  readonly onSquareKey?: (square: Square, key: string) => void;
}

/** The one interactive board: drag, tap and keyboard end in the same drops. */
export function Board(props: BoardProps) {
  const { board, turn, bottom, label, rules, marksFor, onPress, onSquareKey, hasCoordinates = true } = props;
  const { terms } = useHouseVoice();
  const [hand, setHand] = useState<Hand>(IDLE);
  const [focus, setFocus] = useState<Square>(bottom === 'white' ? 0 : 63);
  // A man taken away while it was in hand (undo, a new puzzle) is no longer in hand.
  const held = hand.kind === 'idle' || board[hand.from] === undefined ? undefined : hand.from;
  const state = held === undefined ? IDLE : hand;

  function send(event: BoardEvent): Hand {
    const { hand: next, drop } = stepHand(state, event, rules);
    setHand(next);
    if (drop !== undefined) props.onDrop(drop);
    return next;
  }

  const carry = useCarry((square, hasMoved, beside) => {
    if (hasMoved || square !== undefined) send({ kind: 'squareUp', square, beside });
  });

  function pressPointer(event: PointerEvent<HTMLElement>, square: Square) {
    if (event.button !== 0) return;
    setFocus(square);
    if (onPress?.(square)) return;
    const beside = listSquaresBeside(event.clientX, event.clientY);
    const next = send({ kind: 'squareDown', square, beside });
    if (next.kind === 'holding' && next.from === square) {
      carry.start(event, board[square], event.currentTarget.getBoundingClientRect().width);
    }
  }

  function pressKey(event: KeyboardEvent<HTMLElement>, square: Square) {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const target = squareByArrow(square, event.key, bottom);
    if (target !== undefined) {
      event.preventDefault();
      setFocus(target);
      focusSquare(event.currentTarget, target);
    } else if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      if (onPress?.(square)) return;
      const { hand: next, drop } = stepHand(state, { kind: 'squareDown', square }, rules);
      setHand(next.kind === 'holding' ? { ...next, isFresh: false } : next);
      if (drop !== undefined) props.onDrop(drop);
    } else if (event.key === 'Escape') {
      send({ kind: 'cancel' });
    } else {
      onSquareKey?.(square, event.key);
    }
  }

  const marks: DiagramMark[] = [...(props.marks ?? [])];
  if (state.kind === 'holding') {
    marks.push({ square: state.from, mark: 'chosen' }, ...(marksFor?.(state.from) ?? []));
  }
  const drawnId = useId();
  const drawn = boardDrawingText(props.trace, props.arrows ?? [], makeSquareName);
  const markNames = markTexts(terms);

  /** The square with what stands there and what is marked on it. */
  function labelOf(square: Square): string {
    const man = board[square];
    const isNamed = hasCoordinates && props.areNamesAsked !== true;
    const words = isNamed ? squareWords(square, man, terms) : squarePlaceWords(square, man, bottom, terms);
    const signs = marks
      .filter((mark) => mark.square === square)
      .map(({ mark, tag }) => (tag === undefined ? markNames[mark] : `${markNames[mark]} ${tag}`));
    return [words, ...new Set(signs)].join(', ');
  }

  const drawing = drawDiagram(
    {
      board,
      turn,
      bottom,
      marks,
      hasCoordinates,
      trace: props.trace,
      arrows: props.arrows ?? [],
      lifted: carry.isCarrying ? held : undefined,
    },
    SCREEN_PAINT,
  );

  return (
    <div className={classes.board}>
      <div aria-hidden dangerouslySetInnerHTML={{ __html: drawing }} />
      <div
        role="grid"
        aria-label={label}
        aria-describedby={drawn === '' ? undefined : drawnId}
        className={`${classes.squares} ${held === undefined ? '' : classes.held} ${props.isStill ? classes.still : ''}`}
      >
        {rowsFrom(bottom).map((row) => (
          <div role="row" className={classes.row} key={row[0]}>
            {row.map((square) => (
              <div
                role="gridcell"
                key={square}
                className={classes.square}
                data-square={square}
                aria-label={labelOf(square)}
                aria-selected={
                  square === held || marks.some((one) => one.square === square && one.mark === 'chosen')
                }
                tabIndex={square === focus ? 0 : -1}
                onPointerDown={(event) => pressPointer(event, square)}
                onKeyDown={(event) => pressKey(event, square)}
                onFocus={() => setFocus(square)}
              />
            ))}
          </div>
        ))}
      </div>
      {drawn !== '' && (
        <p id={drawnId} className={classes.unseen}>
          {drawn}
        </p>
      )}
      {state.kind === 'promoting' && (
        <PromotionChoice
          side={board[state.from]?.side ?? 'white'}
          to={state.to}
          onChoose={(role) => send({ kind: 'promotionChosen', role })}
          onBack={() => send({ kind: 'cancel' })}
        />
      )}
      {carry.ghost}
    </div>
  );
}

function PromotionChoice(props: {
  readonly side: Side;
  readonly to: Square;
  readonly onChoose: (role: PromotionRole) => void;
  readonly onBack: () => void;
}) {
  const { terms } = useHouseVoice();
  return (
    <div
      className={classes.promotion}
      role="group"
      aria-label={promotionText(props.to, terms)}
      onKeyDown={(event) => {
        if (event.key === 'Escape') props.onBack();
      }}
    >
      {PROMOTION_ROLES.map((role, index) => (
        <button key={role} type="button" autoFocus={index === 0} onClick={() => props.onChoose(role)}>
          <ManPicture man={getMan(props.side, role)} />
          {terms.one(role)}
        </button>
      ))}
      <button type="button" className={classes.back} onClick={props.onBack}>
        {boardText.back}
      </button>
    </div>
  );
}

/** Squares row by row as they are seen. */
function rowsFrom(bottom: Side): Square[][] {
  return Array.from({ length: 8 }, (_, row) =>
    Array.from({ length: 8 }, (_column, column) => {
      const square = (7 - row) * 8 + column;
      return bottom === 'white' ? square : 63 - square;
    }),
  );
}

/** The neighbour an arrow key means, as the board is seen; undefined for other keys and past the edge. */
function squareByArrow(square: Square, key: string, bottom: Side): Square | undefined {
  const steps: Readonly<Record<string, readonly [number, number]>> = {
    ArrowUp: [0, 1],
    ArrowDown: [0, -1],
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
  };
  const step = steps[key];
  if (step === undefined) return undefined;
  const sign = bottom === 'white' ? 1 : -1;
  const file = (square & 7) + sign * step[0];
  const rank = (square >> 3) + sign * step[1];
  return file < 0 || file > 7 || rank < 0 || rank > 7 ? square : rank * 8 + file;
}

function focusSquare(from: HTMLElement, square: Square): void {
  from.closest('[role=grid]')?.querySelector<HTMLElement>(`[data-square="${square}"]`)?.focus();
}
