import { z } from 'zod';
import { FILE_VERSION, NeatLayerFileSchema } from './neatLayerFile';

/** Where the published schema stands in the repository. */
export const FILE_SCHEMA_PATH = `docs/formats/neatlayer-${FILE_VERSION}.schema.json`;

/** The JSON Schema (2020-12) of `*.neatlayer.json`, generated from the one definition in Zod. */
export function fileJsonSchema(): object {
  return {
    title: `Neat Layer filter file, version ${FILE_VERSION}`,
    description:
      'One filter on its tank with packs, jobs and log. Lengths in m, volumes in m³, flows in m³/s, masses in kg, times in s, temperatures in °C.',
    ...z.toJSONSchema(NeatLayerFileSchema, { io: 'input' }),
  };
}
