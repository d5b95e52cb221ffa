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

/**
 * Carries a man with the pointer from a press to its end. `onEnd` hears the square under the end and whether the pointer
 * had moved; a press taken away by the system ends off the board.
 */
export function useCarry(onEnd: (square: Square | undefined, hasMoved: boolean) => void) {
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
    const end = (square: Square | undefined) => {
      stop.current?.();
      latestEnd.current(square, hasMoved);
    };
    window.addEventListener(
      'pointerup',
      (up) => {
        if (isOurs(up)) end(findSquareAt(up.clientX, up.clientY));
      },
      { signal },
    );
    window.addEventListener(
      'pointercancel',
      (cancel) => {
        if (isOurs(cancel)) end(undefined);
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
