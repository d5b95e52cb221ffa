/** The longest answer there can be is far below this. */
const MOST_BYTES = 256 * 1024;

/** Undefined for what is too long or no JSON: the schema then names what is missing. No more is read than an answer can be. */
export async function readJson(body: AsyncIterable<Uint8Array> | null): Promise<unknown> {
  const decoder = new TextDecoder();
  let text = '';
  let bytes = 0;
  try {
    for await (const part of body ?? []) {
      bytes += part.length;
      if (bytes > MOST_BYTES) return undefined;
      text += decoder.decode(part, { stream: true });
    }
    return JSON.parse(text + decoder.decode());
  } catch {
    // Not JSON, or the connection broke off while it came.
    return undefined;
  }
}
