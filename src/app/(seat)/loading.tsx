export default function Loading() {
  return (
    <p role="status" style={{ textAlign: 'center', minHeight: '80vh', paddingTop: '30vh' }}>
      One moment ...
    </p>
  );
}
