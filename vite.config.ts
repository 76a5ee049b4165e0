import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	worker: { format: 'es' },
	// The component library's classes are laid out without being merged: nothing of ours contradicts them, and the merging is 27 kB.
	resolve: { alias: [{ find: /^tailwind-variants$/, replacement: 'tailwind-variants/lite' }] },
	build: {
		// What of others is in it, and under which licence: NOTICE.md is made of this.
		license: { fileName: 'third-parties.md' },
		rolldownOptions: {
			// Constants stay constants, so that engines can fold them: up to twice as fast in the core's tight loops.
			output: { topLevelVar: false },
			treeshake: {
				// The component library imports its own index file, so nothing of it would ever be left out.
				moduleSideEffects: [
					{
						test: /node_modules\/(flowbite-svelte|flowbite-svelte-icons)\/dist\/.*\.(js|svelte)$/,
						sideEffects: false
					}
				]
			}
		}
	},
	test: {
		include: ['src/**/*.test.ts', 'tests/**/*.test.ts'],
		environment: 'node',
		// No test leaves anything behind in a module, so the files share theirs: half the time.
		isolate: false,
		pool: 'threads',
		// Left to itself it keeps one processor free.
		maxWorkers: '100%',
		testTimeout: 60_000,
		// A database is opened before some of them, which takes a busy machine a while.
		hookTimeout: 60_000,
		globalSetup: ['tests/support/write-checks.ts', 'tests/support/build-threads.ts'],
		env: { RICERCAR_BUILT: '.cache/built' }
	}
});
