import { documentTable } from './documentTable';

export const tanks = documentTable('tank');
