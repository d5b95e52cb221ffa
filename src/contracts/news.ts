import { z } from 'zod/mini';

/** How often an open page asks whether there is news, in milliseconds: what a child does is seen within so long. */
export const NEWS_EVERY_MS = 4000;

/** What an open page asks for again and again: a cursor that changes as soon as the page would show something new. It says nothing by itself. */
export const pageNewsSchema = z.object({ cursor: z.string().check(z.maxLength(5000)) });
export type PageNews = z.infer<typeof pageNewsSchema>;
