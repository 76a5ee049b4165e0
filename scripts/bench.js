// npm run bench: how fast the core is beside a reference library in the same run, and what one turn of a dial costs in
// Chromium, and what five minutes of editing leave behind. Prints tables; asserts nothing, because a machine's speed is not the code's.
import { join } from 'node:path';
import { build, installDebianTools, installPackages, ROOT, run } from './ready.js';

/** What is measured in Node.js, and what in Chromium; one of them can be asked for by name. */
const CORE = ['core', 'grounds'];
/** What takes minutes and is only measured when it is asked for by name: the built server under load. */
const LONG = ['load', 'prints', 'start'];
const BROWSER = ['dial', 'scheme', 'list', 'editing', 'pictures', 'patterns', 'matching', 'class'];

installPackages();
// Bundled as the product is, so that what is measured is what runs.
const { build: bundle } = await import('vite');
await bundle({
	configFile: false,
	root: ROOT,
	logLevel: 'error',
	resolve: { alias: { $lib: join(ROOT, 'src/lib') } },
	ssr: { noExternal: true, external: ['@playwright/test', '@electric-sql/pglite', 'sharp'] },
	build: {
		ssr: true,
		outDir: join(ROOT, '.cache/bench'),
		emptyOutDir: true,
		minify: false,
		rolldownOptions: {
			input: [...CORE, ...BROWSER, ...LONG].map((part) => `bench/${part}.ts`),
			output: { topLevelVar: false }
		}
	}
});
const only = process.argv[2];
const wanted = (part) => !only || only === part;
for (const part of CORE) if (wanted(part)) run(process.execPath, [`.cache/bench/${part}.js`]);
if (BROWSER.some(wanted)) {
	installDebianTools();
	build();
}
for (const part of BROWSER) if (wanted(part)) run(process.execPath, [`.cache/bench/${part}.js`]);
if (LONG.includes(only)) {
	build();
	run(process.execPath, [`.cache/bench/${only}.js`]);
}
