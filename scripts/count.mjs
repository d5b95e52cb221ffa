// Prints the share of test lines: code lines that are neither blank nor whole-line comments.
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';

const files = execFileSync('git', ['ls-files', '-co', '--exclude-standard', '*.ts', '*.tsx'], {
  encoding: 'utf8',
})
  .split('\n')
  .filter(Boolean);
const isTest = (file) => file.startsWith('tests/') || /\.(test|test-d)\.tsx?$/.test(file);
const lines = (file) =>
  readFileSync(file, 'utf8')
    .split('\n')
    .filter((line) => !/^\s*(\/\/.*|\/?\*.*)?$/.test(line)).length;
const sum = (list) => list.reduce((total, file) => total + lines(file), 0);
const tests = sum(files.filter(isTest));
const code = sum(files.filter((file) => !isTest(file)));
console.log(
  `code ${code} lines, tests ${tests} lines: tests are ${Math.round((100 * tests) / (code + tests))} %`,
);
