// npm run check: types, lint, layers and format, beside each other; what one of them has to say is printed when it is done.
// Further scripts of package.json can be named that run beside them.
import { spawn } from 'node:child_process';
import { ROOT, run } from './ready.js';

const PARTS = ['check:types', 'check:lint', 'check:layers', 'check:format', ...process.argv.slice(2)];

// The types of the routes are written once, before anything reads them: written anew beside a build they break it.
run('npx', ['--no-install', 'svelte-kit', 'sync']);

const results = await Promise.all(
	PARTS.map(
		(part) =>
			new Promise((done) => {
				const child = spawn('npm', ['run', part, '--silent'], { cwd: ROOT, shell: process.platform === 'win32' });
				let text = '';
				for (const stream of [child.stdout, child.stderr]) stream.on('data', (piece) => (text += piece));
				child.on('close', (code) => {
					console.log(`${part}: ${code === 0 ? 'nothing found' : `\n${text}`}`);
					done(code === 0);
				});
			})
	)
);
process.exit(results.every(Boolean) ? 0 : 1);
