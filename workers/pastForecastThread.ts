import { workOutPastForecast } from '@/core/outlook/pastForecast';

/** Entry of a server thread: works out what was to be expected of a past pack. */
export default workOutPastForecast;
