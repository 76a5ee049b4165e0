import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** @type {import('@sveltejs/kit').Config} */
export default {
	preprocess: vitePreprocess(),
	compilerOptions: { runes: ({ filename }) => (filename.includes('node_modules') ? undefined : true) },
	kit: {
		// Everything that is TypeScript is checked.
		typescript: {
			config: (config) => ({
				...config,
				include: [...config.include, '../e2e/**/*.ts', '../bench/**/*.ts', '../*.config.ts']
			})
		},
		adapter: adapter({ out: 'build/app' }),
		csp: {
			mode: 'auto',
			directives: {
				'default-src': ['self'],
				'script-src': ['self'],
				'style-src': ['self'],
				// Charts and positioned parts set style attributes.
				'style-src-attr': ['unsafe-inline'],
				'img-src': ['self', 'data:', 'blob:'],
				'font-src': ['self'],
				'connect-src': ['self'],
				'worker-src': ['self', 'blob:'],
				'object-src': ['none'],
				'base-uri': ['self'],
				'form-action': ['self'],
				'frame-ancestors': ['none']
			}
		}
	}
};
