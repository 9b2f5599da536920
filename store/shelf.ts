import { EMPTY_SHELF } from '@/core/shelf/shelf';
import { singleDocument } from './singleDocument';

export const shelf = singleDocument('shelf', EMPTY_SHELF);
