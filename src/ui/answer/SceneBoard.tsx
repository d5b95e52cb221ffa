'use client';
import type { Square } from '@/core/board';
import type { Scene } from '@/core/exercises';
import type { Diagram } from '@/drawing';
import { DiagramPicture } from '@/ui/board';

/** The board of an exercise that is looked at, not touched. */
export function SceneBoard(props: {
  readonly scene: Scene;
  readonly title: string;
  readonly helpSquare?: Square | undefined;
  readonly marks?: NonNullable<Diagram['marks']>;
  readonly arrows?: Diagram['arrows'];
}) {
  const { scene, title, helpSquare, marks = [], arrows = [] } = props;
  const asked = helpSquare === undefined ? scene.asked : [...scene.asked, helpSquare];
  return (
    <DiagramPicture
      diagram={{
        ...scene,
        arrows,
        marks: [...asked.map((square) => ({ square, mark: 'hint' as const })), ...marks],
      }}
      title={title}
    />
  );
}
