import { DEFAULT_SETTINGS } from '@/core/settings/settings';
import { singleDocument } from './singleDocument';

export const settings = singleDocument('settings', DEFAULT_SETTINGS);
