/**
 * A second language in a minute: every sentence that `text` makes, in brackets. It implements the same interface as the first one, module
 * by module, so what stands on a screen without brackets did not come from there.
 */
import { readdirSync } from 'node:fs';
import path from 'node:path';

const TEXT = path.join(__dirname, '../../src/text');
/** What `text` exports that is no sentence: the reading of a search, and marks of its own. */
const NO_SENTENCES = new Set(['findPatterns', 'asWritten', 'capital', 'HARVEST_CHOICES']);

/** What somebody wrote, as a name: data is no sentence, and is marked so that it is not taken for one. */
export const data = (written: string): string => `⟦${written}⟧`;

function inBrackets<Value>(value: Value): Value;
function inBrackets(value: unknown): unknown {
  if (typeof value === 'string') return value === '' ? value : data(value);
  if (typeof value === 'function')
    return (...given: unknown[]) => inBrackets((value as (...given: unknown[]) => unknown)(...given));
  if (Array.isArray(value)) return value.map((part: unknown) => inBrackets(part));
  if (value instanceof Map) return new Map([...value].map(([key, part]) => [key, inBrackets(part)]));
  if (typeof value === 'object' && value !== null && !('then' in value))
    return Object.fromEntries(Object.entries(value).map(([key, part]) => [key, inBrackets(part)]));
  if (value instanceof Promise) return value.then((part: unknown) => inBrackets(part));
  return value;
}

/** The same module, speaking in brackets. */
function translate<Module extends object>(module: Module): Module {
  return Object.fromEntries(
    Object.entries(module).map(([name, value]) => [
      name,
      NO_SENTENCES.has(name) ? (value as unknown) : inBrackets(value as unknown),
    ]),
  ) as Module;
}

/** From here on everything that is imported speaks in brackets. */
export function speakInBrackets(): void {
  const modules = [
    '@/text',
    '@/text/loadFamilyWords',
    ...readdirSync(path.join(TEXT, 'screens')).map((file) => `@/text/screens/${path.parse(file).name}`),
  ];
  for (const name of modules)
    jest.doMock(name, () => ({ __esModule: true, ...translate(jest.requireActual<object>(name)) }));
}

const SPEAKING = ['aria-label', 'title', 'placeholder', 'alt', 'aria-description', 'aria-roledescription'];
/** Squares, moves and results are the same in every language. */
const NOTATION = /^(?:[KQRBNPO1-8a-hx=+#\-–/½,.:()…!?\d\s]|\.\.\.)*$/;

/** What stands under an element without brackets round it. */
export function listUnspoken(root: Element): string[] {
  const shown: string[] = [];
  const walker = document.createTreeWalker(root, NodeFilter.SHOW_TEXT | NodeFilter.SHOW_ELEMENT);
  for (let node = walker.nextNode(); node !== null; node = walker.nextNode()) {
    if (node instanceof Element) {
      if (node.tagName === 'STYLE' || node.tagName === 'SCRIPT') continue;
      for (const name of SPEAKING) shown.push(node.getAttribute(name) ?? '');
    } else if (!['STYLE', 'TEXTAREA'].includes(node.parentElement?.tagName ?? ''))
      shown.push(node.textContent ?? '');
  }
  return shown.map(withoutBrackets).filter((rest) => /[A-Za-z]{2}/.test(rest) && !NOTATION.test(rest));
}

function withoutBrackets(text: string): string {
  let depth = 0;
  let rest = '';
  for (const letter of text) {
    if (letter === '⟦') depth += 1;
    else if (letter === '⟧') depth -= 1;
    else if (depth === 0) rest += letter;
  }
  return rest.trim();
}
