'use client';
import { FailedNotice } from './_parts/FailedNotice';

export default function Failed({ reset }: { error: Error; reset: () => void }) {
  return (
    <main>
      <FailedNotice reset={reset} />
    </main>
  );
}
