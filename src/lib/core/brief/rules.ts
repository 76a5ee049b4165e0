import { type SentenceKey } from '../sentence-keys';
import { type Wheel } from '../scheme/wheel';
import { type Recipe } from '../scale/recipe';

/** What a brief can ask of a scale: plain data, so that it can be stored, sent and written by an educator. */
export type ScaleRule =
	| { readonly rule: 'recipe'; readonly is: Recipe }
	/** Steps between, from least to most. */
	| { readonly rule: 'count'; readonly least: number; readonly most: number }
	/** Temperature of one parent, by its place from 0, or of all. */
	| { readonly rule: 'temperature'; readonly of: number | 'all'; readonly is: 'warm' | 'cool' }
	/** The angle between the first two parents on a wheel, in degrees. */
	| { readonly rule: 'separation'; readonly wheel: Wheel; readonly least: number; readonly most: number }
	/** High: every step at least this light (L*, 65 unless set); low: every step at most this light (40 unless set). */
	| { readonly rule: 'key'; readonly is: 'high' | 'low'; readonly limit?: number }
	/** No parent is a pure hue: none has more than nine tenths of the chroma that a screen has of its hue at the most. */
	| { readonly rule: 'not-pure' }
	| { readonly rule: 'value-one-way' }
	/** All values within so many L*. */
	| { readonly rule: 'value-equal'; readonly within: number }
	| { readonly rule: 'evenness'; readonly least: number }
	/** Every parent within so many ΔE00 of a colour of the palette (CSS texts). */
	| { readonly rule: 'uses-palette'; readonly palette: readonly string[]; readonly within: number };

/** Whether a rule is met, why in words, and the step (from 1) that breaks it, where one does. */
export interface Verdict {
	readonly holds: boolean;
	readonly key: SentenceKey;
	readonly reason: string;
	readonly step: number | null;
	/** What was measured, as the reason has it, where that is one number: "0.91", "38 %". */
	readonly figure?: string;
}

/** L* over which every step of a high key lies, where a brief sets no limit (common practice, no source). */
export const HIGH_KEY = 65;
/** L* under which every step of a low key lies, where a brief sets no limit (common practice, no source). */
export const LOW_KEY = 40;
