import type { EpdFault, MovetextFault } from '@/core/notation';
import type { ClubPictureFault } from '@/core/patterns';
import type { PositionFault } from '@/core/rules';

/** What a service refuses, as codes; the sentences live in text/errors. */
export type ServiceFault =
  | EpdFault
  | MovetextFault
  | PositionFault
  | { readonly code: 'input/not-valid'; readonly fields: readonly string[] }
  | { readonly code: 'access/not-signed-in' }
  | { readonly code: 'access/not-allowed' }
  | { readonly code: 'sign-in/wrong' }
  | { readonly code: 'sign-in/too-many-tries'; readonly waitSeconds: number }
  | { readonly code: 'join/no-such-code' }
  | { readonly code: 'join/not-in-class' }
  | { readonly code: 'set-up/wrong-code' }
  | { readonly code: 'set-up/done-already' }
  | { readonly code: 'puzzle/no-mate'; readonly within: number }
  | { readonly code: 'puzzle/undecided'; readonly noMateWithin: number }
  /** A mate in so many is there, but its shortest length was not proved twice within the limits. */
  | { readonly code: 'puzzle/uncertified'; readonly mateInMoves: number }
  | ClubPictureFault
  | { readonly code: 'pattern/name-taken' }
  | { readonly code: 'set/empty' }
  | { readonly code: 'set/not-found' }
  /** Somebody has added or taken out tasks meanwhile. */
  | { readonly code: 'set/changed' }
  /** The other puzzle is in the set already. */
  | { readonly code: 'set/has-twin' }
  | { readonly code: 'set/no-equal' }
  /** Left and right cannot be exchanged where somebody may castle. */
  | { readonly code: 'set/castling-side' }
  | { readonly code: 'puzzle/not-found' }
  | { readonly code: 'class/not-found' }
  | { readonly code: 'game/not-found' }
  | { readonly code: 'email/not-found' }
  | { readonly code: 'report/nobody' }
  /** So many moves were made before the one that is not legal. */
  | { readonly code: 'game/not-legal'; readonly ply: number }
  | { readonly code: 'round/not-found' }
  | { readonly code: 'round/gone' }
  | { readonly code: 'password/weak' }
  | { readonly code: 'password/old-wrong' }
  | { readonly code: 'answer/another-mode' }
  | { readonly code: 'path/not-open' }
  | { readonly code: 'exercise/no-such-level' }
  | { readonly code: 'exercise/asks-nothing' }
  | { readonly code: 'term/none' }
  | { readonly code: 'term/not-found' }
  | { readonly code: 'term/ends-before-it-starts' }
  /** The other term's name. */
  | { readonly code: 'term/overlaps'; readonly name: string }
  /** A child is not in the class any more from which it was to be moved. */
  | { readonly code: 'coach/sign-in-name-taken' }
  | { readonly code: 'student/other-name' }
  | { readonly code: 'plan/not-found' }
  /** Somebody has saved it meanwhile. */
  | { readonly code: 'plan/changed' }
  | { readonly code: 'plan/no-moves'; readonly line: string }
  | { readonly code: 'plan/nothing-to-practise' }
  | { readonly code: 'lesson/not-found' }
  | { readonly code: 'live/not-found' }
  | { readonly code: 'live/no-such-move' }
  | { readonly code: 'lesson/no-such-days' }
  | { readonly code: 'lesson/too-many'; readonly most: number }
  | { readonly code: 'roster/changed' }
  | { readonly code: 'roster/change-not-found' }
  /** Something has been given or answered since, or a child has been moved again. */
  | { readonly code: 'roster/too-late-to-undo' }
  | { readonly code: 'roster/unreadable'; readonly line: number }
  | { readonly code: 'roster/no-names' }
  | { readonly code: 'roster/too-long'; readonly most: number }
  | { readonly code: 'workers/busy' };
