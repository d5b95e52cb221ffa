/** What a reader of moves may remark and why it may refuse, as codes with what their sentences need. */
import type { Role, Side, Square } from '../../board';
import type { CastlingWing } from '../../rules';

/** In the order in which they are told: signs, captures, castling, letters, coordinates, what is around the move. */
export const NOTATION_DIAGNOSES = [
  'missing-check',
  'missing-mate',
  'false-check',
  'false-mate',
  'double-plus-mate',
  'double-plus',
  'check-sign-for-mate',
  'missing-capture',
  'false-capture',
  'capture-sign',
  'ep-suffix',
  'promotion-form',
  'zero-castling',
  'lower-case-castling',
  'castling-form',
  'castling-as-king-move',
  'lower-case-piece',
  'upper-case-file',
  'pawn-letter',
  'foreign-letter',
  'figurine',
  'reversed-coordinates',
  'long-algebraic',
  'over-disambiguation',
  'non-preferred-disambiguation',
  'short-pawn-capture',
  'annotation-suffix',
  'move-number',
  'spacing',
  'spoken-words',
  'trailing-punctuation',
] as const;
export type NotationDiagnosis = (typeof NOTATION_DIAGNOSES)[number];

/** Why a text names no legal move, or more than one. */
export type NotationReason =
  | { readonly code: 'empty' | 'not-a-move' | 'incomplete' | 'more-than-one-move' | 'null-move' }
  | { readonly code: 'no-such-square' | 'no-such-piece-letter'; readonly found: string }
  | { readonly code: 'no-such-piece'; readonly side: Side; readonly role: Role }
  | { readonly code: 'unreachable'; readonly role: Role; readonly to: Square }
  | { readonly code: 'own-piece-on-square'; readonly to: Square; readonly own: Role }
  | { readonly code: 'ambiguous'; readonly sans: readonly string[] }
  | { readonly code: 'wrong-disambiguation'; readonly san: string }
  /** The man on `from` stands between its king and the man on `by`. */
  | { readonly code: 'pinned'; readonly role: Role; readonly from: Square; readonly by: Square }
  | { readonly code: 'moves-into-check'; readonly to: Square; readonly by: Square }
  | { readonly code: 'leaves-king-in-check'; readonly by: Square }
  | { readonly code: 'castling-no-right'; readonly wing: CastlingWing }
  | { readonly code: 'castling-blocked'; readonly wing: CastlingWing; readonly by: Square }
  /** The king stands on, passes or lands on `square`, which the man on `by` attacks. */
  | { readonly code: 'castling-through-check'; readonly square: Square; readonly by: Square }
  /** `landing`: en passant is possible, but the capturer lands there, not on `to`, where the captured pawn stands. */
  | { readonly code: 'illegal-en-passant'; readonly to: Square; readonly landing?: Square }
  | { readonly code: 'illegal-promotion' | 'missing-promotion'; readonly to: Square }
  | { readonly code: 'wrong-side'; readonly side: Side };
