import { describe, expect, it } from 'vitest';
import { Lane, type Job } from './lane';

/** Jobs that note their beginning and end when they are told to. */
function workshop(limits = { abreast: 1, ofClient: 10, ofAll: 20 }) {
	const lane = new Lane(limits);
	const begun: string[] = [];
	const ends = new Map<string, () => void>();
	const job = (client: string, name: string): Job => ({
		client,
		run: () =>
			new Promise((done) => {
				begun.push(name);
				ends.set(name, done);
			})
	});
	const end = async (name: string) => {
		ends.get(name)!();
		await new Promise((next) => setTimeout(next));
	};
	return { lane, begun, job, end };
}

describe('a lane of work', () => {
	it('gives every client a turn before any has a second one', async () => {
		const { lane, begun, job, end } = workshop();
		for (const name of ['a1', 'a2', 'a3', 'a4']) lane.add(job('a', name));
		lane.add(job('b', 'b1'));
		lane.add(job('c', 'c1'));
		for (let i = 0; i < 6; i++) await end(begun.at(-1)!);
		expect(begun).toEqual(['a1', 'a2', 'b1', 'c1', 'a3', 'a4']);
	});

	it('says how many come before, in the order in which they really come', async () => {
		const { lane, begun, job, end } = workshop();
		const jobs = ['a1', 'a2', 'a3', 'b1', 'b2', 'c1'].map((name) => [name, job(name[0]!, name)] as const);
		for (const [, each] of jobs) lane.add(each);
		const foretold = jobs.slice(1).map(([name, each]) => [name, lane.before(each)] as const);
		expect(lane.before(jobs[0]![1]), 'it is being done').toBeNull();
		for (let i = 0; i < 6; i++) await end(begun.at(-1)!);
		for (const [name, before] of foretold) expect(begun.indexOf(name) - 1, name).toBe(before);
	});

	it('takes back what waits, and goes on with the others', async () => {
		const { lane, begun, job, end } = workshop();
		const [first, second, third] = ['1', '2', '3'].map((name) => job('a', name)) as [Job, Job, Job];
		for (const each of [first, second, third]) lane.add(each);
		lane.remove(second);
		expect(lane.before(second)).toBeNull();
		expect(lane.before(third)).toBe(0);
		await end('1');
		expect(begun).toEqual(['1', '3']);
	});

	it('refuses what is too much of one client, and of all', () => {
		const { lane, job } = workshop({ abreast: 1, ofClient: 2, ofAll: 3 });
		const takes = (client: string) => lane.add(job(client, client));
		expect([takes('a'), takes('a'), takes('a')]).toEqual([null, null, null]);
		expect(takes('a')).toBe('client');
		expect(takes('b')).toBeNull();
		expect(takes('c')).toBe('all');
	});

	it('does as many at once as it may, and goes on after a failure', async () => {
		const { lane, begun, job, end } = workshop({ abreast: 2, ofClient: 10, ofAll: 20 });
		lane.add({ client: 'a', run: () => Promise.reject(new Error('broken')).catch(() => undefined) as Promise<void> });
		for (const name of ['1', '2', '3']) lane.add(job('a', name));
		await new Promise((next) => setTimeout(next));
		expect(begun).toEqual(['1', '2']);
		await end('2');
		expect(begun).toEqual(['1', '2', '3']);
	});
});
