import { resolve } from 'node:path';
import { clockIsBelieved } from './database/clock';
import { type Database } from './database/database';
import { freeSpace } from './database/disk';
import { DatabaseFailure, isDamage, isFull } from './database/failures';
import { FolderInUse } from './database/lock';
import { openDatabase, ReadOnlyFolder } from './database/open';
import { forgetOld } from './database/set-aside';
import { emptyDemo, fillDemo } from './demo';
import { forgetPieces } from './handed/pieces';
import { forgetAllPictures, forgetPictures } from './images/kept-pictures';
import { picturesInStudies } from './studies/repository';
import { databaseFolder, diskMargin, isDemo, isFreshDemo } from './settings';

let opened: Database | null = null;

/** The database of this server. Only there once `start` is through. */
export function database(): Database {
	if (!opened) throw new Error('The database is not open yet.');
	return opened;
}

/** One line for whoever runs the server. */
const say = (line: string): void => console.error(line);

/** Opens everything the server needs. Where that cannot be, says why in one line and ends the process. */
export async function start(): Promise<void> {
	const folder = databaseFolder();
	try {
		opened = await openDatabase({ folder, margin: diskMargin(), onsilent, say });
		if (isFreshDemo()) {
			await emptyDemo(opened);
			await forgetAllPictures();
		}
		if (isDemo()) await fillDemo(opened, resolve('demo'));
		// What was set aside long ago can wait until there is space again.
		await forget(opened).catch((error: unknown) => {
			if (!isFull(error)) throw error;
			say(`${reasonOf(error)} Studies can be read; nothing is saved until there is more.`);
		});
	} catch (error) {
		say(sayWhyNot(error, folder, await isShort(folder)));
		process.exit(1);
	}
	// Sent by the server once it takes no more requests (SIGTERM, SIGINT).
	process.once('sveltekit:shutdown', () => void stop());
}

/** Forgets what was set aside long ago, and what nothing names any more. */
async function forget(base: Database): Promise<void> {
	const now = new Date();
	await forgetPieces(base);
	if (!(await clockIsBelieved(base, now))) {
		say(
			'The clock of this machine stands far ahead of what was last kept here. Nothing is forgotten until it has stood so for a day.'
		);
		return;
	}
	await forgetOld(base, now);
	await forgetPictures(await picturesInStudies(base), now.getTime());
}

const reasonOf = (error: unknown): string => (error instanceof Error ? error.message : 'It gave no reason.');

/** Whether space is short where the database is: without any it may end in the middle of being opened, and give no reason. */
const isShort = async (folder: string): Promise<boolean> =>
	(await freeSpace(folder).catch(() => Infinity)) < diskMargin();

function sayWhyNot(error: unknown, folder: string, short: boolean): string {
	if (error instanceof FolderInUse || error instanceof ReadOnlyFolder) return error.message;
	const whole = `The database in ${folder} could not be opened. ${reasonOf(error)}`;
	if (isFull(error) || (short && error instanceof DatabaseFailure))
		return `${whole} Make room on that disk, or set RICERCAR_DATA to a folder on another one.`;
	return isDamage(error)
		? `${whole} Its files seem to be damaged. Put a copy of the folder in its place, or set RICERCAR_DATA to another folder; Ricercar changes nothing in this one.`
		: whole;
}

/** Nothing can be read or written any more, and nothing that was answered is lost: whoever restarts servers shall do so. */
function onsilent(): void {
	say('The database no longer answers. This server ends; every save that was answered is kept. Start it again.');
	process.exit(1);
}

async function stop(): Promise<void> {
	await opened?.close();
	opened = null;
	process.exit(process.exitCode ?? 0);
}
