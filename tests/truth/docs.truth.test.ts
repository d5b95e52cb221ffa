/** What the documents say can be done: commands that exist, links that lead somewhere, pictures that are there. */
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { checkCommand } from '@/cli/commands';
import { listDocs, listLinks, listOwnCommands, listScripts, readDoc } from '../support/docs';

const DOCS = listDocs();
const { scripts } = JSON.parse(readFileSync('package.json', 'utf8')) as { scripts: Record<string, string> };

test('there are documents, and commands in them', () => {
  expect(DOCS.length).toBeGreaterThan(20);
  expect(DOCS.flatMap((file) => listOwnCommands(readDoc(file))).length).toBeGreaterThan(40);
});

test.each(DOCS)('%s: its commands are understood, its scripts and links exist', (file) => {
  const text = readDoc(file);
  for (const words of listOwnCommands(text)) expect(() => checkCommand(words)).not.toThrow();
  for (const name of listScripts(text))
    expect([name, Object.keys(scripts).includes(name)]).toEqual([name, true]);
  for (const target of listLinks(file, text)) expect([target, existsSync(target)]).toEqual([target, true]);
});

test('the README is short and leads to every current picture', () => {
  const text = readDoc('README.md');
  expect(text.split('\n').length).toBeLessThanOrEqual(120);
  const pictures = readdirSync('docs/screenshots').map((name) => `docs/screenshots/${name}`);
  expect(pictures.filter((picture) => !text.includes(`(${picture})`))).toEqual([]);
});

test('the architecture leads to every room', () => {
  const text = readDoc('ARCHITECTURE.md');
  const rooms = readdirSync('docs/rooms').map((name) => `docs/rooms/${name}`);
  expect(rooms.filter((room) => !text.includes(`(${room})`))).toEqual([]);
});
