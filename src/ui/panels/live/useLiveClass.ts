'use client';
import { useState } from 'react';
import { liveNewsAnswerSchema } from '@/contracts/live';
import { gather, NOTHING_GATHERED, type Gathered } from './answers';
import { useNews, type NewsState } from '@/ui/news';

/** Answers are told within two seconds. */
const EVERY_MS = 1000;

/** The class as it answers, read from the stored rows every second. */
export function useLiveClass(classId: number): { readonly gathered: Gathered; readonly reading: NewsState } {
  const [gathered, setGathered] = useState(NOTHING_GATHERED);
  const reading = useNews({
    addressOf() {
      const { news } = gathered;
      const query = new URLSearchParams();
      if (news?.question !== undefined) {
        query.set('questionId', String(news.question.questionId));
        query.set('sinceMs', String(news.nowMs));
      }
      return `/api/live/${classId}?${query.toString()}`;
    },
    everyMs: EVERY_MS,
    read(answer) {
      const parsed = liveNewsAnswerSchema.safeParse(answer);
      if (parsed.success) setGathered((known) => gather(known, parsed.data));
      return parsed.success;
    },
  });
  return { gathered, reading };
}
