'use client';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';

/**
 * Fetches the page's data anew every few seconds while it is being looked at. The server is asked first whether it is well: a page that is
 * fetched from one that is away would be replaced by nothing, and what a coach is looking at should stay.
 */
export function AutoRefresh({ everyMs }: { everyMs: number }) {
  const router = useRouter();
  useEffect(() => {
    const refresh = async () => {
      if (document.visibilityState === 'visible' && (await isServerWell())) router.refresh();
    };
    const timer = setInterval(() => void refresh(), everyMs);
    return () => clearInterval(timer);
  }, [router, everyMs]);
  return null;
}

async function isServerWell(): Promise<boolean> {
  try {
    return (await fetch('/api/health', { cache: 'no-store' })).ok;
  } catch {
    // No network or no server: the page stays as it is.
    return false;
  }
}
