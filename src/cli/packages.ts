import { hasProgram, runHere } from './processes';
import { Advice, say } from './say';

/** Installs a Debian package when its program is missing; needs to be root or a password-free sudo. */
export function needProgram(program: string, debianPackage: string): void {
  if (hasProgram(program)) return;
  say(`Installing Debian's ${debianPackage} ...`);
  const isRoot = process.getuid?.() === 0;
  const sudo = isRoot ? [] : ['sudo', '-n'];
  const apt = (...words: string[]) => {
    const [command = 'apt-get', ...rest] = [...sudo, 'apt-get', ...words];
    return runHere(command, rest, { DEBIAN_FRONTEND: 'noninteractive' });
  };
  const isInstalled =
    hasProgram('apt-get') &&
    apt('update', '-qq') === 0 &&
    apt('install', '-y', '-qq', '--no-install-recommends', debianPackage) === 0;
  if (!isInstalled || !hasProgram(program)) {
    throw new Advice(
      `Vorschule needs ${program}, and installing it did not work. As an administrator, run ` +
        `"apt-get install ${debianPackage}", then start this command again.`,
    );
  }
}
