'use client';
import { useCallback, useEffect, useRef, useState, type PointerEvent as ReactPointerEvent } from 'react';
import { createPortal } from 'react-dom';
import type { Man, Square } from '@/core/board';
import { ManPicture } from './Picture';

interface Carried {
  readonly man: Man;
  readonly x: number;
  readonly y: number;
  readonly size: number;
}

/** A press that moves less than this is a tap. */
const TAP_PIXELS = 6;

/** The square of any board under a point of the window. */
export function findSquareAt(x: number, y: number): Square | undefined {
  const cell = document.elementFromPoint(x, y)?.closest<HTMLElement>('[data-square]');
  return cell?.dataset.square === undefined ? undefined : Number(cell.dataset.square);
}

/** So near to a border, in parts of a square, it is not sure which of the two squares was meant. */
const BORDER_PART = 0.18;

/** The squares on the other side of the borders that the point is close to, the one behind a corner last; none in the middle of a square. */
export function listSquaresBeside(x: number, y: number): readonly Square[] {
  const cell = document.elementFromPoint(x, y)?.closest<HTMLElement>('[data-square]');
  if (cell === null || cell === undefined) return [];
  const { left, right, top, bottom, width } = cell.getBoundingClientRect();
  const close = width * BORDER_PART;
  const across = x - left < close ? left - 2 : right - x < close ? right + 2 : x;
  const along = y - top < close ? top - 2 : bottom - y < close ? bottom + 2 : y;
  const own = findSquareAt(x, y);
  const found = [findSquareAt(across, y), findSquareAt(x, along), findSquareAt(across, along)];
  return [...new Set(found)].filter((square) => square !== undefined && square !== own) as Square[];
}

/**
 * Carries a man with the pointer from a press to its end. `onEnd` hears the square under the end, whether the pointer
 * had moved, and the squares it was close to; a press taken away by the system ends off the board.
 */
export function useCarry(
  onEnd: (square: Square | undefined, hasMoved: boolean, beside: readonly Square[]) => void,
) {
  const [carried, setCarried] = useState<Carried | undefined>();
  const stop = useRef<(() => void) | undefined>(undefined);
  const latestEnd = useRef(onEnd);
  useEffect(() => {
    latestEnd.current = onEnd;
  });
  useEffect(() => () => stop.current?.(), []);

  const start = useCallback((event: ReactPointerEvent, man: Man | undefined, size: number) => {
    stop.current?.();
    const { clientX, clientY, pointerId } = event;
    let hasMoved = false;
    const controller = new AbortController();
    const { signal } = controller;
    stop.current = () => {
      controller.abort();
      setCarried(undefined);
    };
    const isOurs = (other: PointerEvent) => other.pointerId === pointerId;
    window.addEventListener(
      'pointermove',
      (move) => {
        if (!isOurs(move)) return;
        hasMoved ||= Math.hypot(move.clientX - clientX, move.clientY - clientY) > TAP_PIXELS;
        if (hasMoved && man !== undefined) setCarried({ man, x: move.clientX, y: move.clientY, size });
      },
      { signal },
    );
    const end = (square: Square | undefined, beside: readonly Square[]) => {
      stop.current?.();
      latestEnd.current(square, hasMoved, beside);
    };
    window.addEventListener(
      'pointerup',
      (up) => {
        if (isOurs(up)) end(findSquareAt(up.clientX, up.clientY), listSquaresBeside(up.clientX, up.clientY));
      },
      { signal },
    );
    window.addEventListener(
      'pointercancel',
      (cancel) => {
        if (isOurs(cancel)) end(undefined, []);
      },
      { signal },
    );
  }, []);

  const ghost =
    carried &&
    createPortal(
      <div
        style={{
          position: 'fixed',
          left: carried.x - carried.size / 2,
          top: carried.y - carried.size * 0.6,
          width: carried.size,
          pointerEvents: 'none',
          zIndex: 400,
        }}
      >
        <ManPicture man={carried.man} />
      </div>,
      document.body,
    );
  return { start, ghost, isCarrying: carried !== undefined };
}
