import { FILE_ENDING, MAX_FILE_BYTES } from './fileLimits';
import { FILE_FORMAT, FILE_VERSION, type FilterContent, type NeatLayerFile } from './neatLayerFile';

/**
 * The text of a `*.neatlayer.json`, indented so that a person can read it and a version tool can compare it; without
 * indents where those alone would make it larger than the app reads.
 */
export function writeNeatLayerFile(content: FilterContent): string {
  const file: NeatLayerFile = { format: FILE_FORMAT, version: FILE_VERSION, ...content };
  const text = `${JSON.stringify(file, null, 2)}\n`;
  return new Blob([text]).size <= MAX_FILE_BYTES ? text : `${JSON.stringify(file)}\n`;
}

/** A file name made of letters, digits and dashes: "window-sill.neatlayer.json". */
export const neatLayerFileName = (filterName: string): string => `${plainName(filterName)}${FILE_ENDING}`;

/** The name of a filter in letters, digits and dashes, for the names of files: "window-sill". */
export function plainName(filterName: string): string {
  const plain = filterName
    .normalize('NFKD')
    .replace(/\p{Mn}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '');
  return plain === '' ? 'filter' : plain;
}
