import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('.', import.meta.url)) } },
  test: {
    // Sentences are compared: a failure shows all of them.
    chaiConfig: { truncateThreshold: 2000 },
    include: ['{app,core,formats,store,server,ui,demo,cli,scripts,workers}/**/*.test.{ts,tsx}'],
    environment: 'node',
    // It declares no exports for plain Node.
    server: { deps: { inline: ['maxrects-packer'] } },
    // A guard against hanging only: a busy machine may take many times what a quiet one does.
    testTimeout: 600_000,
    // Left to itself one processor stays free, which is half of a small machine.
    maxWorkers: '100%',
    setupFiles: ['scripts/seedProperties.ts'],
  },
});
