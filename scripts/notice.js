// npm run notice: writes NOTICE.md, what of others ships with the product and under which licence, out of the build and the lock file;
// with --check it says whether the one that is kept is still true. Fails where a licence is none of those that go with ours.
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { builtinModules } from 'node:module';
import { join } from 'node:path';
import { build, ROOT } from './ready.js';

const FILE = join(ROOT, 'NOTICE.md');
/** Licences under which others may be passed on beside a product under MIT, as they are. */
const SERVES =
	/^(MIT|ISC|0BSD|BSD-[23]-Clause|Apache-2\.0|BlueOak-1\.0\.0|BSL-1\.0|MPL-2\.0|OFL-1\.1|LGPL-3\.0-or-later|Unlicense|CC0-1\.0)$/;
/** What the lock file does not say; read in the package itself. */
const UNSAID = { 'png-js': 'MIT' };
/** Of these packages files are kept in the repository (make-fonts.js), so no build knows of them. */
const KEPT = ['@fontsource/archivo', '@fontsource/newsreader', '@fontsource/noto-sans', '@fontsource/noto-sans-math'];
/** Where Vite writes what it has put into a build. */
const BUNDLED = [
	'build/app/client/third-parties.md',
	'.svelte-kit/output/server/third-parties.md',
	'build/third-parties.md'
];

const { packages } = JSON.parse(readFileSync(join(ROOT, 'package-lock.json'), 'utf8'));
const nameOf = (path) => path.slice(path.lastIndexOf('node_modules/') + 'node_modules/'.length);

/** Where a package is that another asks for, as Node.js looks for it; null where it is not wanted on any system. */
function placeOf(name, from = '') {
	for (let at = from; ; at = at.slice(0, Math.max(0, at.lastIndexOf('/node_modules/')))) {
		const path = `${at === '' ? '' : `${at}/`}node_modules/${name}`;
		if (packages[path]) return path;
		if (at === '') return null;
	}
}

/** The packages that built files ask for when they run. */
function askedByBuild() {
	const files = readdirSync(join(ROOT, 'build'), { recursive: true, withFileTypes: true })
		.filter((entry) => entry.isFile() && entry.name.endsWith('.js') && !entry.parentPath.includes('/client'))
		.map((entry) => readFileSync(join(entry.parentPath, entry.name), 'utf8'));
	const asked = files.flatMap((text) =>
		[
			...text.matchAll(
				/(?:\bfrom|\bimport|\brequire|\bimport\.meta\.resolve)\s*\(?\s*["'`]((?:@[\w.-]+\/)?[\w.-]+)[^"'`]*["'`]/g
			)
		].map(([, name]) => name)
	);
	return asked.filter((name) => !builtinModules.includes(name) && placeOf(name));
}

/** Those that Vite put into a build: "## name - 1.2.3 (MIT)". */
function bundled() {
	return BUNDLED.flatMap((file) =>
		[...readFileSync(join(ROOT, file), 'utf8').matchAll(/^## (\S+) - /gm)].map(([, name]) => name)
	).filter((name) => placeOf(name));
}

/** All that ships, by its place in the lock file: what is in the build, and what that asks for with all that this asks for in turn. */
function shipped() {
	const asked = new Set();
	const follow = (path) => {
		if (path === null || asked.has(path)) return;
		asked.add(path);
		const { dependencies = {}, optionalDependencies = {} } = packages[path];
		for (const name of Object.keys({ ...dependencies, ...optionalDependencies })) follow(placeOf(name, path));
	};
	for (const name of askedByBuild()) follow(placeOf(name));
	return [...new Set([...asked, ...[...KEPT, ...bundled()].map((name) => placeOf(name))])].sort();
}

/** The text of a package's licence; its own words in short where it has no file of it. */
function textOf(path, licence) {
	const folder = join(ROOT, path);
	const file = existsSync(folder) && readdirSync(folder).find((name) => /^(licen[cs]e|copying)/i.test(name));
	if (file) return readFileSync(join(folder, file), 'utf8').replace(/\r\n/g, '\n').trim();
	return `${licence}; its package has no text of it.`;
}

function notice() {
	const byText = new Map();
	const [ofSystems, wrong] = [[], []];
	for (const path of shipped()) {
		const { version, license, os, cpu } = packages[path];
		const name = nameOf(path);
		const licence = license ?? UNSAID[name] ?? 'unknown';
		const line = `${name} ${version} (${licence})`;
		if (!licence.split(' AND ').every((each) => SERVES.test(each))) wrong.push(line);
		// Made for one system each: which of them is here depends on the machine.
		if (os || cpu) ofSystems.push(line);
		else {
			const text = textOf(path, licence);
			byText.set(text, [...(byText.get(text) ?? []), line]);
		}
	}
	if (wrong.length > 0) throw new Error(`These licences do not go with ours, or are not known: ${wrong.join(', ')}`);
	const parts = [...byText].map(([text, names]) => `## ${names.join(', ')}\n\n\`\`\`text\n${text}\n\`\`\``);
	return `# What of others ships with Ricercar

Ricercar itself stands under the licence in LICENSE. This file is written by \`npm run notice\` out of the build; \`npm test\` says where it is not true any more.

Parts of sharp (Apache-2.0, with libvips under LGPL-3.0-or-later, as a library of its own that can be replaced) and of resvg (MPL-2.0) are made for one system each, and only
that of the machine is installed: ${ofSystems.join(', ')}.

${parts.join('\n\n')}
`;
}

build();
const text = notice();
if (!process.argv.includes('--check')) writeFileSync(FILE, text);
else if (!existsSync(FILE) || readFileSync(FILE, 'utf8') !== text) {
	console.error('NOTICE.md is not what ships now: npm run notice');
	process.exit(1);
} else console.log('NOTICE.md: nothing found');
