import type { OwnClub } from './club/ownClub';

/** Every page of the coach's side, those whose addresses hold a number with what the club has. */
export function listCoachPages({ pathOf }: Pick<OwnClub, 'pathOf'>): string[] {
  const set = pathOf('Lights on the quay');
  const ownClass = pathOf('lantern');
  const child = pathOf('Pip');
  return [
    '/desk',
    '/sets',
    set,
    `${set}/paper`,
    '/sets/paper',
    '/sets/import',
    '/sets/compose',
    '/sets/library',
    '/games',
    '/games/import',
    pathOf('game of Pip'),
    '/classes',
    ownClass,
    `${ownClass}/path`,
    `${ownClass}/progress`,
    `${ownClass}/reports`,
    `${ownClass}/import`,
    `${ownClass}/lessons`,
    pathOf('lesson of lantern'),
    pathOf('plan of lantern'),
    child,
    `${child}/topics/mate%3A1`,
    `${child}/answers?of=week&value=2026-09-07`,
    ownClass.replace('/classes', '/board'),
    '/club/audit-log',
    '/club/outbox',
    pathOf('email'),
    // What is not there says so inside the page.
    '/classes/999999',
    '/classes/terms',
    pathOf('this term'),
    pathOf('answers of Lights on the quay in lantern'),
    '/exercises',
    '/exercises/pawns',
    '/club',
  ];
}
