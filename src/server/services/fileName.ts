/** Letters and digits with hyphens between, for any file system: "Mates in two: Boden" -> "mates-in-two-boden". */
export function makeFileName(title: string, ending: string): string {
  const name = title
    .normalize('NFD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, 60)
    .replace(/^-+|-+$/g, '');
  return `${name === '' ? 'set' : name}.${ending}`;
}
