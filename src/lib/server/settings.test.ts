import { hostname } from 'node:os';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { isExpectedHost } from './settings';

afterEach(() => vi.unstubAllEnvs());

describe('the names under which a server answers', () => {
	const given = (settings: Readonly<Record<string, string>>): void => {
		for (const name of ['HOST', 'ORIGIN', 'RICERCAR_HOSTS']) vi.stubEnv(name, settings[name]);
	};
	const answered = (hosts: readonly (string | null)[]): (string | null)[] => hosts.filter(isExpectedHost);

	it('on loopback: its own, and those that are given', () => {
		given({});
		const own = ['localhost', 'localhost:4170', '127.0.0.1:4170', '127.9.9.9', '[::1]:4170', 'LOCALHOST.'];
		const others = [
			'attacker.example',
			'attacker.example:4170',
			'192.0.2.7',
			hostname(),
			'',
			null,
			'127.0.0.1.attacker.example'
		];
		expect(answered([...own, ...others])).toEqual(own);
		given({ ORIGIN: 'https://colour.school.example', RICERCAR_HOSTS: 'studio.example, loom.example:8080' });
		expect(answered(['colour.school.example', 'studio.example:4170', 'loom.example', ...others])).toEqual([
			'colour.school.example',
			'studio.example:4170',
			'loom.example'
		]);
	});

	it.each(['0.0.0.0', '::', '192.0.2.7'])(
		'beyond loopback (%s): addresses, names of this machine, and those that are given',
		(HOST) => {
			given({ HOST, RICERCAR_HOSTS: 'studio.example' });
			const short = hostname().split('.')[0]!;
			const served = [
				'192.0.2.7:4170',
				'[2001:db8::7]:4170',
				hostname(),
				`${short}.local:4170`,
				'studio.example',
				'localhost'
			];
			const refused = [
				'attacker.example',
				'192.0.2.7.attacker.example',
				'studio.example.attacker.example',
				'a b',
				'x@y',
				null
			];
			expect(answered([...served, ...refused])).toEqual(served);
		}
	);
});
