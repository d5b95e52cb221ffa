export { HouseWordsProvider, useHouseVoice } from './HouseWords';
export { TaskQuestion } from './TaskQuestion';
