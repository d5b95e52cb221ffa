export { isEmptied, useOutbox, useShownOutbox, useSuggestions } from './useOutbox';
