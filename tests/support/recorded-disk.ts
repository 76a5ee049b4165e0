import fs from 'node:fs';
import { basename, dirname, join, relative, resolve, sep } from 'node:path';

/** What was done to a file since it was last synced: bytes written from a place on, or its length set. */
type Change = { readonly at: number; readonly bytes: Buffer } | { readonly length: number };

interface RecordedFile {
	/** As it was when it was last synced. */
	synced: Buffer;
	changes: Change[];
}
interface RecordedFolder {
	/** As they are, and as they were when the folder was last synced. */
	now: Map<string, Recorded>;
	synced: Map<string, Recorded>;
}
type Recorded = RecordedFile | RecordedFolder;
const isFolder = (recorded: Recorded): recorded is RecordedFolder => 'now' in recorded;

function applied(synced: Buffer, changes: readonly Change[]): Buffer {
	let content = synced;
	for (const change of changes) {
		const end = 'bytes' in change ? change.at + change.bytes.length : change.length;
		if (end > content.length) content = Buffer.concat([content, Buffer.alloc(end - content.length)]);
		if ('bytes' in change) change.bytes.copy(content, change.at);
		else content = content.subarray(0, change.length);
	}
	return content;
}

const WATCHED = [
	'openSync',
	'closeSync',
	'writeSync',
	'writeFileSync',
	'fsyncSync',
	'truncateSync',
	'ftruncateSync',
	'renameSync',
	'unlinkSync',
	'rmdirSync',
	'mkdirSync'
] as const;

/**
 * A folder whose every write and sync is noted, so that what a power cut leaves can be made: what was not synced is not there. As
 * strict as POSIX allows: of a file what its last `fsync` had, of a folder the names that its own last `fsync` had.
 */
export class RecordedDisk {
	private readonly root: string;
	private readonly whole: RecordedFolder;
	private readonly handles = new Map<number, Recorded>();
	private readonly originals = new Map<string, unknown>();
	/** While a cut is written nothing is noted: Node.js writes a file by functions that are watched. */
	private cutting = false;
	/** How often files and folders were synced. */
	syncs = 0;
	/** Called after each write, sync and change of a name. */
	onchange: () => void = () => undefined;

	constructor(root: string) {
		this.root = resolve(root);
		this.whole = this.readFolder(this.root);
		const real = fs as unknown as Record<string, (...args: unknown[]) => unknown>;
		for (const name of WATCHED) {
			const original = real[name]!;
			this.originals.set(name, original);
			real[name] = (...args) => {
				const path = typeof args[0] === 'string' ? args[0] : null;
				const inside = path === null ? null : this.find(path);
				const result = Reflect.apply(original, fs, args);
				if (!this.cutting) this.note(name, args, inside, result);
				return result;
			};
		}
	}

	/** Lets go of the file system. */
	end(): void {
		for (const [name, original] of this.originals) (fs as unknown as Record<string, unknown>)[name] = original;
	}

	private readFolder(path: string): RecordedFolder {
		const now = new Map<string, Recorded>();
		for (const entry of fs.readdirSync(path, { withFileTypes: true })) {
			const inner = join(path, entry.name);
			if (entry.isDirectory()) now.set(entry.name, this.readFolder(inner));
			else if (entry.isFile()) now.set(entry.name, { synced: fs.readFileSync(inner), changes: [] });
		}
		return { now, synced: new Map(now) };
	}

	private folderOf(path: string): RecordedFolder | null {
		const found = this.find(dirname(path));
		return found && isFolder(found) ? found : null;
	}

	private find(path: string): Recorded | null {
		const way = relative(this.root, resolve(path));
		if (way === '') return this.whole;
		let at: Recorded | undefined = this.whole;
		for (const name of way.split(sep)) at = at && isFolder(at) ? at.now.get(name) : undefined;
		return at ?? null;
	}

	private make(path: string, recorded: Recorded): Recorded | null {
		const folder = this.folderOf(path);
		folder?.now.set(basename(path), recorded);
		return folder && recorded;
	}

	private note(name: (typeof WATCHED)[number], args: unknown[], before: Recorded | null, result: unknown): void {
		const [path, handle] = [String(args[0]), Number(args[0])];
		const file = typeof args[0] === 'number' ? this.handles.get(handle) : before;
		const changed = (change: Change): void => {
			if (file && !isFolder(file)) file.changes.push(change);
		};
		if (name === 'openSync') {
			const flags = args[1];
			const opened = before ?? (flags === 'r' ? null : this.make(path, { synced: Buffer.alloc(0), changes: [] }));
			const empties = flags === 'w' || (typeof flags === 'number' && (flags & fs.constants.O_TRUNC) !== 0);
			if (opened && !isFolder(opened) && empties) opened.changes.push({ length: 0 });
			if (opened) this.handles.set(result as number, opened);
			return;
		}
		if (name === 'closeSync') return void this.handles.delete(handle);
		if (name === 'writeSync') {
			const [, buffer, offset, , position] = args as [number, Uint8Array, number, number, number];
			changed({ at: position, bytes: Buffer.from(buffer.subarray(offset, offset + (result as number))) });
		}
		// As the file layer makes an empty one.
		if (name === 'writeFileSync') {
			if (before) changed({ length: 0 });
			else this.make(path, { synced: Buffer.alloc(0), changes: [] });
		}
		if (name === 'truncateSync' || name === 'ftruncateSync') changed({ length: Number(args[1] ?? 0) });
		if (name === 'mkdirSync') this.make(path, { now: new Map(), synced: new Map() });
		if (name === 'unlinkSync' || name === 'rmdirSync') this.folderOf(path)?.now.delete(basename(path));
		if (name === 'renameSync' && before) {
			this.folderOf(path)?.now.delete(basename(path));
			this.make(String(args[1]), before);
		}
		if (name === 'fsyncSync' && file) {
			this.syncs++;
			if (isFolder(file)) file.synced = new Map(file.now);
			else {
				file.synced = applied(file.synced, file.changes);
				file.changes = [];
			}
		}
		this.onchange();
	}

	/**
	 * Writes what a power cut at this moment leaves into another folder.
	 * @param survives whether a write that was not synced reached the disk all the same, as some do: asked for each
	 */
	cut(into: string, survives: () => boolean = () => false): void {
		this.cutting = true;
		const write = (folder: RecordedFolder, path: string): void => {
			fs.mkdirSync(path, { recursive: true });
			for (const [name, each] of folder.synced) {
				const inner = join(path, name);
				if (isFolder(each)) write(each, inner);
				else {
					const some = each.changes.filter(survives);
					const content = some.length === 0 ? each.synced : applied(Buffer.from(each.synced), some);
					fs.writeFileSync(inner, content);
				}
			}
		};
		write(this.whole, into);
		this.cutting = false;
	}
}
