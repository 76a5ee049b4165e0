// npm run mutants -- <files or folders of src>: changes lines of the code one by one and tells which changes no test noticed. It is no
// part of npm test, so its packages are kept out of the lock file and installed beside the others when they are first needed.
import { existsSync, mkdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { installPackages, ROOT, run } from './ready.js';

const VERSION = '9.6.1';
const HOME = join(ROOT, '.cache', 'mutants');
/** Less than this share killed is too little. */
const LEAST = 85;

const targets = process.argv.slice(2).map((target) => target.replace(/\/$/, ''));
const missing = targets.filter((target) => !existsSync(join(ROOT, target)));
if (targets.length === 0 || missing.length > 0) {
	const what = missing.length > 0 ? `There is no ${missing.join(', ')}.` : 'Which files are to be changed?';
	console.error(`${what} Name files or folders: npm run mutants -- src/lib/model src/lib/study/followed.ts`);
	process.exit(1);
}

installPackages();
mkdirSync(HOME, { recursive: true });
if (!existsSync(join(HOME, 'node_modules', '@stryker-mutator', 'vitest-runner'))) {
	const packages = ['core', 'vitest-runner'].map((name) => `@stryker-mutator/${name}@${VERSION}`);
	// Without peers: it must run the tests by the project's own Vitest.
	run('npm', [
		'install',
		'--prefix',
		HOME,
		'--legacy-peer-deps',
		'--no-fund',
		'--no-audit',
		'--loglevel=error',
		...packages
	]);
}

/** Every file of a folder but its tests and its interface; or the one file. */
const patternsOf = (target) =>
	statSync(join(ROOT, target)).isDirectory()
		? [`${target}/**/*.ts`, `!${target}/**/*.test.ts`, `!${target}/**/bench/**`]
		: [target];

const config = join(HOME, 'stryker.config.json');
writeFileSync(
	config,
	JSON.stringify({
		mutate: targets.flatMap(patternsOf),
		testRunner: 'vitest',
		plugins: [join(HOME, 'node_modules', '@stryker-mutator', 'vitest-runner', 'dist', 'src', 'index.js')],
		vitest: { configFile: 'vitest.mutants.config.ts' },
		coverageAnalysis: 'perTest',
		// What is only said to people is judged by reading it.
		mutator: { excludedMutations: ['StringLiteral'] },
		reporters: ['clear-text', 'progress-append-only', 'json'],
		clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
		jsonReporter: { fileName: join(HOME, 'mutants.json') },
		tempDirName: join('.cache', 'mutants', 'sandboxes'),
		ignorePatterns: [
			'build',
			'docs',
			'e2e',
			'bench',
			'test-results',
			'.cache',
			'demo',
			'/tests/faults',
			'!.svelte-kit',
			'.svelte-kit/output'
		],
		thresholds: { high: 95, low: LEAST, break: LEAST },
		concurrency: 2
	})
);
run(process.execPath, [join(HOME, 'node_modules', '@stryker-mutator', 'core', 'bin', 'stryker.js'), 'run', config]);
