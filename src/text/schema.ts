/** The schema waits for another start that changes it; `owner` says where that runs. */
export const schemaWaitText = (owner: string) =>
  `Another start is at work on this database (${owner}); waiting for it ...`;
