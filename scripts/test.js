// npm test: sets up all that is missing, then checks types, lint, layers and format beside the build, runs the unit tests, does to the built
// server what must not harm it, and drives the interface in Chromium. Ends with one line that counts the tests.
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { installDebianTools, installPackages, ROOT, run } from './ready.js';

const UNIT = '.cache/unit-tests.json';
const FAULTS = '.cache/fault-tests.json';
const BROWSER = '.cache/browser-tests.json';
const NONE = { passed: 0, failed: 0, skipped: 0 };

/** What a run noted, or nothing where it did not come to its end. */
function notedIn(file) {
	const path = join(ROOT, file);
	return existsSync(path) ? JSON.parse(readFileSync(path, 'utf8')) : null;
}

function countsOf(file) {
	const noted = notedIn(file);
	if (!noted) return NONE;
	return { passed: noted.numPassedTests, failed: noted.numFailedTests, skipped: noted.numPendingTests };
}

/** Titles of browser tests that only passed at their second try. */
function late(suites) {
	return suites.flatMap(({ suites: inner = [], specs = [] }) => [
		...late(inner),
		...specs
			.filter(({ tests }) => tests.some(({ status }) => status === 'flaky'))
			.map(({ file, title }) => `${file}: ${title}`)
	]);
}

function report() {
	const browser = notedIn(BROWSER);
	const stats = browser?.stats ?? { expected: 0, flaky: 0, unexpected: 0, skipped: 0 };
	const all = [
		countsOf(UNIT),
		countsOf(FAULTS),
		{ passed: stats.expected + stats.flaky, failed: stats.unexpected, skipped: stats.skipped }
	];
	const sum = (key) => all.reduce((total, counts) => total + counts[key], 0);
	if (stats.flaky > 0) {
		console.log(`\n${stats.flaky} of the browser tests only passed at their second try. Each is a fault to mend:`);
		for (const title of late(browser.suites)) console.log(`  ${title}`);
	}
	console.log(`\n${sum('passed')} passed, ${sum('failed')} failed, ${sum('skipped')} skipped`);
}

for (const file of [UNIT, FAULTS, BROWSER]) rmSync(join(ROOT, file), { force: true });
installPackages();
installDebianTools();
process.on('exit', report);
const vitest = (output, ...more) => [
	'--no-install',
	'vitest',
	'run',
	'--reporter=default',
	'--reporter=json',
	`--outputFile.json=${output}`,
	...more
];
run('node', ['scripts/check.js', 'build:if-changed']);
run('node', ['scripts/notice.js', '--check']);
run('npx', vitest(UNIT), { env: { ...process.env, RICERCAR_CHECKS: 'write' } });
run('npx', vitest(FAULTS, '--config', 'vitest.faults.config.ts'));
run('npx', ['--no-install', 'playwright', 'test', '--reporter=list,json'], {
	env: { ...process.env, PLAYWRIGHT_JSON_OUTPUT_NAME: BROWSER }
});
