/**
 * The families one by one, for a seat that needs a few of them: each comes with its own file when it is asked for. The whole registry is for
 * servers, workers and the coach.
 */
import type { OpenableFamily } from './family/family';
import type { ExerciseId } from './registry';

const LOADERS: Readonly<Record<ExerciseId, () => Promise<OpenableFamily>>> = {
  'find-square': () =>
    import('./families/board/find-square').then(({ findSquareFamily }) => findSquareFamily),
  'name-square': () =>
    import('./families/board/name-square').then(({ nameSquareFamily }) => nameSquareFamily),
  'square-colour': () =>
    import('./families/board/square-colour').then(({ squareColourFamily }) => squareColourFamily),
  'name-line': () => import('./families/board/name-line').then(({ nameLineFamily }) => nameLineFamily),
  'set-up': () => import('./families/board/set-up').then(({ setUpFamily }) => setUpFamily),
  repair: () => import('./families/board/repair').then(({ repairFamily }) => repairFamily),
  reach: () => import('./families/movement/reach').then(({ reachFamily }) => reachFamily),
  'count-reach': () =>
    import('./families/movement/count-reach').then(({ countReachFamily }) => countReachFamily),
  route: () => import('./families/movement/route').then(({ routeFamily }) => routeFamily),
  'route-unguarded': () =>
    import('./families/movement/route-unguarded').then(({ routeUnguardedFamily }) => routeUnguardedFamily),
  collect: () => import('./families/movement/collect').then(({ collectFamily }) => collectFamily),
  'route-answered': () =>
    import('./families/movement/route-answered').then(({ routeAnsweredFamily }) => routeAnsweredFamily),
  'best-square': () =>
    import('./families/movement/best-square').then(({ bestSquareFamily }) => bestSquareFamily),
  captures: () => import('./families/capturing/captures').then(({ capturesFamily }) => capturesFamily),
  'pawn-moves': () =>
    import('./families/capturing/pawn-moves').then(({ pawnMovesFamily }) => pawnMovesFamily),
  'free-men': () => import('./families/capturing/free-men').then(({ freeMenFamily }) => freeMenFamily),
  'pawn-game': () => import('./families/capturing/pawn-game').then(({ pawnGameFamily }) => pawnGameFamily),
  unprotected: () =>
    import('./families/attack/unprotected').then(({ unprotectedFamily }) => unprotectedFamily),
  'attack-from': () =>
    import('./families/attack/attack-from').then(({ attackFromFamily }) => attackFromFamily),
  trapped: () => import('./families/attack/trapped').then(({ trappedFamily }) => trappedFamily),
  'attack-kinds': () =>
    import('./families/attack/attack-kinds').then(({ attackKindsFamily }) => attackKindsFamily),
  'attack-men': () => import('./families/attack/attack-men').then(({ attackMenFamily }) => attackMenFamily),
  'who-is-ahead': () =>
    import('./families/values/who-is-ahead').then(({ whoIsAheadFamily }) => whoIsAheadFamily),
  trade: () => import('./families/values/trade').then(({ tradeFamily }) => tradeFamily),
  'count-on-square': () =>
    import('./families/values/count-on-square').then(({ countOnSquareFamily }) => countOnSquareFamily),
  'take-or-leave': () =>
    import('./families/values/take-or-leave').then(({ takeOrLeaveFamily }) => takeOrLeaveFamily),
  poisoned: () => import('./families/values/poisoned').then(({ poisonedFamily }) => poisonedFamily),
  'what-is-it': () => import('./families/check/what-is-it').then(({ whatIsItFamily }) => whatIsItFamily),
  'draw-kind': () => import('./families/check/draw-kind').then(({ drawKindFamily }) => drawKindFamily),
  'why-stopped': () =>
    import('./families/check/why-stopped').then(({ whyStoppedFamily }) => whyStoppedFamily),
  stalemating: () =>
    import('./families/check/stalemating').then(({ stalematingFamily }) => stalematingFamily),
  'answers-to-check': () =>
    import('./families/check/answers-to-check').then(({ answersToCheckFamily }) => answersToCheckFamily),
  'king-squares': () =>
    import('./families/check/king-squares').then(({ kingSquaresFamily }) => kingSquaresFamily),
  'mate-in-one': () => import('./families/check/mate-in-one').then(({ mateInOneFamily }) => mateInOneFamily),
  'stop-mate': () => import('./families/check/stop-mate').then(({ stopMateFamily }) => stopMateFamily),
  'is-safe-move': () =>
    import('./families/check/is-safe-move').then(({ isSafeMoveFamily }) => isSafeMoveFamily),
  'may-castle': () =>
    import('./families/special-moves/may-castle').then(({ mayCastleFamily }) => mayCastleFamily),
  'may-pass': () => import('./families/special-moves/may-pass').then(({ mayPassFamily }) => mayPassFamily),
  'promote-to': () =>
    import('./families/special-moves/promote-to').then(({ promoteToFamily }) => promoteToFamily),
  'write-move': () => import('./families/notation/write-move').then(({ writeMoveFamily }) => writeMoveFamily),
  'play-written': () =>
    import('./families/notation/play-written').then(({ playWrittenFamily }) => playWrittenFamily),
  'which-man': () => import('./families/notation/which-man').then(({ whichManFamily }) => whichManFamily),
  'repair-line': () =>
    import('./families/notation/repair-line').then(({ repairLineFamily }) => repairLineFamily),
  'garbled-line': () =>
    import('./families/notation/garbled-line').then(({ garbledLineFamily }) => garbledLineFamily),
  'keep-score': () => import('./families/notation/keep-score').then(({ keepScoreFamily }) => keepScoreFamily),
  signs: () => import('./families/notation/signs').then(({ signsFamily }) => signsFamily),
  result: () => import('./families/notation/result').then(({ resultFamily }) => resultFamily),
  'name-mate': () => import('./families/named-mates/name-mate').then(({ nameMateFamily }) => nameMateFamily),
  'mate-by-name': () =>
    import('./families/named-mates/mate-by-name').then(({ mateByNameFamily }) => mateByNameFamily),
  'missing-man': () =>
    import('./families/named-mates/missing-man').then(({ missingManFamily }) => missingManFamily),
  'missing-part': () =>
    import('./families/named-mates/missing-part').then(({ missingPartFamily }) => missingPartFamily),
  'who-takes': () => import('./families/named-mates/who-takes').then(({ whoTakesFamily }) => whoTakesFamily),
  'spare-men': () => import('./families/named-mates/spare-men').then(({ spareMenFamily }) => spareMenFamily),
  'open-line': () => import('./families/named-mates/open-line').then(({ openLineFamily }) => openLineFamily),
  'who-mates': () => import('./families/named-mates/who-mates').then(({ whoMatesFamily }) => whoMatesFamily),
  'give-up': () => import('./families/named-mates/give-up').then(({ giveUpFamily }) => giveUpFamily),
  'forcing-moves': () =>
    import('./families/forced-mates/forcing-moves').then(({ forcingMovesFamily }) => forcingMovesFamily),
  'last-square': () =>
    import('./families/forced-mates/last-square').then(({ lastSquareFamily }) => lastSquareFamily),
  'whole-line': () =>
    import('./families/forced-mates/whole-line').then(({ wholeLineFamily }) => wholeLineFamily),
  'right-order': () =>
    import('./families/forced-mates/right-order').then(({ rightOrderFamily }) => rightOrderFamily),
};

/** The family behind the one interface, its file fetched when it is not there yet. Rejects where it cannot be fetched. */
export function loadFamily(id: ExerciseId): Promise<OpenableFamily> {
  return LOADERS[id]();
}
