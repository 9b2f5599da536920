import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { ROOT } from '../prepare.mjs';
import { publishedPages } from './publishedPages';

// Run by `npm run docs`; a test fails when a page no longer says what the source says.
for (const [file, text] of Object.entries(publishedPages(ROOT))) writeFileSync(path.join(ROOT, file), text);
