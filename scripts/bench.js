// npm run bench: how fast the core is beside a reference library in the same run, and what one turn of a dial costs in
// Chromium. Prints tables; asserts nothing, because a machine's speed is not the code's.
import { join } from 'node:path';
import { build, installDebianTools, installPackages, ROOT, run } from './ready.js';

installPackages();
// Bundled as the product is, so that what is measured is what runs.
const { build: bundle } = await import('vite');
await bundle({
	configFile: false,
	root: ROOT,
	logLevel: 'error',
	resolve: { alias: { $lib: join(ROOT, 'src/lib') } },
	ssr: { noExternal: true, external: ['@playwright/test'] },
	build: {
		ssr: true,
		outDir: join(ROOT, '.cache/bench'),
		emptyOutDir: true,
		minify: false,
		rolldownOptions: {
			input: ['bench/core.ts', 'bench/grounds.ts', 'bench/dial.ts', 'bench/list.ts'],
			output: { topLevelVar: false }
		}
	}
});
const only = process.argv[2];
const wanted = (part) => !only || only === part;
for (const part of ['core', 'grounds']) if (wanted(part)) run(process.execPath, [`.cache/bench/${part}.js`]);
if (wanted('dial') || wanted('list')) {
	installDebianTools();
	build();
}
for (const part of ['dial', 'list']) if (wanted(part)) run(process.execPath, [`.cache/bench/${part}.js`]);
