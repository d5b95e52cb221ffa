'use client';
import { usePathname, useSearchParams } from 'next/navigation';
import { useEffect, useState } from 'react';
import styles from './FetchingNote.module.css';
import * as shellText from '@/text/screens/shell';

/**
 * Says that the next page is on its way. A page that is streamed behind a placeholder has been called found before anybody knows whether it
 * is there; so pages are sent whole, with their true status, and this note stands above the old one until then.
 */
export function FetchingNote() {
  const place = `${usePathname()}?${useSearchParams().toString()}`;
  const [leaving, setLeaving] = useState<string | undefined>();
  useEffect(() => {
    const listen = (event: MouseEvent) => {
      if (leadsElsewhere(event)) setLeaving(place);
    };
    // Before the link itself hears it, for it prevents what a browser would do.
    document.addEventListener('click', listen, true);
    return () => document.removeEventListener('click', listen, true);
  }, [place]);
  const isFetching = leaving === place;
  return (
    <p role="status" className={styles.fetching} data-on={isFetching || undefined}>
      {isFetching ? shellText.fetching : ''}
    </p>
  );
}

/** Is this a click that opens another page of ours in this window? */
function leadsElsewhere(event: MouseEvent): boolean {
  if (event.button !== 0 || event.metaKey || event.ctrlKey || event.shiftKey || event.altKey) return false;
  const link = event.target instanceof Element ? event.target.closest('a') : null;
  if (link === null || link.target !== '' || link.hasAttribute('download')) return false;
  const { origin, pathname, search } = new URL(link.href, window.location.href);
  // Files are saved or shown in a window of their own.
  if (origin !== window.location.origin || /^\/(files|print)\//.test(pathname)) return false;
  return pathname + search !== window.location.pathname + window.location.search;
}
