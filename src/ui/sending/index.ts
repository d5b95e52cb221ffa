export { useOutbox, useShownOutbox, useSuggestions } from './useOutbox';
