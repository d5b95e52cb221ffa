'use client';
import { FailedNotice } from './_parts/FailedNotice';

export default function Failed({ retry }: { error: Error; retry: () => void }) {
  return (
    <main>
      <FailedNotice retry={retry} />
    </main>
  );
}
