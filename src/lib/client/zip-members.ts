import { BlobReader, configure, ZipReader, type Entry, type FileEntry } from '@zip.js/zip.js/lib/zip-core-native.js';
import { Problem } from '$lib/core/problem';

// It is used in workers of our own already, and begins none by itself.
configure({ useWebWorkers: false });

/** What of a zip is wanted: which members, and how much of them at the most. */
export interface WantedOfZip {
	/** Members whose whole names are so; others are left packed. */
	readonly names: RegExp;
	readonly mostFiles: number;
	/** Bytes, unpacked: of one member, and of all. */
	readonly mostOfOne: number;
	readonly mostOfAll: number;
	/** What is said where it is no such zip. */
	readonly expected: string;
}

export interface ZipMember {
	readonly name: string;
	readonly bytes: Uint8Array<ArrayBuffer>;
}

/** More members than this no zip of ours has; those after them are not looked at. */
const MOST_ENTRIES = 5000;
/** Deflate makes at most 1032 bytes of one (RFC 1951): who says more says something false. */
const MOST_RATIO = 1032;

/** What is unpacked goes into just so many bytes; one more ends it. */
class Measured {
	private at = 0;
	readonly bytes: Uint8Array<ArrayBuffer>;
	readonly writable: WritableStream<Uint8Array>;

	constructor(size: number) {
		this.bytes = new Uint8Array(size);
		this.writable = new WritableStream({
			write: (part) => {
				if (this.at + part.length > size) throw new RangeError('More than it says.');
				this.bytes.set(part, this.at);
				this.at += part.length;
			}
		});
	}

	get isFull(): boolean {
		return this.at === this.bytes.length;
	}
}

const says = ({ compressedSize, uncompressedSize }: Entry): boolean =>
	uncompressedSize <= MOST_RATIO * compressedSize + 64;

async function unpacked(entry: FileEntry): Promise<Uint8Array<ArrayBuffer>> {
	const into = new Measured(entry.uncompressedSize);
	// Members that share bytes are how a small file becomes a huge one (overlapping entries, APPNOTE 6.3.10 allows none).
	await entry.getData(into.writable, { checkOverlappingEntry: true, checkCrc32: true });
	if (!into.isFull) throw new RangeError('Less than it says.');
	return into.bytes;
}

/**
 * The members of a zip (APPNOTE 6.3) that are wanted, each whole and as its sum says. Sizes are held against what is wanted before
 * anything is unpacked, and what comes out against the sizes.
 * @throws Problem `file` for what is no zip, or a damaged one, or one whose members share bytes
 */
export async function membersOfZip(zip: Blob, wanted: WantedOfZip): Promise<ZipMember[]> {
	const { names, mostFiles, mostOfOne, mostOfAll, expected } = wanted;
	// Nothing is ever written under the names that stand in it.
	const reader = new ZipReader(new BlobReader(zip), { filenameValidation: 'tolerant' });
	const members: ZipMember[] = [];
	let [seen, size] = [0, 0];
	try {
		for await (const entry of reader.getEntriesGenerator()) {
			if (++seen > MOST_ENTRIES || members.length === mostFiles) break;
			if (entry.directory || !names.test(entry.filename)) continue;
			if (entry.uncompressedSize > mostOfOne || size + entry.uncompressedSize > mostOfAll) continue;
			if (!says(entry)) throw new RangeError('It says something false of its size.');
			size += entry.uncompressedSize;
			members.push({ name: entry.filename, bytes: await unpacked(entry) });
		}
		return members;
	} catch {
		throw new Problem('file', 'The zip is damaged, or this is not a zip.', expected);
	} finally {
		await reader.close();
	}
}
