// npm run shipped: draws the pictures that ship anew, notes what is taken from each to begin with, and reads the drawings that ship.
import { join } from 'node:path';
import { ROOT, run } from './ready.js';
import { makePictures } from './shipped/make.js';

await makePictures(join(ROOT, 'src/lib/server/images/shipped'));
run(
	'npx',
	['--no-install', 'vitest', 'run', 'src/lib/plates/picture/shipped.test.ts', 'src/lib/plates/pattern/drawings'],
	{
		env: { ...process.env, RICERCAR_WRITES_STARTS: 'yes' }
	}
);
run('npx', [
	'--no-install',
	'prettier',
	'--write',
	'src/lib/plates/picture/shipped',
	'src/lib/plates/pattern/drawings'
]);
