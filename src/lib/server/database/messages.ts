import { type Row } from './database';

/** What the server asks of the database's thread. Every question has a number of its own, which its answer names. */
export type Question =
	| { readonly number: number; readonly ask: 'ping' | 'begin' | 'close' }
	| {
			readonly number: number;
			readonly ask: 'query';
			readonly transaction: number | null;
			readonly sql: string;
			readonly parameters: readonly unknown[];
	  }
	| { readonly number: number; readonly ask: 'commit' | 'rollback'; readonly transaction: number };

/** A failure as it travels; an instance of a class would lose its class on the way. */
export interface Complaint {
	readonly name: string;
	readonly message: string;
	readonly code: string | null;
}

export type Answer =
	{ readonly number: number; readonly rows: Row[] } | { readonly number: number; readonly complaint: Complaint };

/** Sent once, when the database is open or cannot be opened. */
export type Opening = { readonly opened: true } | { readonly opened: false; readonly complaint: Complaint };
