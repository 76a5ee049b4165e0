// npm test: sets up all that is missing, then checks types, lint, layers and format, runs the unit tests, builds, and drives
// the interface in Chromium. Ends with one line that counts the tests.
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build, installDebianTools, installPackages, ROOT, run } from './ready.js';

const UNIT = '.cache/unit-tests.json';
const BROWSER = '.cache/browser-tests.json';

function counts(file, read) {
	const path = join(ROOT, file);
	return existsSync(path) ? read(JSON.parse(readFileSync(path, 'utf8'))) : { passed: 0, failed: 0, skipped: 0 };
}

function report() {
	const unit = counts(UNIT, (r) => ({
		passed: r.numPassedTests,
		failed: r.numFailedTests,
		skipped: r.numPendingTests
	}));
	const browser = counts(BROWSER, ({ stats }) => ({
		passed: stats.expected + stats.flaky,
		failed: stats.unexpected,
		skipped: stats.skipped
	}));
	const sum = (key) => unit[key] + browser[key];
	console.log(`\n${sum('passed')} passed, ${sum('failed')} failed, ${sum('skipped')} skipped`);
}

for (const file of [UNIT, BROWSER]) rmSync(join(ROOT, file), { force: true });
installPackages();
installDebianTools();
process.on('exit', report);
run('npm', ['run', 'check', '--silent']);
run('npx', ['--no-install', 'vitest', 'run', '--reporter=default', '--reporter=json', `--outputFile.json=${UNIT}`], {
	env: { ...process.env, RICERCAR_CHECKS: 'write' }
});
build();
run('npx', ['--no-install', 'playwright', 'test', '--reporter=list,json'], {
	env: { ...process.env, PLAYWRIGHT_JSON_OUTPUT_NAME: BROWSER }
});
