import type { KeyPicture } from '@/contracts/people';
import { PICTURE_WORDS } from '@/text';
import { KeyPictureIcon } from './KeyPicture';

/** A key to be copied: its pictures in order, each with its word. */
export function KeyCard({ pictures }: { pictures: readonly KeyPicture[] }) {
  return (
    <ol style={{ display: 'flex', gap: '1rem', listStyle: 'none', padding: 0, margin: 0 }}>
      {pictures.map((picture, index) => (
        <li key={index} style={{ textAlign: 'center', flex: 1 }}>
          <KeyPictureIcon picture={picture} size={56} />
          <br />
          <strong>
            {index + 1}. {PICTURE_WORDS[picture]}
          </strong>
        </li>
      ))}
    </ol>
  );
}
