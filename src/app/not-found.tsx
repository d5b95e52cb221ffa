import { MissingNotice } from './_parts/MissingNotice';

export default function NotFound() {
  return (
    <main>
      <MissingNotice />
    </main>
  );
}
