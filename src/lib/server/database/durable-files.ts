import { type PGlite } from '@electric-sql/pglite';
import { NodeFS } from '@electric-sql/pglite/nodefs';
import fs from 'node:fs';
import { dirname, join } from 'node:path';

type FilesOptions = Parameters<NodeFS['init']>[1];
type Module = Parameters<NonNullable<FilesOptions['preRun']>[number]>[0];

interface FileNode {
	readonly name: string;
}

/** What of Emscripten's file layer for Node.js is used here (its library_nodefs.js); its published types know neither of these. */
interface NodeLayer {
	readonly realPath: (node: FileNode) => string;
	readonly tryFSOperation: <T>(work: () => T) => T;
	readonly node_ops: {
		mknod(parent: FileNode, name: string, mode: number, device: number): FileNode;
		rename(node: FileNode, parent: FileNode, name: string): void;
		unlink(parent: FileNode, name: string): void;
		rmdir(parent: FileNode, name: string): void;
	};
	readonly stream_ops: { fsync?: (stream: { readonly nfd: number; readonly node: FileNode }) => number };
}

/** As `syncFolder` of disk.ts, at once: the database waits for it. Some systems write the names in a folder by themselves. */
function syncFolderNow(folder: string): void {
	if (process.platform === 'win32') return;
	const handle = fs.openSync(folder, 'r');
	try {
		fs.fsyncSync(handle);
	} finally {
		fs.closeSync(handle);
	}
}

/** Syncs every file of a folder and every folder in it. */
export function syncAll(folder: string): void {
	for (const entry of fs.readdirSync(folder, { withFileTypes: true })) {
		const path = join(folder, entry.name);
		if (entry.isDirectory()) syncAll(path);
		if (!entry.isFile()) continue;
		const handle = fs.openSync(path, 'r+');
		try {
			fs.fsyncSync(handle);
		} finally {
			fs.closeSync(handle);
		}
	}
	syncFolderNow(folder);
}

/**
 * Gives the file layer the `fsync` that it lacks, with which PostgreSQL asks for what it wrote to be on the disk, so that it is there
 * after a power cut too. A folder in which files were made, renamed or removed is synced with the next file of it: a file whose
 * name is not on the disk is not there either.
 */
function makeDurable({ realPath, tryFSOperation, node_ops, stream_ops }: NodeLayer): void {
	const changed = new Set<string>();
	const { mknod, rename, unlink, rmdir } = node_ops;
	node_ops.mknod = (parent, name, mode, device) => {
		const node = mknod(parent, name, mode, device);
		changed.add(realPath(parent));
		return node;
	};
	node_ops.rename = (node, parent, name) => {
		const from = dirname(realPath(node));
		rename(node, parent, name);
		changed.add(from).add(realPath(parent));
	};
	node_ops.unlink = (parent, name) => {
		unlink(parent, name);
		changed.add(realPath(parent));
	};
	node_ops.rmdir = (parent, name) => {
		rmdir(parent, name);
		changed.add(realPath(parent));
	};
	stream_ops.fsync = ({ nfd, node }) => {
		tryFSOperation(() => {
			fs.fsyncSync(nfd);
			for (let path = realPath(node); changed.size > 0 && path !== dirname(path); path = dirname(path))
				if (changed.delete(path)) syncFolderNow(path);
		});
		return 0;
	};
}

/** The files of a database in a folder, written through to the disk when PostgreSQL asks for it. */
export class DurableFiles extends NodeFS {
	override async init(pglite: PGlite, options: FilesOptions): Promise<{ emscriptenOpts: FilesOptions }> {
		const { emscriptenOpts } = await super.init(pglite, options);
		const durable = (module: Module): void => makeDurable(module.NODEFS as unknown as NodeLayer);
		return { emscriptenOpts: { ...emscriptenOpts, preRun: [...(emscriptenOpts.preRun ?? []), durable] } };
	}
}
