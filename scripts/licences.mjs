// Checks the licence of every installed package and that THIRD-PARTY-NOTICES.md names what ships.
//   node scripts/licences.mjs           check
//   node scripts/licences.mjs --write   write the notices anew
import { readFileSync, writeFileSync } from 'node:fs';
import { init } from 'license-checker-rseidelsohn';

const FILE = 'THIRD-PARTY-NOTICES.md';
/** Licences a product under MIT may carry along; OFL covers the fonts. */
const FREE = [
  'MIT',
  'MIT-0',
  'ISC',
  'BSD-2-Clause',
  'BSD-3-Clause',
  '0BSD',
  'Apache-2.0',
  'CC0-1.0',
  'Unlicense',
  'BlueOak-1.0.0',
  'OFL-1.1',
  'Python-2.0',
  'CC-BY-4.0',
  'Zlib',
];
/** Tools that are used while building and testing only may be under these too. */
const TOOLS = [...FREE, 'MPL-2.0', 'LGPL-3.0-or-later', 'GPL-3.0-or-later', 'CC-BY-3.0'];

const read = (options) =>
  new Promise((resolve, reject) =>
    init({ start: '.', excludePrivatePackages: true, ...options }, (error, found) =>
      error ? reject(error) : resolve(found),
    ),
  );

/** "(MIT OR GPL-2.0)" is free when one side is, "MIT AND ISC" when both are. */
function isAllowed(text, allowed) {
  const bare = String(text).replace(/[()*]/g, '').trim();
  if (bare.includes(' OR ')) return bare.split(' OR ').some((part) => isAllowed(part, allowed));
  if (bare.includes(' AND ')) return bare.split(' AND ').every((part) => isAllowed(part, allowed));
  return bare.split(',').every((part) => allowed.includes(part.trim()));
}

const shipped = await read({ production: true });
const all = await read({});
const bad = [
  ...Object.entries(shipped).filter(([, { licenses }]) => !isAllowed(licenses, FREE)),
  ...Object.entries(all).filter(([name, { licenses }]) => !(name in shipped) && !isAllowed(licenses, TOOLS)),
];
for (const [name, { licenses }] of bad)
  console.error(`${name} is under ${licenses}, which is not on the list in scripts/licences.mjs.`);

// Packages for one platform only would differ from machine to machine.
const isPlatform = (name) => /(linux|darwin|win32|freebsd|android)-/.test(name);
const rows = Object.entries(shipped)
  .filter(([name]) => !isPlatform(name) && !name.startsWith('vorschule@') && !name.startsWith('sharp@0.0.1'))
  .map(([name, { licenses, publisher }]) => `| ${name} | ${licenses} | ${publisher ?? ''} |`)
  .sort();
const text = `# Third-party notices

Vorschule ships with or is built on these packages; each keeps its own licence, whose text lies in its folder under
\`node_modules\`. Written by \`npm run notices\`; the test run checks that it is up to date.

The typeface is **Andika** by SIL International, under the SIL Open Font License 1.1 (packages @fontsource/andika for screens and @expo-google-fonts/andika for paper). The icons of
the children's keys and of buttons are from Tabler Icons (MIT). The chess men, the board and the sign are our own drawings.

| package | licence | by |
| --- | --- | --- |
${rows.join('\n')}
`;
if (process.argv.includes('--write')) writeFileSync(FILE, text);
const isCurrent = readFileSync(FILE, 'utf8') === text;
if (!isCurrent) console.error(`${FILE} is out of date. Run: npm run notices`);
console.log(
  `${Object.keys(shipped).length} packages shipped, ${Object.keys(all).length} installed, ${bad.length} not allowed`,
);
process.exit(bad.length === 0 && isCurrent ? 0 : 1);
