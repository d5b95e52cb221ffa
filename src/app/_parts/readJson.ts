/** The longest answer there can be is far below this. */
const MOST_BYTES = 256 * 1024;

/** Undefined for what is too long or no JSON: the schema then names what is missing. No more is read than an answer can be. */
export async function readJson(request: Request): Promise<unknown> {
  const decoder = new TextDecoder();
  let text = '';
  let bytes = 0;
  try {
    for await (const chunk of request.body ?? []) {
      const part = chunk as Uint8Array;
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
