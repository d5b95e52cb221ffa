import { z } from 'zod/mini';
import { MAN_VALUES } from '@/core/board';
import { FORCING_KINDS } from '@/core/proof';
import { KEY_LENGTHS, USUAL_KEY_LENGTH } from './people';
import { MATE_COUNTS, notationWaysSchema, scaleSchema } from '@/core/exercises';

/** Each kind once. */
const readingOrderSchema = z
  .array(z.enum(FORCING_KINDS))
  .check(
    z.refine(
      (order) => FORCING_KINDS.every((kind) => order.includes(kind)) && order.length === FORCING_KINDS.length,
    ),
  );

/** What a club has decided for itself; what it has not touched is as here. */
export const clubSettingsSchema = z.object({
  /** By which count the length of a mate is asked for. */
  mateCount: z._default(z.enum(MATE_COUNTS), 'full'),
  /** What men are worth in new exercises, in points. */
  values: z._default(scaleSchema, { ...MAN_VALUES, king: 0 }),
  /** How moves are written: absent, the usual ways. */
  ways: z.optional(notationWaysSchema),
  /** In which order the forcing moves are read. */
  readingOrder: z._default(readingOrderSchema, [...FORCING_KINDS]),
  /** Pictures in a child's key, from the next one that is made. */
  keyLength: z._default(z.literal(KEY_LENGTHS), USUAL_KEY_LENGTH),
  /** Mates are also called by a name in its loose reading, where books differ. */
  areLooseNamesShown: z._default(z.boolean(), false),
});
export type ClubSettings = z.infer<typeof clubSettingsSchema>;

export interface ClubPage {
  readonly name: string;
  readonly settings: ClubSettings;
  /** Only a lead changes what holds for every class. */
  readonly mayChange: boolean;
}
