/** The documents as tests read them: their code blocks, commands and links. */
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';

const ROOTS = ['README.md', 'ARCHITECTURE.md', 'CONTRIBUTING.md'];

export function listDocs(): string[] {
  const inDocs = readdirSync('docs', { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.md'))
    .map((file) => path.join('docs', file));
  return [...ROOTS, ...inDocs.sort()];
}

export const readDoc = (file: string) => readFileSync(file, 'utf8');

/** Lines of code blocks for a shell, without comments. */
export function listShellLines(text: string): string[] {
  return [...text.matchAll(/^```sh\n([\s\S]*?)^```$/gm)]
    .flatMap(([, block = '']) => block.split('\n'))
    .map((line) => line.replace(/\s+#.*$/, '').trim())
    .filter((line) => line !== '' && !line.startsWith('#'));
}

/** Everything written as a command of ours, in blocks and in sentences, as words. */
export function listOwnCommands(text: string): string[][] {
  const inSentences = [...text.matchAll(/`(\.\/vorschule [^`]+)`/g)].map(([, command = '']) => command);
  return [...listShellLines(text), ...inSentences]
    .flatMap((line) => line.split(/\s[|;&]+\s/))
    .map(splitWords)
    .filter(([program]) => program === './vorschule')
    .map(([, ...words]) => words);
}

/** Words between blanks; what stands between quotation marks is one word. */
function splitWords(line: string): string[] {
  return [...line.matchAll(/"([^"]*)"|'([^']*)'|(\S+)/g)].map(
    ([, double, single, bare]) => double ?? single ?? bare ?? '',
  );
}

export const listScripts = (text: string) =>
  [...text.matchAll(/npm run ([a-z:]+)/g)].map(([, name = '']) => name);

/** Where links and pictures of a document lead, without those to the web and within the page. */
export function listLinks(file: string, text: string): string[] {
  return [...text.matchAll(/\]\(([^)#\s]+)[^)]*\)/g)]
    .map(([, target = '']) => target)
    .filter((target) => !/^https?:/.test(target))
    .map((target) => path.join(path.dirname(file), target));
}
