'use client';
import { useRouter } from 'next/navigation';
import { useRef } from 'react';
import { NEWS_EVERY_MS, pageNewsSchema } from '@/contracts/news';
import { useNews } from '@/ui/news';

/** What changes seldom (a name, a way of the class) is no news: the page is fetched whole for it now and then. */
const WHOLE_EVERY_MS = 60_000;

/**
 * Asks every few seconds whether there is news for the page, and fetches its data anew when there is. A server that is away answers nothing:
 * what somebody is looking at stays.
 */
export function AutoRefresh({ address, cursor }: { readonly address: string; readonly cursor: string }) {
  const router = useRouter();
  const fetchedMs = useRef<number>(undefined);
  useNews({
    addressOf: () => address,
    everyMs: NEWS_EVERY_MS,
    read(answer) {
      const news = pageNewsSchema.safeParse(answer);
      if (!news.success) return false;
      const nowMs = Date.now();
      fetchedMs.current ??= nowMs;
      if (news.data.cursor !== cursor || nowMs - fetchedMs.current > WHOLE_EVERY_MS) {
        fetchedMs.current = nowMs;
        router.refresh();
      }
      return true;
    },
  });
  return null;
}
