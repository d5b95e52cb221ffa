// npm leaves optional packages of other platforms out of the lock it writes, and `npm ci` then refuses the lock as
// incomplete. This adds a stub (version, os, cpu, libc, optional) for each one missing. What a stub is for is read off its
// name, the convention of all such packages; it is never installed on a platform it does not name.
import { readFileSync, writeFileSync } from 'node:fs';

const FILE = 'package-lock.json';
const SYSTEMS = [
  'aix',
  'android',
  'darwin',
  'freebsd',
  'linux',
  'netbsd',
  'openbsd',
  'openharmony',
  'sunos',
  'win32',
];
const PROCESSORS = [
  'arm',
  'arm64',
  'ia32',
  'loong64',
  'mips64el',
  'ppc64',
  'riscv64',
  's390x',
  'wasm32',
  'x64',
];
const lock = JSON.parse(readFileSync(FILE, 'utf8'));

function platformOf(name) {
  const words = name.split(/[-/]/).map((word) => (/^arm(eabi|v7)?$/.test(word) ? 'arm' : word));
  const pick = (known) => words.filter((word) => known.includes(word));
  const os = pick(SYSTEMS);
  const cpu = name.includes('wasm32') ? ['wasm32'] : pick(PROCESSORS);
  const libc = /musl/.test(name) ? ['musl'] : os.includes('linux') && /gnu/.test(name) ? ['glibc'] : [];
  return { ...(cpu.length && { cpu }), ...(libc.length && { libc }), ...(os.length && { os }) };
}

/** Folders in which node looks for a dependency of the package at `path`, nearest first. */
function foldersFor(path) {
  const folders = [`${path}/node_modules`];
  for (let up = path; up.includes('node_modules/');) {
    up = up.slice(0, up.lastIndexOf('node_modules/'));
    folders.push(`${up}node_modules`);
  }
  return folders;
}

let added = 0;
for (const [path, entry] of Object.entries(lock.packages)) {
  if (path === '') continue;
  for (const [name, version] of Object.entries(entry.optionalDependencies ?? {})) {
    if (!/^\d+\.\d+\.\d+/.test(version)) continue;
    const folders = foldersFor(path);
    const found = folders.map((folder) => lock.packages[`${folder}/${name}`]).find(Boolean);
    if (found?.version === version) continue;
    const folder = found === undefined ? folders.at(-1) : folders[0];
    lock.packages[`${folder}/${name}`] = {
      version,
      ...(entry.dev && { dev: true }),
      optional: true,
      ...platformOf(name),
    };
    added += 1;
  }
}
const { '': root, ...others } = lock.packages;
const sorted = Object.entries(others).sort(([one], [other]) => (one < other ? -1 : 1));
lock.packages = { '': root, ...Object.fromEntries(sorted) };
writeFileSync(FILE, `${JSON.stringify(lock, undefined, 2)}\n`);
console.log(`${added} optional packages added to the lock`);
