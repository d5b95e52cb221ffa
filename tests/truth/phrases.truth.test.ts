/** Wordings that sounded translated to native ears and have better ones now: none comes back to a screen, to paper or to a document. */
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { listDocs, readDoc } from '../support/docs';

const GONE = [
  'What it can',
  'What it does not see',
  'Its own games',
  'Its next round',
  'What there is of it',
  'Asked was',
  'Right is:',
  'for nothing',
  'nobody stands there',
  'slantwise',
  'officer',
  'stands alone',
  'A mate threatens',
  'One may not pass',
  'lies on the seats',
  'lies on your place',
  'Little comes right',
  'comes right at once',
  'It broke off',
  'Hold it',
  'Were held',
  'Really take',
  'Take away:',
  'Keep it',
  'Tell the first',
  'All told',
  'Taught is',
  'like needs',
  'Page before',
  'Bring in',
  'seats are not heard',
  'do not fit together',
  'wipe what',
  'What men are worth',
  'How the men go',
  'those who may have it',
  'has moved once may not',
  'right at once',
  'the own ',
  'Own men',
  'own men',
  'given up for',
  'is given up on',
  'takes back',
  'no mate any more',
  'is asked about here',
  'man stands',
  'men stand',
  'Tell the whole',
  'passed over',
  'with this mail',
  'compared with nobody',
  'on the seats of',
  'soon as it can be',
  'becomes of it',
  'Put them into',
  'Put it in',
  'looked through',
  'no child of ours',
  'there before in',
  'is laid down on',
  'lesson runs at',
  'one defence only',
];

/** What stands in the code for readers of code alone. */
const withoutComments = (text: string) =>
  text.replace(/\/\*[\s\S]*?\*\//g, '').replace(/(^|[^:])\/\/.*$/gm, '$1');

const listFiles = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile() && /\.tsx?$/.test(entry.name) && !entry.name.includes('.test.'))
    .map((entry) => path.join(entry.parentPath, entry.name));

test.each(['src/text', 'src/ui', 'src/app', 'src/server', 'src/print', 'src/cli'])('%s', (folder) => {
  const found = listFiles(folder).flatMap((file) => {
    const text = withoutComments(readFileSync(file, 'utf8'));
    // Codes of notes are no sentences.
    const said = text.replace(/'[a-z]+(?:-[a-z]+)+'/g, '');
    return GONE.filter((phrase) => said.includes(phrase)).map((phrase) => `${file}: ${phrase}`);
  });
  expect(found).toEqual([]);
});

test('documents', () => {
  const found = listDocs().flatMap((file) => {
    const text = readDoc(file);
    return GONE.filter((phrase) => text.includes(phrase)).map((phrase) => `${file}: ${phrase}`);
  });
  expect(found).toEqual([]);
});
