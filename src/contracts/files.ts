import { z } from 'zod/mini';

export const FILE_FORMATS = ['pgn', 'epd', 'csv', 'json'] as const;
export type FileFormat = (typeof FILE_FORMATS)[number];

export const setFileSchema = z.object({ as: z.enum(FILE_FORMATS) });

/** A file of text ready to be sent. */
export interface TextFile {
  readonly name: string;
  /** Its media type. */
  readonly type: string;
  readonly text: string;
}
