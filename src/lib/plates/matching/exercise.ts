import { type LitRegion } from '$lib/core/matching/lit-shares';
import { type Box } from '$lib/drawing/box';
import { type Shape } from '$lib/drawing/drawing';
import { type Patch } from '$lib/drawing/patch';
import { type ColourSource } from '$lib/model/colour-text';
import { type AtWork, type Exercise, type Settings } from '../exercise';
import { type Settable } from '../kind';
import { type MatchingCommon } from './common';
import { type MatchState, type Stage } from './match-state';

/** One colour of a subject that is to be matched. */
export interface Region {
	/** "Shadow" */
	readonly name: string;
	readonly target: Patch;
	/** What it is of a lit form; null of any other subject. */
	readonly lit: LitRegion | null;
}

/** A colour by which a subject is put together. */
export interface SubjectColour<S> {
	readonly key: string;
	/** "Lamp" */
	readonly name: string;
	readonly note: string;
	readonly of: (settings: S) => ColourSource;
	readonly put: (settings: S, source: ColourSource) => S;
}

/** What a place of a plate is: a colour of the subject, or a region that is matched. */
export interface MatchingPlace {
	readonly what: 'subject' | 'region' | 'paint';
	readonly key: string;
}

export interface BoxedPlace extends MatchingPlace {
	readonly said: string;
	readonly box: Box;
}

/** What every exercise of matching has in its settings. */
export interface Staged extends Settings {
	readonly stage: Stage;
	readonly seed: number;
}

/** How a subject is put together, and another one found. */
export interface Subject<S> {
	/** The colours by which it is put together by hand; none where it is only drawn. */
	readonly colours: readonly SubjectColour<S>[];
	/** Another subject like it, drawn by this seed. */
	readonly another: (settings: S, seed: number) => S;
	/** The work on the subject begun anew. */
	readonly fresh: (settings: S) => S;
}

/** A subject that is matched region by region. */
export interface Match<S extends MatchState & Settings, M> {
	readonly regions: (at: AtWork<MatchingCommon, S, M>) => readonly Region[];
	/** How many regions it has. */
	readonly count: number;
	/** Subject and drawing side by side, or the one thing in which a place is open. */
	readonly layout: 'pair' | 'one';
	/** The subject itself. */
	readonly subject: (at: AtWork<MatchingCommon, S, M>, box: Box) => readonly Shape[];
	/** The same, with these colours for its regions (`#rrggbb`). */
	readonly drawn: (at: AtWork<MatchingCommon, S, M>, box: Box, fills: readonly string[]) => readonly Shape[];
	/** Where the one region stands in what is drawn, where it has only one. */
	readonly open?: (at: AtWork<MatchingCommon, S, M>, box: Box) => Box;
	/** Which region stands at a place of what is drawn, by shares of its width and height; only where there are several. */
	readonly pick?: (at: AtWork<MatchingCommon, S, M>, across: number, down: number) => number | null;
	/** What the person is asked, where it needs saying. */
	readonly asks: (settings: S) => string;
}

/** An exercise of matching. */
export interface MatchingExercise<S extends Settings, M> extends Exercise<MatchingCommon, S, M> {
	readonly subject: Subject<S>;
	readonly match?: S extends MatchState ? Match<S, M> : never;
	/** Whether colours are being judged by eye now, so that nothing may tell them. */
	readonly byEye: (settings: S) => boolean;
	/** How its one region is set, where it is no match by regions. */
	readonly settable?: (
		at: AtWork<MatchingCommon, S, M>
	) => (Omit<Settable, 'put'> & { readonly put: (settings: S, text: string) => S }) | null;
	/** What can be held, apart from where it stands. */
	readonly holds: (settings: S) => readonly MatchingPlace[];
	/** What can be held on the plate. */
	readonly places: (at: AtWork<MatchingCommon, S, M>) => readonly BoxedPlace[];
}
