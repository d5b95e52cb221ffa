/** Messages go to stderr, so that what a command computes can be piped from stdout. */
export function say(text: string): void {
  process.stderr.write(`${text}\n`);
}

/** A failure the person at the keyboard can mend: printed as it is, without a stack. */
export class Advice extends Error {}

/** A command line that was not understood: exit code 2. */
export class UsageAdvice extends Advice {}
