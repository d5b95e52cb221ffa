export const find = 'Search';

export const howMany = 'How many';

export const surpriseMe = 'Pick some for me, easy to hard';

export const looking = 'Looking ...';

export const saveAsEpd = (part: string) => `Save ${part} as EPD`;

export const addThemTo = 'Add them to';

export const addToSet = (count: string) => `Add ${count} to the set`;

export const openSet = 'Open the set';

export const allCount = (toLocaleString: string) => `all ${toLocaleString}`;

export const nextPage = 'Next page';

export const previousPage = 'Previous page';

export const noneFound = 'The library has no mate like this. Choose fewer filters, or compose some.';

export const newToClass = (className: string) => ` new to ${className}`;

export const easiestFirst = (what: string, isNew: string) => `${what}${isNew}, the easiest first.`;

export const noMoreIdeas = (itemsCount: number, what: string, isNew: string) =>
  `${itemsCount} of ${what}${isNew}, each with an idea of its own: there are no more ideas.`;

export const fromEasyToHard = (itemsCount: number, what: string, isNew: string) =>
  `${itemsCount} of ${what}${isNew}, from easy to hard, each with an idea of its own.`;

export const noAnswerNothingTwice = 'The server did not answer. Try again; nothing is added twice.';

export const added = (count: string) => `${count} added.`;

export const addedSome = (count: string, before: number) =>
  `${count} added; ${before} ${before === 1 ? 'was' : 'were'} in it already.`;
