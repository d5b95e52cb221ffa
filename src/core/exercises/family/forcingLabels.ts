import type { ForcingKind } from '../../proof';

/** What comes of a forcing move if both sides go on capturing on its square. */
export const GAIN_LABELS = ['it-mates', 'wins-men', 'comes-out-even', 'loses-men'] as const;
export type GainLabel = (typeof GAIN_LABELS)[number];

/** What a forcing move is, or what comes of it. */
export type ForcingLabel = ForcingKind | GainLabel;
