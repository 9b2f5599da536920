import { describe, expect, it } from 'vitest';
import { StorageError, storageFaultOf, type StorageFault } from './storageError';

const failing = (code: string): Error => Object.assign(new Error('It failed.'), { code });

// The names of the codes: SQLite, Result and Error Codes; POSIX.1, errno.h.
describe('storageFaultOf', () => {
  it.each([
    ['SQLITE_FULL', 'full'],
    ['ENOSPC', 'full'],
    ['SQLITE_READONLY', 'read-only file'],
    ['SQLITE_READONLY_RECOVERY', 'read-only file'],
    ['SQLITE_READONLY_DIRECTORY', 'read-only folder'],
    ['SQLITE_READONLY_DBMOVED', 'gone'],
    ['SQLITE_CANTOPEN', 'read-only folder'],
    ['EROFS', 'read-only folder'],
    ['SQLITE_BUSY', 'locked'],
    ['SQLITE_BUSY_SNAPSHOT', 'locked'],
  ])('%s: %s', (code, fault) => expect(storageFaultOf(failing(code))).toBe(fault));

  it('is silent about everything else', () => {
    expect(storageFaultOf(failing('SQLITE_CONSTRAINT_FOREIGNKEY'))).toBeNull();
    expect(storageFaultOf(new Error('SQLITE_FULL'))).toBeNull();
    expect(storageFaultOf('full')).toBeNull();
  });
});

describe('a StorageError', () => {
  it('says something else for each fault, with what to do', () => {
    const faults: readonly StorageFault[] = ['full', 'read-only file', 'read-only folder', 'locked', 'gone'];
    const said = faults.map(
      (fault) => new StorageError(fault, '/home/keeper/data/neat-layer.sqlite').message,
    );
    expect(new Set(said).size).toBe(faults.length);
    for (const message of said) expect(message).toMatch(/\. (Free|Allow|Close|Save) /);
    expect(said[2]).toContain('folder /home/keeper/data.');
  });
});
