import { type z } from 'zod';
import { type Drawing } from '$lib/drawing/drawing';
import { type ColourSource } from '$lib/model/colour-text';
import { type Drawn } from '$lib/model/drawn';
import { type Edit } from '$lib/model/edit';
import { type LinkedColour } from '$lib/model/linked';
import { type PictureRef, type PlaceInPicture } from '$lib/model/picture';
import { type PlateBase } from '$lib/model/plate-base';
import { type MapSources } from '$lib/model/sources';
import { type Surroundings } from '$lib/model/surroundings';
import { type KindChecks } from './checks';
import { type Decision } from './decision';
import { type Offer, type Part } from './offer';
import { type Parts } from './parts';
import { type ScaleDecision } from './scales/scale';

type Linked = readonly LinkedColour[];

/** Full: as it is read and printed. Question: without what an exercise comes to. Colours: without words, as a thumbnail shows it. */
export type Detail = 'full' | 'question' | 'colours';

/** A colour with its name and code, as files, palettes and title blocks have it. */
export interface NamedCode {
	readonly name: string;
	/** `#rrggbb` */
	readonly hex: string;
}

/** A place of a plate whose colour can be set. */
export interface Settable {
	readonly source: ColourSource;
	/** What it is called where it is no linked colour; "Own colour" unless said. */
	readonly name?: string;
	readonly note: string;
	readonly put: (source: ColourSource) => Edit;
	/** Takes back that it was set by hand, in this word, where it would follow otherwise. */
	readonly release?: { readonly word: string; readonly label: string; readonly edit: Edit };
}

/** A place of a plate whose colour follows from others. */
export interface Following<Place> {
	readonly name: string;
	readonly note: string;
	/** Its code. */
	readonly text: string;
	/** What it follows from, in words. */
	readonly follows: string;
	readonly parents: readonly { readonly name: string; readonly place: Place }[];
}

/** What of a plate can be held in the mixer. A place is plain data whose shape belongs to its kind. */
export interface Places<P extends PlateBase, Place> {
	/** What is held when nothing else is; as near as can be to a place that is gone or was left. Null where nothing can be held. */
	readonly first: (plate: P, left: Place | null) => Place | null;
	readonly has: (plate: P, place: Place) => boolean;
	readonly settable: (plate: P, place: Place, linked: Linked) => Settable | null;
	readonly following: (plate: P, place: Place, linked: Linked) => Following<Place> | null;
}

/** A colour of a plate that others can follow. */
export interface Given {
	/** Its name in what is stored, which outlives a change of count. */
	readonly place: string;
	/** "step 3 of 7" */
	readonly name: string;
	/** `#rrggbb` */
	readonly hex: string;
}

/** What other plates can follow of a plate. */
export interface Gives<P extends PlateBase, Place> {
	/** All of it, in rows, to choose from. */
	readonly rows: (plate: P, linked: Linked) => readonly { readonly name: string; readonly colours: readonly Given[] }[];
	/** One of its colours as it is now; null when it is gone. */
	readonly at: (plate: P, place: string, linked: Linked) => Given | null;
	/** Where it is held on the plate. */
	readonly held: (plate: P, place: string, linked: Linked) => Place | null;
	/** Which of its colours is held, where what is begun from it shall follow it; what is begun copies the colour unless said. */
	readonly begun?: (plate: P, place: Place) => string | null;
}

/** One state of a plate as it is shown to a room, with what is new in it. */
export interface Reveal<P extends PlateBase> {
	readonly plate: P;
	readonly says: string;
	/** Whether what it comes to is still to be found out. */
	readonly asks?: boolean;
	/** After so many seconds the next state follows by itself. */
	readonly seconds?: number;
}

/** What the pages say of a kind. */
export interface KindWords {
	/** So many things of the kind that use a colour: "2 wheels". */
	readonly uses: (count: number) => string;
	/** What the mixer says while nothing of the plate can be held, where there is more to say than that. */
	readonly empty?: string;
}

/** What people read of an exercise. */
export interface ExerciseWords {
	/** "One as two" */
	readonly name: string;
	/** One sentence on it. */
	readonly says: string;
	/** Whom the trade has it from; none where it is common teaching. */
	readonly source?: string;
}

/** The exercises of a kind that has some, by their names. */
export interface KindExercises<P extends PlateBase> {
	readonly names: readonly string[];
	/** The same plate with another exercise; what the one before was set to is kept. */
	readonly change: (plate: P, name: string) => P;
}

/** What a kind has to do with pictures. */
export interface KindPictures<P extends PlateBase> {
	readonly of: (plate: P) => readonly PictureRef[];
	/** The same plate with each of its pictures changed as asked. */
	readonly map: (plate: P, change: (picture: PictureRef) => PictureRef) => P;
	/** A new plate of a picture that was just brought; of one kind alone. */
	readonly begin?: (picture: PictureRef) => P;
	/** Places in the pictures of plates of the kind whose colours were measured; in one that ships, where there is no plate of it. */
	readonly places?: (plates: readonly PlateBase[]) => readonly PlaceInPicture[];
}

/** Everything that a plate kind knows, but for its interface (`Bench`). Outside its room nothing asks what kind a plate is. */
export interface PlateKind<P extends PlateBase, Place> {
	readonly schema: z.ZodType<P> & z.core.$ZodTypeDiscriminable;
	readonly words: KindWords;
	readonly exercises?: KindExercises<P>;
	/** A plate as an earlier version stored it, in today's shape. */
	readonly bringOver?: (stored: Readonly<Record<string, unknown>>) => unknown;
	readonly mapSources: MapSources<P>;
	/**
	 * Whether colours of it are being judged by eye now: then the whole page puts away codes, names of colours and readings. Never unless
	 * said.
	 */
	readonly byEye?: (plate: P) => boolean;
	/**
	 * How many of its things count on a linked colour, where that is not the plate itself by any of its sources: scales are counted,
	 * and what is left aside for now does not count.
	 */
	readonly uses?: (plate: P, id: string) => number;
	/** What we call it by what is on it, while nobody has written a title of their own. */
	readonly title: (plate: P, linked: Linked) => string;
	/** Which part of a course it belongs to, and what is offered there, in the order of a course; the first is what most likely comes next. */
	readonly part: Part;
	readonly offers: readonly Offer<P>[];
	/** A new one to go on with, from what the study has. */
	readonly make: (study: Surroundings) => P;
	/** The same one with ids of its own for its parts, where it has parts with ids. */
	readonly copyParts?: (plate: P) => P;
	/** Ids of its parts, each of which a study may have only once. */
	readonly partIds?: (plate: P) => readonly string[];
	/** What contradicts itself, as what would be right. */
	readonly contradictions?: (plate: P) => readonly string[];
	readonly draw: (plate: P, linked: Linked, detail: Detail) => Drawing;
	/** What is on it, in a few sentences, for those who do not see it. */
	readonly describe: (plate: P, linked: Linked) => string;
	/** Whether drawing it takes so long that its thumbnail waits for the end of a gesture. */
	readonly slow?: boolean;
	/**
	 * Whether drawing it may take a processor over a tenth of a second: then the server sends its page without it, and the browser draws
	 * it, so that nobody else waits. Never unless said.
	 */
	readonly heavy?: (plate: P) => boolean;
	/** What it is read by as a list of colours; none where there is nothing to read. */
	readonly colours: (plate: P, linked: Linked) => readonly NamedCode[];
	/** Whether the title block lists these colours where codes are asked for: where they do not stand at the colours themselves. */
	readonly listed?: boolean;
	readonly places: Places<P, Place>;
	/** What other plates can follow of it; nothing unless said. */
	readonly gives?: Gives<P, Place>;
	/** The states in which it is shown to a room, what is to be found out hidden first; as it is unless said. */
	readonly reveals?: (plate: P) => readonly Reveal<P>[];
	/** Whether it shows what it comes to, where that is to be found out first; never unless said. */
	readonly answered?: (plate: P) => boolean;
	/** What is decided on it, one by one, beside its checks: a brief can give each and hold it. */
	readonly decisions: (plate: P, linked: Linked) => readonly Decision[];
	/** What it can be asked to meet. */
	readonly checks: KindChecks<P>;
	/** What of it can be taken along by itself; only the whole plate unless said. */
	readonly parts?: Parts<P, Place, unknown>;
	/** The pictures on it, for whoever keeps or brings them; none unless said. */
	readonly pictures?: KindPictures<P>;
	/** A part of it that can be taken away by itself as a picture; nothing unless said. */
	readonly piece?: {
		/** "One repeat" */
		readonly words: string;
		/** Null where the plate has none now. */
		readonly draw: (plate: P, linked: Linked) => Drawing | null;
	};
	/** Puts a drawing that was read in in the place of what the plate is laid on; it takes none unless said. */
	readonly takeDrawing?: (plate: P, drawing: Drawn) => Edit;
	/** Its scales, for whoever wants to take one up. */
	readonly scales?: (plate: P) => readonly ScaleDecision[];
	/** How one is begun from a colour that is held anywhere, if it can be. */
	readonly begin?: {
		readonly words: string;
		readonly title: string;
		readonly from: (study: Surroundings, source: ColourSource) => P;
		/** Only where a colour is looked at, not beside the tracks with which one is set. */
		readonly rarely?: boolean;
	};
}
