import { writeFileSync } from 'node:fs';
import { FILE_SCHEMA_PATH, fileJsonSchema } from './fileJsonSchema';

// Run by `npm run schemas`; a test fails when the published schema no longer matches the Zod one.
writeFileSync(FILE_SCHEMA_PATH, `${JSON.stringify(fileJsonSchema(), null, 2)}\n`);
