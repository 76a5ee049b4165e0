// Sets up what is missing before anything runs: packages, Chromium, a build that is up to date.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));
const SHELL = process.platform === 'win32';

/** Runs a command to its end and shows what it prints; stops here where it fails. */
export function run(command, args, options = {}) {
	const { status, error } = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', shell: SHELL, ...options });
	if (error || status !== 0) {
		console.error(`\n${[command, ...args].join(' ')} failed${error ? `: ${error.message}` : ''}.`);
		process.exit(status || 1);
	}
}

function hashOf(paths) {
	const hash = createHash('sha256');
	const add = (path) => {
		if (!existsSync(join(ROOT, path))) return;
		hash.update(path).update(readFileSync(join(ROOT, path)));
	};
	const walk = (folder) => {
		for (const entry of readdirSync(join(ROOT, folder), { withFileTypes: true }).sort((a, b) =>
			a.name < b.name ? -1 : 1
		)) {
			const path = `${folder}/${entry.name}`;
			if (entry.isDirectory()) walk(path);
			else if (!path.endsWith('.test.ts')) add(path);
		}
	};
	for (const path of paths) {
		if (path.endsWith('/')) walk(path.slice(0, -1));
		else add(path);
	}
	return hash.digest('hex');
}

/** Does the work unless a stamp says that it was done for just these files. */
function unlessDone(stamp, paths, stillThere, work) {
	const file = join(ROOT, stamp);
	const hash = hashOf(paths);
	if (existsSync(join(ROOT, stillThere)) && existsSync(file) && readFileSync(file, 'utf8') === hash) return;
	work();
	mkdirSync(dirname(file), { recursive: true });
	writeFileSync(file, hash);
}

/** Installs the packages of the lock file where they are missing or others. */
export function installPackages() {
	const [major, minor] = process.versions.node.split('.').map(Number);
	// As package.json says it under "engines"; packages are not there yet to read that.
	const serves = major >= 24 || (major === 22 && minor >= 13) || (major === 20 && minor >= 19);
	if (!serves) {
		console.error(`Ricercar needs Node.js 20.19, 22.13, or 24 and newer; this is ${process.versions.node}.`);
		process.exit(1);
	}
	unlessDone('node_modules/.ricercar', ['package.json', 'package-lock.json'], 'node_modules', () => {
		console.log('Installing packages (about a minute, only the first time) …');
		run('npm', ['ci', '--no-fund', '--no-audit', '--loglevel=error']);
	});
}

/** Builds the application where its sources are newer than the last build. */
export function build() {
	const configs = ['svelte.config.js', 'vite.config.ts', 'vite.server.config.ts'];
	const sources = ['package-lock.json', ...configs, 'src/', 'static/'];
	unlessDone('build/.ricercar', sources, 'build/index.js', () => {
		console.log('Building (about half a minute, only after a change) …');
		// What the tools say to each other is only of interest where they fail.
		for (const config of ['vite.config.ts', 'vite.server.config.ts']) {
			const args = ['--no-install', 'vite', 'build', '--config', config, '--logLevel', 'warn'];
			const { status, stdout, stderr } = spawnSync('npx', args, { cwd: ROOT, shell: SHELL, encoding: 'utf8' });
			if (status === 0) continue;
			console.error(`${stdout}\n${stderr}\nThe build failed.`);
			process.exit(1);
		}
	});
}

/** What the end-to-end tests need of Debian's packages: its headless Chromium (without a window's parts a quarter faster), poppler's tools, which read the PDFs, and a trace of the system's calls. */
const DEBIAN_TOOLS = [
	{ command: '/usr/bin/chromium-headless-shell', packages: ['chromium-headless-shell', 'fonts-liberation'] },
	{ command: '/usr/bin/pdftotext', packages: ['poppler-utils'] },
	{ command: '/usr/bin/strace', packages: ['strace'] }
];

/** Installs those that are missing. */
export function installDebianTools() {
	const missing = DEBIAN_TOOLS.filter(({ command }) => !existsSync(command)).flatMap(({ packages }) => packages);
	if (missing.length === 0) return;
	console.log(`Installing ${missing.join(', ')} from Debian’s packages …`);
	const apt = process.getuid?.() === 0 ? ['apt-get'] : ['sudo', 'apt-get'];
	run(apt[0], [...apt.slice(1), 'update']);
	run(apt[0], [...apt.slice(1), 'install', '-y', '--no-install-recommends', ...missing]);
}

/** Whether nothing listens at this address yet. */
function isFree(host, port) {
	return new Promise((done) => {
		const probe = createServer();
		probe.once('error', ({ code }) => done(code !== 'EADDRINUSE'));
		probe.listen(Number(port), host, () => probe.close(() => done(true)));
	});
}

/** Starts the built server as a child that lives as long as this process, on loopback unless told otherwise. */
export async function serve(settings = {}) {
	const host = process.env.HOST ?? '127.0.0.1';
	const port = process.env.PORT ?? '4170';
	if (!(await isFree(host, port))) {
		console.error(`Something already listens at ${host}:${port}. Stop it, or choose another port: PORT=4171 npm start`);
		process.exit(1);
	}
	const env = { SHUTDOWN_TIMEOUT: '5', ...process.env, HOST: host, PORT: port, ...settings };
	const child = spawn(process.execPath, [join(ROOT, 'build', 'index.js')], {
		cwd: ROOT,
		env,
		stdio: ['ignore', 'pipe', 'inherit']
	});
	child.stdout.on('data', (text) => {
		// The server's own line names no address that one could click; say it in our words instead.
		if (String(text).includes('Listening on'))
			console.log(`\nRicercar runs at http://${host.includes(':') ? `[${host}]` : host}:${port}\n`);
		else process.stdout.write(text);
	});
	for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
	child.on('exit', (code, signal) => process.exit(code ?? (signal ? 1 : 0)));
	return child;
}
