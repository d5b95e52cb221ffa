export const back = 'Back';
