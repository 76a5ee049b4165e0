import { type z } from 'zod';
import { type Remark } from '$lib/core/remark';
import { type Shape } from '$lib/drawing/drawing';
import { type LinkedColour } from '$lib/model/linked';
import { type MapSources } from '$lib/model/sources';
import { type DecisionFields } from './decision';
import { type Detail, type ExerciseWords, type NamedCode } from './kind';

/** What an exercise needs beside what is common to its kind, under the name of the exercise. */
export interface Settings {
	readonly name: string;
}

/** An exercise at work: what is common to its kind (C), its own settings (S), and what they come to (M). */
export interface AtWork<C, S extends Settings, M> {
	readonly common: C;
	readonly settings: S;
	readonly made: M;
	readonly linked: readonly LinkedColour[];
}

/** One state in which an exercise is shown to a room, with what is new in it. */
export interface ExerciseReveal<S extends Settings> {
	readonly settings: S;
	readonly says: string;
	/** Whether what it comes to is still to be found out. */
	readonly asks?: boolean;
	/** After so many seconds the next state follows by itself. */
	readonly seconds?: number;
}

/** Everything that an exercise knows, but for its interface. Outside its folder nothing asks which exercise a plate has. */
export interface Exercise<C, S extends Settings, M> {
	readonly name: S['name'];
	readonly schema: z.ZodType<S> & z.core.$ZodTypeDiscriminable;
	readonly words: ExerciseWords;
	/** What it is called in the head of a plate, beside the title. */
	readonly heading: string;
	/** What each of its settings decides, or why none. */
	readonly decides: DecisionFields<Omit<S, 'name'>>;
	/** How it is begun on a plate that has not had it yet. */
	readonly begin: (common: C) => S;
	/** Over the colours that are its own; none where all of them are common to the kind. */
	readonly mapSources?: MapSources<S>;
	/** What it comes to. Worked out only for the exercise that is shown, and again only when the plate or a colour has changed. */
	readonly make: (common: C, settings: S, linked: readonly LinkedColour[]) => M;
	readonly draw: (at: AtWork<C, S, M>, detail: Detail) => Shape[];
	/** Whether drawing it may take a processor over a tenth of a second; never unless said. */
	readonly heavy?: boolean;
	/** What it is read by as a list of colours; none where there is nothing to read. */
	readonly colours: (at: AtWork<C, S, M>) => readonly NamedCode[];
	/** Codes by which it is known in the list of exercises; those of its colours unless said. */
	readonly preview?: (at: AtWork<C, S, M>) => readonly string[];
	/** The states in which it is shown to a room; as it is unless said. */
	readonly reveals?: (settings: S) => readonly ExerciseReveal<S>[];
	/** What it comes to, in words. */
	readonly remarks: (at: AtWork<C, S, M>) => readonly Remark[];
}
