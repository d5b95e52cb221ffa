/**
 * `npx jest -t ID`, with the id of a family of exercises, looks only into files that name the family or go through all of them: loading the
 * other hundred takes a minute and finds nothing.
 */
const { existsSync, readFileSync } = require('node:fs');
const path = require('node:path');

/** What goes through every family. */
const ALL = /\b(EXERCISE_IDS|describeFamilies)\b/;

function findFamily(words) {
  const at = words.findIndex((word) => word === '-t' || word.startsWith('--testNamePattern'));
  const said = at < 0 ? undefined : (words[at].split('=')[1] ?? words[at + 1]);
  const file = path.join(__dirname, '../../src/text/families', `${said}.ts`);
  return said !== undefined && /^[a-z-]+$/.test(said) && existsSync(file) ? said : undefined;
}

module.exports = async function keepFamilyFiles(files) {
  const family = findFamily(process.argv);
  if (family === undefined) return { filtered: files };
  return {
    filtered: files.filter((file) => {
      const text = readFileSync(file, 'utf8');
      return text.includes(family) || ALL.test(text);
    }),
  };
};
