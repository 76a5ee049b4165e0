import { expose, transfer } from 'comlink';
import { membersOfZip, type WantedOfZip, type ZipMember } from '$lib/client/zip-members';
import { Problem } from '$lib/core/problem';

export type ZipAnswer =
	{ readonly members: readonly ZipMember[] } | { readonly message: string; readonly expected: string };

/** Zips that are unpacked apart from the page, which goes on answering whatever they hold. */
export class ZipWork {
	async open(zip: Blob, wanted: WantedOfZip): Promise<ZipAnswer> {
		try {
			const members = await membersOfZip(zip, wanted);
			return transfer(
				{ members },
				members.map(({ bytes }) => bytes.buffer)
			);
		} catch (error) {
			if (error instanceof Problem) return { message: error.message, expected: error.expected };
			return { message: 'The zip could not be read.', expected: wanted.expected };
		}
	}
}

expose(new ZipWork());
