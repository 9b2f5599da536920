import { writeFileSync } from 'node:fs';
import { publishedSchemas } from './publishedSchemas';

// Run by `npm run schemas`; a test fails when a published schema no longer matches the Zod one.
for (const [file, schema] of Object.entries(publishedSchemas()))
  writeFileSync(file, `${JSON.stringify(schema, null, 2)}\n`);
