/** Ends an exhaustive switch: a new member of the union fails the build here. */
export function assertNever(value: never): never {
  throw new Error(`Unhandled case: ${JSON.stringify(value)}`);
}
