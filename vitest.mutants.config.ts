import { sveltekit } from '@sveltejs/kit/vite';
import { defineConfig } from 'vitest/config';

/** Unit tests without those that start databases and threads, which are about no other code: for `npm run mutants`, which runs them again and again. */
export default defineConfig({
	plugins: [sveltekit()],
	test: {
		include: ['src/**/*.test.ts'],
		// Those that try everything in every way take long, and whoever changes a line should hear it from a test of its own.
		exclude: [
			'src/lib/plates/{extremes,order}.test.ts',
			'src/lib/core/format/**',
			...(process.env.RICERCAR_MUTANTS === 'server' ? [] : ['src/lib/server/**'])
		],
		environment: 'node',
		globalSetup: process.env.RICERCAR_MUTANTS === 'server' ? ['tests/support/build-threads.ts'] : [],
		env: { RICERCAR_BUILT: '.cache/built' },
		testTimeout: 60_000
	}
});
