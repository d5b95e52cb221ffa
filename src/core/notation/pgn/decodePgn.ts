/** Bytes of a file as text. */
import { failure, success, type Result } from '../../shared';

export type EncodingFault = { readonly code: 'pgn/binary'; readonly at: number };

/**
 * UTF-8 with or without its mark, UTF-16 with its mark, else Latin-1, which the PGN standard names as its character set (section 4.1).
 * A file with other control characters than line ends and tabs is no text. Every line ends with a line feed, whatever the system wrote.
 */
export function decodePgn(bytes: Uint8Array): Result<string, EncodingFault> {
  const wide =
    bytes[0] === 0xff && bytes[1] === 0xfe
      ? 'utf-16le'
      : bytes[0] === 0xfe && bytes[1] === 0xff
        ? 'utf-16be'
        : undefined;
  if (wide !== undefined) return success(withLineFeeds(new TextDecoder(wide).decode(bytes)));
  const at = bytes.findIndex((byte) => byte < 9 || (byte > 13 && byte < 27));
  if (at >= 0) return failure({ code: 'pgn/binary', at });
  // As a stream: a file that breaks off within a letter is still UTF-8.
  const text = new TextDecoder('utf-8').decode(bytes, { stream: true });
  return success(withLineFeeds(text.includes('\uFFFD') ? new TextDecoder('latin1').decode(bytes) : text));
}

function withLineFeeds(text: string): string {
  return text.replace(/\r\n?/g, '\n');
}
