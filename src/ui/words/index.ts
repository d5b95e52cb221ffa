export { HouseWordsProvider, useHouseVoice } from './HouseWords';
export { TaskQuestion, WaitingQuestion } from './TaskQuestion';
