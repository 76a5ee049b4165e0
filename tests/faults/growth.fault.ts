import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { newStudy } from '../../src/lib/study/new-study';
import { begunFolder } from '../support/begun';
import { started, stopped } from '../support/server';
import { keep, save } from '../support/studies';
import { CAMPAIGN, noteFault } from './report';

/** A study of about 160 kB whose codes differ from save to save, as a study of many scales has it. */
const large = (i: number) => {
	const study = newStudy(`Save ${i}`, '');
	const code = (k: number): string => `#${((k * 7919 + i * 104_729) % 0xffffff).toString(16).padStart(6, '0')}`;
	const plate = study.plates[0]!;
	if (plate.kind !== 'scales') throw new Error('The first plate is one of scales.');
	const scale = plate.scales[0]!;
	return {
		...study,
		plates: Array.from({ length: 21 }, (_, p) => ({
			...plate,
			id: `plate${String(p).padStart(6, '0')}`,
			scales: Array.from({ length: 24 }, (__, s) => ({
				...scale,
				id: `scale${String(p * 24 + s).padStart(6, '0')}`,
				recipe: 'path' as const,
				parents: Array.from({ length: 12 }, (___, k) => ({ text: code(p * 500 + s * 20 + k) }))
			}))
		}))
	};
};

it('saving one study again and again leaves the folder as large as it has to be', async () => {
	const folder = await begunFolder();
	const server = await started(folder);
	const size = (): number =>
		Number(
			execFileSync('du', ['-sk', join(folder, 'own')])
				.toString()
				.split('\t')[0]
		) / 1000;
	const before = size();
	const { id } = await keep(server.url, large(0));
	let revision = 1;
	const saves = 150 * CAMPAIGN;
	for (let i = 1; i <= saves; i++) {
		const response = await save(server.url, id, revision, `save${String(i).padStart(8, '0')}`, large(i));
		expect(response.status, `save ${i}`).toBe(200);
		revision++;
	}
	const after = size();
	expect(JSON.stringify(large(1)).length).toBeGreaterThan(150_000);
	expect(after).toBeLessThan(100);
	await stopped(server, 'SIGTERM');
	noteFault(
		`saves of one study of 160 kB; the folder went from ${before.toFixed(0)} to ${after.toFixed(0)} MB`,
		saves,
		'nothing'
	);
});
