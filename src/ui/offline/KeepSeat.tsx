'use client';
import { Button } from '@/ui/controls';
import { usePathname } from 'next/navigation';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { v4 as makeUuid } from 'uuid';
import type { StudentId } from '@/contracts/ids';
import { SEAT_WORKER } from '@/contracts/seatCaches';
import { isEmptied, useOutbox, useShownOutbox, useSuggestions } from '@/ui/sending';
import classes from './KeepSeat.module.css';
import { forgetPages, keepPage } from './keptPages';
import { tellUnsent } from './unsent';
import * as seatPagesText from '@/text/screens/seatPages';

const TELL_MS = 20_000;
/** The page has loaded what it needs by then. */
const SETTLE_MS = 1500;
const OWNER_KEY = 'vorschule-kept-for';
const TOLD_KEY = 'vorschule-told-no-offline';
const HOME = '/seat';

/** On every page of the seat: keeps the page for offline use where the browser allows it, and reports answers that could not be sent. */
export function KeepSeat({ studentId }: { readonly studentId: StudentId }) {
  const path = usePathname();
  useEffect(() => {
    const timers = [window.setTimeout(tell, SETTLE_MS), window.setInterval(tell, TELL_MS)];
    return () => timers.forEach((timer) => window.clearTimeout(timer));
  }, []);
  useEffect(() => {
    if (!canKeep()) return;
    const timer = window.setTimeout(() => void keep(studentId, path), SETTLE_MS);
    return () => window.clearTimeout(timer);
  }, [studentId, path]);
  return (
    <>
      <SendKept studentId={studentId} />
      {path === HOME && <NoOfflineNote />}
    </>
  );
}

const tell = () => void tellUnsent(window.localStorage, makeUuid);

/** Browsers let a page be kept over https only, and on the device itself. */
const canKeep = () => window.isSecureContext && 'serviceWorker' in navigator && 'caches' in window;

async function keep(studentId: StudentId, path: string): Promise<void> {
  if (window.localStorage.getItem(OWNER_KEY) !== String(studentId)) {
    await forgetPages();
    window.localStorage.setItem(OWNER_KEY, String(studentId));
  }
  try {
    await navigator.serviceWorker.register(SEAT_WORKER, { scope: HOME });
  } catch {
    // The browser does not want to: the seat works as it does without.
    return;
  }
  const files = performance
    .getEntriesByType('resource')
    .map(({ name }) => name)
    .filter((name) => new URL(name).pathname.startsWith('/_next/static/'));
  await keepPage(path, files);
}

/**
 * What was answered here without a network is sent as soon as its child is back, on whatever page. That nothing is left is reported at
 * once: a child who closes the page then is not listed to the coach for a day as one whose answers wait.
 */
function SendKept({ studentId }: { readonly studentId: StudentId }) {
  const answers = useOutbox(studentId).state;
  useShownOutbox(studentId);
  const suggestions = useSuggestions(studentId).state;
  useEffect(() => {
    if (isEmptied(answers) || isEmptied(suggestions)) tell();
  }, [answers, suggestions]);
  return null;
}

const subscribeToNothing = () => () => undefined;

/** Shown once on a device that can't open a page offline. */
function NoOfflineNote() {
  const [isRead, setRead] = useState(false);
  const isNews = useSyncExternalStore(
    subscribeToNothing,
    () => !canKeep() && window.localStorage.getItem(TOLD_KEY) === null,
    () => false,
  );
  if (isRead || !isNews) return null;
  return (
    <p className={classes.note} role="note">
      <span>{seatPagesText.offline}</span>
      <Button
        size="small"
        variant="default"
        onClick={() => {
          window.localStorage.setItem(TOLD_KEY, 'yes');
          setRead(true);
        }}
      >
        {seatPagesText.ok}
      </Button>
    </p>
  );
}
