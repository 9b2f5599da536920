import { PLACES, type Place } from '@/core/filter/places';
import { AIMS } from '@/core/filter/aims';
import type { Aim } from '@/core/filter/ports';

/** Places and aims as a form offers them: seen from the front. */
export const PLACE_CHOICES = PLACES.map((value: Place) => ({ value, label: value }));
export const AIM_CHOICES = AIMS.map((value: Aim) => ({ value, label: value }));
