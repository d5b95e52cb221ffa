export const find = 'Find';

export const howMany = 'How many';

export const surpriseMeFromEasy = 'Surprise me, from easy to hard';

export const looking = 'Looking ...';

export const saveAsEpd = (part: string) => `Save ${part} as EPD`;

export const putThemInto = 'Put them into';

export const putIntoSet = (count: string) => `Put ${count} into the set`;

export const openSet = 'Open the set';
