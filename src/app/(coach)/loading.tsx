import { Loader } from '@mantine/core';

export default function Loading() {
  return (
    <div style={{ minHeight: '60vh', display: 'grid', placeItems: 'center' }} role="status">
      <span style={{ display: 'inline-flex', gap: '0.75rem', alignItems: 'center' }}>
        <Loader size="sm" aria-hidden /> Fetching ...
      </span>
    </div>
  );
}
