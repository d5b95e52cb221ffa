/** The words of every family, by its id. A seat fetches those of one family alone: `loadFamilyWords`. */
import type { ExerciseId, FamilyId } from '@/core/exercises';
import type { FamilyWords, MakeFamilyWords } from './family';
import { words as findSquare } from './families/find-square';
import { words as nameSquare } from './families/name-square';
import { words as squareColour } from './families/square-colour';
import { words as nameLine } from './families/name-line';
import { words as setUp } from './families/set-up';
import { words as repair } from './families/repair';
import { words as reach } from './families/reach';
import { words as countReach } from './families/count-reach';
import { words as route } from './families/route';
import { words as routeUnguarded } from './families/route-unguarded';
import { words as collect } from './families/collect';
import { words as routeAnswered } from './families/route-answered';
import { words as bestSquare } from './families/best-square';
import { words as captures } from './families/captures';
import { words as pawnMoves } from './families/pawn-moves';
import { words as freeMen } from './families/free-men';
import { words as pawnGame } from './families/pawn-game';
import { words as unprotected } from './families/unprotected';
import { words as attackFrom } from './families/attack-from';
import { words as trapped } from './families/trapped';
import { words as attackKinds } from './families/attack-kinds';
import { words as attackMen } from './families/attack-men';
import { words as whoIsAhead } from './families/who-is-ahead';
import { words as trade } from './families/trade';
import { words as countOnSquare } from './families/count-on-square';
import { words as takeOrLeave } from './families/take-or-leave';
import { words as poisoned } from './families/poisoned';
import { words as whatIsIt } from './families/what-is-it';
import { words as drawKind } from './families/draw-kind';
import { words as whyStopped } from './families/why-stopped';
import { words as stalemating } from './families/stalemating';
import { words as answersToCheck } from './families/answers-to-check';
import { words as kingSquares } from './families/king-squares';
import { words as mateInOne } from './families/mate-in-one';
import { words as stopMate } from './families/stop-mate';
import { words as isSafeMove } from './families/is-safe-move';
import { words as mayCastle } from './families/may-castle';
import { words as mayPass } from './families/may-pass';
import { words as promoteTo } from './families/promote-to';
import { words as writeMove } from './families/write-move';
import { words as playWritten } from './families/play-written';
import { words as whichMan } from './families/which-man';
import { words as repairLine } from './families/repair-line';
import { words as garbledLine } from './families/garbled-line';
import { words as keepScore } from './families/keep-score';
import { words as signs } from './families/signs';
import { words as result } from './families/result';
import { words as nameMate } from './families/name-mate';
import { words as mateByName } from './families/mate-by-name';
import { words as missingMan } from './families/missing-man';
import { words as missingPart } from './families/missing-part';
import { words as whoTakes } from './families/who-takes';
import { words as spareMen } from './families/spare-men';
import { words as openLine } from './families/open-line';
import { words as whoMates } from './families/who-mates';
import { words as giveUp } from './families/give-up';
import { words as forcingMoves } from './families/forcing-moves';
import { words as lastSquare } from './families/last-square';
import { words as wholeLine } from './families/whole-line';
import { words as rightOrder } from './families/right-order';
import type { Spoken, Terms } from './terms';

const FAMILY_TEXTS = {
  'find-square': findSquare,
  'name-square': nameSquare,
  'square-colour': squareColour,
  'name-line': nameLine,
  'set-up': setUp,
  repair: repair,
  reach: reach,
  'count-reach': countReach,
  route: route,
  'route-unguarded': routeUnguarded,
  collect: collect,
  'route-answered': routeAnswered,
  'best-square': bestSquare,
  captures: captures,
  'pawn-moves': pawnMoves,
  'free-men': freeMen,
  'pawn-game': pawnGame,
  unprotected: unprotected,
  'attack-from': attackFrom,
  trapped: trapped,
  'attack-kinds': attackKinds,
  'attack-men': attackMen,
  'who-is-ahead': whoIsAhead,
  trade: trade,
  'count-on-square': countOnSquare,
  'take-or-leave': takeOrLeave,
  poisoned: poisoned,
  'what-is-it': whatIsIt,
  'draw-kind': drawKind,
  'why-stopped': whyStopped,
  stalemating: stalemating,
  'answers-to-check': answersToCheck,
  'king-squares': kingSquares,
  'mate-in-one': mateInOne,
  'stop-mate': stopMate,
  'is-safe-move': isSafeMove,
  'may-castle': mayCastle,
  'may-pass': mayPass,
  'promote-to': promoteTo,
  'write-move': writeMove,
  'play-written': playWritten,
  'which-man': whichMan,
  'repair-line': repairLine,
  'garbled-line': garbledLine,
  'keep-score': keepScore,
  signs: signs,
  result: result,
  'name-mate': nameMate,
  'mate-by-name': mateByName,
  'missing-man': missingMan,
  'missing-part': missingPart,
  'who-takes': whoTakes,
  'spare-men': spareMen,
  'open-line': openLine,
  'who-mates': whoMates,
  'give-up': giveUp,
  'forcing-moves': forcingMoves,
  'last-square': lastSquare,
  'whole-line': wholeLine,
  'right-order': rightOrder,
} satisfies { readonly [Id in ExerciseId]: MakeFamilyWords<Id> };

/** Everything that is said of a family. */
export function familyWords(family: ExerciseId, terms: Terms): FamilyWords {
  return FAMILY_TEXTS[family](terms);
}

/** What a family is called. */
export function familyName(family: FamilyId, terms: Terms): Spoken {
  return (family === 'mate' ? 'Forced mate' : familyWords(family, terms).name) as Spoken;
}
