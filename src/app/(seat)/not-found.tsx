export { MissingNotice as default } from '../_parts/MissingNotice';
