export {
  clearOldDrafts,
  draftKeyOf,
  dropDraft,
  makeAnswerStore,
  NO_DRAFT,
  openDraft,
  useDraft,
  type Draft,
} from './draft';
export { useIsBrowser } from './useIsBrowser';
