export { useNews, type NewsState } from './useNews';
