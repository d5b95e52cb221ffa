/** Why an answer of a child could not be saved, for its coaches. Reasons are fault codes; others come from a newer version. */
export function refusedText(reason: string): string {
  switch (reason) {
    case 'server/failed':
      return 'Vorschule could not save this answer yet. The device keeps it and sends it again.';
    case 'round/gone':
      return 'This answer belongs to a set or lesson that is no longer there for this child.';
    case 'answer/another-mode':
    case 'live/no-such-move':
      return 'This answer does not fit its task. The device may have an old page open: load it again.';
    default:
      return 'The device sent something that cannot be read. Load the page there again.';
  }
}
