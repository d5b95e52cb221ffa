'use client';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';

/** Fetches the page's data anew every few seconds while it is being looked at. */
export function AutoRefresh({ everyMs }: { everyMs: number }) {
  const router = useRouter();
  useEffect(() => {
    const timer = setInterval(() => {
      if (document.visibilityState === 'visible') router.refresh();
    }, everyMs);
    return () => clearInterval(timer);
  }, [router, everyMs]);
  return null;
}
