import { readFileSync } from 'node:fs';
import { minVersion, satisfies, subset } from 'semver';
import { expect, it } from 'vitest';

interface Locked {
	readonly engines?: { readonly node?: string };
	readonly optional?: boolean;
}

const read = (file: string): unknown => JSON.parse(readFileSync(file, 'utf8'));
const { engines } = read('package.json') as { engines: { node: string } };
const { packages } = read('package-lock.json') as { packages: Readonly<Record<string, Locked>> };

it('every package of the lock file runs on every version of Node.js that we say we run on', () => {
	const others = Object.entries(packages).filter(
		([path, { engines: own, optional }]) => path !== '' && own?.node && !optional
	);
	expect(others.length).toBeGreaterThan(100);
	const refused = others.filter(([, { engines: own }]) => !subset(engines.node, own!.node!));
	expect(refused.map(([path, { engines: own }]) => `${path} wants ${own!.node!}`)).toEqual([]);
});

it('the floor is not higher than it has to be: the version before it is refused by some package', () => {
	const floor = minVersion(engines.node)!;
	const before = `${floor.major}.${floor.minor - 1}.99`;
	expect(Object.values(packages).some(({ engines: own }) => own?.node && !satisfies(before, own.node))).toBe(true);
	expect(packages['']!.engines!.node).toBe(engines.node);
});
