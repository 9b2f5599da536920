import { FIRST_SETTINGS } from '@/core/settings/settings';
import { singleDocument } from './singleDocument';

export const settings = singleDocument('settings', FIRST_SETTINGS);
