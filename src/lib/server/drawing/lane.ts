/** Work that waits for its turn. */
export interface Job {
	/** Whose it is: each client has its turn before any has its next. */
	readonly client: string;
	/** Does the work; settles when it is over, however it went. */
	readonly run: () => Promise<void>;
}

/** Why something cannot even wait. */
export type Crowded = 'client' | 'all';

export interface LaneLimits {
	/** So many are done at the same time. */
	readonly abreast: number;
	/** So many may wait, of one client and of all. */
	readonly ofClient: number;
	readonly ofAll: number;
}

/** A queue with a fair share for each client: first what came first, but of every client one before a second of any. */
export class Lane {
	/** What waits, by client; clients in the order of their next turn. */
	private readonly waiting = new Map<string, Job[]>();
	private running = 0;

	constructor(private readonly limits: LaneLimits) {}

	/** Takes work in, and begins it as soon as it is its turn. Null when it was taken, or why it was not. */
	add(job: Job): Crowded | null {
		const own = this.waiting.get(job.client) ?? [];
		const all = [...this.waiting.values()].reduce((sum, jobs) => sum + jobs.length, 0);
		if (own.length >= this.limits.ofClient) return 'client';
		if (all >= this.limits.ofAll) return 'all';
		this.waiting.set(job.client, [...own, job]);
		this.begin();
		return null;
	}

	/** How many will be begun before this one; null when it does not wait (any more). */
	before(job: Job): number | null {
		const own = this.waiting.get(job.client)?.indexOf(job) ?? -1;
		if (own < 0) return null;
		let before = 0;
		let passed = false;
		for (const [client, jobs] of this.waiting) {
			if (client === job.client) {
				before += own;
				passed = true;
			} else before += Math.min(jobs.length, passed ? own : own + 1);
		}
		return before;
	}

	/** Takes back what still waits. */
	remove(job: Job): void {
		this.keep(
			job.client,
			(this.waiting.get(job.client) ?? []).filter((each) => each !== job)
		);
	}

	private keep(client: string, jobs: Job[]): void {
		if (jobs.length > 0) this.waiting.set(client, jobs);
		else this.waiting.delete(client);
	}

	private begin(): void {
		while (this.running < this.limits.abreast) {
			const [first] = this.waiting;
			if (!first) return;
			const [client, [job, ...rest]] = first;
			// Its next turn comes after everybody else's.
			this.waiting.delete(client);
			this.keep(client, rest);
			this.running++;
			void job!.run().finally(() => {
				this.running--;
				this.begin();
			});
		}
	}
}
