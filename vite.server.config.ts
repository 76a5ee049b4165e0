import { cpSync } from 'node:fs';
import { join } from 'node:path';
import { defineConfig } from 'vite';

/**
 * What runs beside the application that `vite build` makes: the server in front of it, its threads, and the fonts and pictures that
 * are read from files. RICERCAR_BUILT names another folder than build/ for them: unit tests have their own.
 */
const outDir = process.env.RICERCAR_BUILT ?? 'build';

export default defineConfig({
	publicDir: false,
	resolve: { alias: { $lib: join(import.meta.dirname, 'src/lib') } },
	plugins: [
		{
			name: 'files that are read as files',
			closeBundle: () => {
				cpSync('src/lib/server/picture/fonts', join(outDir, 'fonts'), { recursive: true });
				cpSync('src/lib/server/images/shipped', join(outDir, 'pictures'), { recursive: true });
			}
		}
	],
	build: {
		ssr: true,
		license: { fileName: 'third-parties.md' },
		target: 'node20',
		outDir,
		emptyOutDir: false,
		rolldownOptions: {
			input: {
				index: 'src/server.ts',
				'threads/database-thread': 'src/lib/server/database/database-thread.ts',
				'threads/draw-thread': 'src/lib/server/drawing/draw-thread.ts',
				'threads/work-process': 'src/lib/server/apart/work-process.ts'
			},
			output: { entryFileNames: '[name].js', chunkFileNames: 'threads/parts/[name]-[hash].js', topLevelVar: false }
		}
	}
});
