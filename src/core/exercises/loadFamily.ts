/**
 * The families one by one, for a seat that needs a few of them: each comes with its own file when it is asked for. The whole registry is for
 * servers, workers and the coach.
 */
import type { OpenableFamily } from './family';
import type { ExerciseId } from './registry';

const LOADERS: Readonly<Record<ExerciseId, () => Promise<OpenableFamily>>> = {
  'find-square': () => import('./findSquare').then(({ findSquareFamily }) => findSquareFamily),
  'name-square': () => import('./nameSquare').then(({ nameSquareFamily }) => nameSquareFamily),
  'square-colour': () => import('./colours').then(({ squareColourFamily }) => squareColourFamily),
  'name-line': () => import('./lines').then(({ nameLineFamily }) => nameLineFamily),
  'set-up': () => import('./setUp').then(({ setUpFamily }) => setUpFamily),
  repair: () => import('./setUp').then(({ repairFamily }) => repairFamily),
  reach: () => import('./reach').then(({ reachFamily }) => reachFamily),
  'count-reach': () => import('./reach').then(({ countReachFamily }) => countReachFamily),
  route: () => import('./routes').then(({ routeFamily }) => routeFamily),
  'route-unguarded': () => import('./routes').then(({ routeUnguardedFamily }) => routeUnguardedFamily),
  collect: () => import('./routes').then(({ collectFamily }) => collectFamily),
  'route-answered': () => import('./routeAnswered').then(({ routeAnsweredFamily }) => routeAnsweredFamily),
  'best-square': () => import('./bestSquare').then(({ bestSquareFamily }) => bestSquareFamily),
  captures: () => import('./captures').then(({ capturesFamily }) => capturesFamily),
  'pawn-moves': () => import('./reach').then(({ pawnMovesFamily }) => pawnMovesFamily),
  'free-men': () => import('./captures').then(({ freeMenFamily }) => freeMenFamily),
  'pawn-game': () => import('./pawnGame').then(({ pawnGameFamily }) => pawnGameFamily),
  unprotected: () => import('./attack').then(({ unprotectedFamily }) => unprotectedFamily),
  'attack-from': () => import('./attack').then(({ attackFromFamily }) => attackFromFamily),
  trapped: () => import('./attack').then(({ trappedFamily }) => trappedFamily),
  'attack-kinds': () => import('./attackAnswers').then(({ attackKindsFamily }) => attackKindsFamily),
  'attack-men': () => import('./attackAnswers').then(({ attackMenFamily }) => attackMenFamily),
  'who-is-ahead': () => import('./values').then(({ whoIsAheadFamily }) => whoIsAheadFamily),
  trade: () => import('./values').then(({ tradeFamily }) => tradeFamily),
  'count-on-square': () => import('./values').then(({ countOnSquareFamily }) => countOnSquareFamily),
  'take-or-leave': () => import('./values').then(({ takeOrLeaveFamily }) => takeOrLeaveFamily),
  poisoned: () => import('./poisoned').then(({ poisonedFamily }) => poisonedFamily),
  'what-is-it': () => import('./check').then(({ whatIsItFamily }) => whatIsItFamily),
  'draw-kind': () => import('./gameEnds').then(({ drawKindFamily }) => drawKindFamily),
  'why-stopped': () => import('./gameEnds').then(({ whyStoppedFamily }) => whyStoppedFamily),
  stalemating: () => import('./gameEnds').then(({ stalematingFamily }) => stalematingFamily),
  'answers-to-check': () => import('./check').then(({ answersToCheckFamily }) => answersToCheckFamily),
  'king-squares': () => import('./kingSquares').then(({ kingSquaresFamily }) => kingSquaresFamily),
  'mate-in-one': () => import('./check').then(({ mateInOneFamily }) => mateInOneFamily),
  'stop-mate': () => import('./check').then(({ stopMateFamily }) => stopMateFamily),
  'is-safe-move': () => import('./check').then(({ isSafeMoveFamily }) => isSafeMoveFamily),
  'may-castle': () => import('./castling').then(({ mayCastleFamily }) => mayCastleFamily),
  'may-pass': () => import('./specialPawns').then(({ mayPassFamily }) => mayPassFamily),
  'promote-to': () => import('./specialPawns').then(({ promoteToFamily }) => promoteToFamily),
  'write-move': () => import('./writing').then(({ writeMoveFamily }) => writeMoveFamily),
  'play-written': () => import('./writing').then(({ playWrittenFamily }) => playWrittenFamily),
  'which-man': () => import('./writing').then(({ whichManFamily }) => whichManFamily),
  'repair-line': () => import('./writing').then(({ repairLineFamily }) => repairLineFamily),
  'garbled-line': () => import('./sheets').then(({ garbledLineFamily }) => garbledLineFamily),
  'keep-score': () => import('./sheets').then(({ keepScoreFamily }) => keepScoreFamily),
  signs: () => import('./signs').then(({ signsFamily }) => signsFamily),
  result: () => import('./gameEnds').then(({ resultFamily }) => resultFamily),
  'name-mate': () => import('./namedMates').then(({ nameMateFamily }) => nameMateFamily),
  'mate-by-name': () => import('./namedMates').then(({ mateByNameFamily }) => mateByNameFamily),
  'missing-man': () => import('./missingMan').then(({ missingManFamily }) => missingManFamily),
  'missing-part': () => import('./missingMan').then(({ missingPartFamily }) => missingPartFamily),
  'who-takes': () => import('./kingSquares').then(({ whoTakesFamily }) => whoTakesFamily),
  'spare-men': () => import('./namedMates').then(({ spareMenFamily }) => spareMenFamily),
  'open-line': () => import('./namedMates').then(({ openLineFamily }) => openLineFamily),
  'who-mates': () => import('./namedMates').then(({ whoMatesFamily }) => whoMatesFamily),
  'give-up': () => import('./habits').then(({ giveUpFamily }) => giveUpFamily),
  'forcing-moves': () => import('./forcingMoves').then(({ forcingMovesFamily }) => forcingMovesFamily),
  'last-square': () => import('./habits').then(({ lastSquareFamily }) => lastSquareFamily),
  'whole-line': () => import('./habits').then(({ wholeLineFamily }) => wholeLineFamily),
  'right-order': () => import('./habits').then(({ rightOrderFamily }) => rightOrderFamily),
};

/** The family behind the one interface, its file fetched when it is not there yet. Rejects where it cannot be fetched. */
export function loadFamily(id: ExerciseId): Promise<OpenableFamily> {
  return LOADERS[id]();
}
