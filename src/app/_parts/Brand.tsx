import * as shellText from '@/text/screens/shell';
/** The name with our sign: a hatched board, the mover's edge and its notch. */
export function Brand({ size = 36 }: { size?: number }) {
  return (
    <span
      style={{
        display: 'inline-flex',
        alignItems: 'center',
        gap: '0.55rem',
        fontWeight: 700,
        fontSize: '1.25rem',
      }}
    >
      {/* eslint-disable-next-line @next/next/no-img-element -- a small vector picture needs no image service */}
      <img src="/icon.svg" width={size} height={size} alt="" />
      {shellText.productName}
    </span>
  );
}
