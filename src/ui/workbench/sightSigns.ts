/** How the sight of a piece, or of an army, is drawn: where it can go by the shape of the sign, whom it sees by arrows. */
import type { Board } from '@/core/board';
import type { Safety, Sight } from '@/core/tactics';
import type { DiagramArrow, DiagramMark, SquareMark } from '@/drawing';

const SAFETY_MARKS: Readonly<Record<Safety, SquareMark>> = {
  untouched: 'goes',
  sound: 'sound',
  lost: 'lost',
};

/** The piece in its frame, and every square it can go to. */
export function listSightMarks({ square, ways }: Sight): DiagramMark[] {
  return [
    { square, mark: 'chosen' },
    ...ways.map((way) => ({ square: way.square, mark: SAFETY_MARKS[way.safety] })),
  ];
}

/** Whom it attacks and who attacks it, whom it protects and who protects it. */
export function listSightArrows({ square, attacks, protects, attackers, protectors }: Sight): DiagramArrow[] {
  return [
    ...protects.map((to) => ({ from: square, to, kind: 'idea' as const })),
    ...protectors.map((from) => ({ from, to: square, kind: 'idea' as const })),
    ...attacks.map((to) => ({ from: square, to, kind: 'attack' as const })),
    ...attackers.map((from) => ({ from, to: square, kind: 'attack' as const })),
  ];
}

/** Pieces of the army that nobody protects; a king needs nobody. */
export function listArmyMarks(board: Board, sights: readonly Sight[]): DiagramMark[] {
  return sights
    .filter(({ square, protectors }) => protectors.length === 0 && board[square]?.role !== 'king')
    .map(({ square }) => ({ square, mark: 'hint' }));
}

/** Every attack of the army on a piece of the other side. */
export function listArmyArrows(sights: readonly Sight[]): DiagramArrow[] {
  return sights.flatMap(({ square, attacks }) =>
    attacks.map((to) => ({ from: square, to, kind: 'attack' as const })),
  );
}
