import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { offlineFiles } from './offlineFiles';

describe('what a browser keeps of the app', () => {
  let folder = '';
  beforeEach(() => {
    folder = mkdtempSync(path.join(tmpdir(), 'neat-build-'));
  });
  afterEach(() => rmSync(folder, { recursive: true }));

  it('is every part of the build, by its address', () => {
    mkdirSync(path.join(folder, 'static', 'chunks'), { recursive: true });
    writeFileSync(path.join(folder, 'BUILD_ID'), 'b1\n');
    writeFileSync(path.join(folder, 'static', 'chunks', 'a.js'), '');
    writeFileSync(path.join(folder, 'static', 'media.woff2'), '');
    const { build, files } = offlineFiles(folder);
    expect(build).toBe('b1');
    expect([...files].sort()).toEqual(['/_next/static/chunks/a.js', '/_next/static/media.woff2']);
  });

  it('is nothing where nothing was built', () => {
    expect(offlineFiles(folder)).toEqual({ build: null, files: [] });
  });
});
