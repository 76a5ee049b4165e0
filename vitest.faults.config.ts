import { join } from 'node:path';
import { defineConfig } from 'vitest/config';

/** What is done to the built server on purpose: part of `npm test`, and as a longer campaign of `npm run faults`. */
export default defineConfig({
	resolve: { alias: { $lib: join(import.meta.dirname, 'src/lib') } },
	test: {
		include: ['tests/faults/*.fault.ts'],
		environment: 'node',
		globalSetup: ['tests/support/begun.ts'],
		testTimeout: 3_600_000,
		hookTimeout: 120_000,
		maxWorkers: 3
	}
});
