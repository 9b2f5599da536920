import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { ROOT } from '../prepare.mjs';

const pages = [
  'README.md',
  'CONTRIBUTING.md',
  ...readdirSync(path.join(ROOT, 'docs'), { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.md'))
    .map((file) => path.join('docs', file)),
];
/** Links to files, and names of files and folders of ours in backticks. */
const LINK = /\]\((?!https?:|#)([^)#\s]+)/g;
const NAMED =
  /`((?:app|cli|core|demo|docs|e2e|formats|public|reference|scripts|server|store|ui|workers)\/[\w./[\]-]*)`/g;

describe('a page of the documentation', () => {
  it.each(pages)('%s names only files that are there', (page) => {
    const text = readFileSync(path.join(ROOT, page), 'utf8');
    const linked = [...text.matchAll(LINK)].map(([, to = '']) => path.join(path.dirname(page), to));
    const named = [...text.matchAll(NAMED)].map(([, name = '']) => name);
    expect([...linked, ...named].filter((file) => !existsSync(path.join(ROOT, file)))).toEqual([]);
  });
});
