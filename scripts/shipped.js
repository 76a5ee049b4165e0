// npm run shipped: draws the pictures that ship anew, and notes what is taken from each to begin with.
import { join } from 'node:path';
import { ROOT, run } from './ready.js';
import { makePictures } from './shipped/make.js';

await makePictures(join(ROOT, 'src/lib/server/images/shipped'));
run('npx', ['--no-install', 'vitest', 'run', 'src/lib/plates/picture/shipped.test.ts'], {
	env: { ...process.env, RICERCAR_WRITES_STARTS: 'yes' }
});
run('npx', ['--no-install', 'prettier', '--write', 'src/lib/plates/picture/shipped']);
