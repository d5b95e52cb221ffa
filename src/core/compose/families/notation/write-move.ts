import { makeWrittenComposer } from './written';

export const composeWriteMove = makeWrittenComposer('write-move');
