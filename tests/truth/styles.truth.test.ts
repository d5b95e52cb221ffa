/** Styles are modules: every class a screen asks for is in its file, and none is left that no screen asks for. */
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';

const ROOT = path.join(__dirname, '..', '..', 'src');

const SOURCES = readdirSync(ROOT, { recursive: true, encoding: 'utf8' })
  .filter((file) => /\.tsx?$/.test(file) && !file.includes('.test.'))
  .map((file) => ({ file, text: readFileSync(path.join(ROOT, file), 'utf8') }));

/** The file a style module is imported from, from src on. */
function fileOf(importer: string, from: string): string {
  return from.startsWith('@/') ? from.slice(2) : path.join(path.dirname(importer), from);
}

/** Every use of a class, by the file of its module; `any`: a class is asked for by a name that is made. */
const uses = SOURCES.flatMap(({ file, text }) =>
  [...text.matchAll(/import (\w+) from '([^']+\.module\.css)';/g)].map(([, alias = '', from = '']) => ({
    file,
    module: fileOf(file, from),
    names: [...text.matchAll(new RegExp(`(?<![.\\w])${alias}\\.(\\w+)`, 'g'))].map(([, name = '']) => name),
    isAny: new RegExp(`\\b${alias}\\[`).test(text),
  })),
);

const classesOf = (module: string) =>
  new Set(
    [...readFileSync(path.join(ROOT, module), 'utf8').matchAll(/\.([a-zA-Z][\w-]*)(?=[\s:,.>+~[{)])/g)].map(
      ([, name = '']) => name,
    ),
  );

test('there are style modules to look at', () => expect(uses.length).toBeGreaterThan(80));

test.each(uses.map((use) => [use.file, use] as const))('%s asks for classes that are there', (_, use) => {
  const known = classesOf(use.module);
  expect(use.names.filter((name) => !known.has(name))).toEqual([]);
});

test.each([...new Set(uses.map(({ module }) => module))])(
  '%s holds no class that nobody asks for',
  (module) => {
    const own = uses.filter((use) => use.module === module);
    if (own.some(({ isAny }) => isAny)) return;
    const asked = new Set(own.flatMap(({ names }) => names));
    expect([...classesOf(module)].filter((name) => !asked.has(name))).toEqual([]);
  },
);
