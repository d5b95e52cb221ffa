export { createSearchClient, startSearchWorker, type Asked } from './searchClient';
