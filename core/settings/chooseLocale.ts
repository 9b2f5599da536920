/** The language habits used when none is asked for. */
const USUAL_LOCALE = 'en-GB';

/**
 * The BCP 47 tag to read numbers and dates by: the keeper's choice, or the first that the browser asks for, or en-GB.
 * Tags that are malformed or that this machine cannot format are passed over.
 *
 * @param chosen the keeper's setting, null for the browser's
 * @param acceptLanguage the Accept-Language header, such as "de-DE,de;q=0.9,en;q=0.8"
 */
export function chooseLocale(chosen: string | null, acceptLanguage: string | null): string {
  const asked = (acceptLanguage ?? '').split(',').map((part) => part.split(';')[0]?.trim() ?? '');
  return [chosen ?? '', ...asked].find(isKnown) ?? USUAL_LOCALE;
}

function isKnown(tag: string): boolean {
  try {
    return Intl.NumberFormat.supportedLocalesOf(tag).length > 0;
  } catch {
    return false;
  }
}
