// npm run faults: does to the built server what must not harm it, many times more often than `npm test` does, and prints what was
// done, how often, and what was lost. `-- 50` does it fifty times as often; ten is usual.
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build, installPackages, ROOT, run } from './ready.js';

const NOTES = join(ROOT, '.cache/faults.jsonl');
const times = process.argv[2] ?? '10';

installPackages();
build();
rmSync(NOTES, { force: true });
process.on('exit', () => {
	if (!existsSync(NOTES)) return;
	const rows = readFileSync(NOTES, 'utf8')
		.trim()
		.split('\n')
		.map((line) => JSON.parse(line));
	console.log('\n| what was done | how often | what was lost |\n| --- | ---: | --- |');
	for (const { done, times: often, lost } of rows) console.log(`| ${done} | ${often} | ${lost} |`);
});
const env = {
	...process.env,
	RICERCAR_CAMPAIGN: times,
	RICERCAR_SEED: String(Date.now() % 100_000),
	RICERCAR_CASES: '1500'
};
console.log(`Seed ${env.RICERCAR_SEED}`);
run('npx', ['--no-install', 'vitest', 'run', '--config', 'vitest.faults.config.ts'], { env });
const long = ['src/lib/core/format/worst-input.test.ts', 'src/lib/plates/extremes.test.ts'];
run('npx', ['--no-install', 'vitest', 'run', ...long], { env });
