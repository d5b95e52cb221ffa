'use client';
import type { Square } from '@/core/board';
import type { Scene } from '@/core/exercises';
import type { Diagram } from '@/drawing';
import { Board, type HandRules } from '@/ui/board';
import type { Spoken } from '@/text';

/** Nothing is carried. */
const STILL: HandRules = { canHold: () => false, dropResult: () => 'back' };

/** The board of an exercise that is looked at, not touched; by keyboard and by ear it is read square by square. */
export function SceneBoard(props: {
  readonly scene: Scene;
  readonly title: Spoken;
  readonly helpSquare?: Square | undefined;
  readonly marks?: NonNullable<Diagram['marks']>;
  readonly arrows?: Diagram['arrows'];
}) {
  const { scene, title, helpSquare, marks = [], arrows = [] } = props;
  const asked = helpSquare === undefined ? scene.asked : [...scene.asked, helpSquare];
  return (
    <Board
      board={scene.board}
      turn={scene.turn}
      bottom={scene.bottom}
      hasCoordinates={scene.hasCoordinates}
      areNamesAsked={scene.areNamesAsked}
      trace={scene.trace}
      label={title}
      isStill
      rules={STILL}
      onDrop={() => undefined}
      arrows={arrows}
      marks={[...asked.map((square) => ({ square, mark: 'hint' as const })), ...marks]}
    />
  );
}
