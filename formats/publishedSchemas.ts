import { z } from 'zod';
import { FILE_VERSION, NeatLayerFileSchema } from './neatLayerFile';
import { WholeExportSchema } from './wholeExport';

const UNITS = 'Lengths in m, volumes in m³, flows in m³/s, masses in kg, times in s, temperatures in °C.';

/** The JSON Schemas (2020-12) of the open formats, each under its path in the repository, generated from Zod. */
export function publishedSchemas(): Readonly<Record<string, object>> {
  return {
    [`docs/formats/neatlayer-${FILE_VERSION}.schema.json`]: {
      title: `Neat Layer filter file, version ${FILE_VERSION}`,
      description: `One filter on its tank with packs, jobs and log. ${UNITS}`,
      ...z.toJSONSchema(NeatLayerFileSchema, { io: 'input' }),
    },
    [`docs/formats/neatlayer-all-${FILE_VERSION}.schema.json`]: {
      title: `Neat Layer full export, version ${FILE_VERSION}`,
      description: `All tanks, filters, packs, jobs, logs, photos, the shelf and the settings. ${UNITS}`,
      ...z.toJSONSchema(WholeExportSchema, { io: 'input' }),
    },
  };
}
