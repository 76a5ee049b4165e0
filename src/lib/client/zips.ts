import { wrap } from 'comlink';
import { Problem } from '$lib/core/problem';
import { type ZipWork } from '$lib/workers/zips';
import { type WantedOfZip, type ZipMember } from './zip-members';

/** Milliseconds after which a zip is given up: one that is as it should be takes a few seconds at the most. */
const LONGEST = 60_000;

/** The members of a zip that are wanted, unpacked in a thread of its own that ends with it. @throws Problem `file` */
export async function unzipApart(zip: Blob, wanted: WantedOfZip): Promise<readonly ZipMember[]> {
	const worker = new Worker(new URL('../workers/zips.ts', import.meta.url), { type: 'module' });
	const failed = new Promise<never>((_, fail) => {
		const end = (message: string) => fail(new Problem('file', message, wanted.expected));
		setTimeout(() => end('The zip takes too long to read.'), LONGEST);
		worker.addEventListener('error', () => end('The zip could not be read.'), { once: true });
	});
	try {
		const answer = await Promise.race([wrap<ZipWork>(worker).open(zip, wanted), failed]);
		if ('message' in answer) throw new Problem('file', answer.message, answer.expected);
		return answer.members;
	} finally {
		worker.terminate();
	}
}
