import { makeWrittenComposer } from './written';

export const composePlayWritten = makeWrittenComposer('play-written');
