import { type Scheme } from './schemes';

interface SchemeWords {
	readonly name: string;
	/** One sentence on what the scheme is. */
	readonly says: string;
	/** What stays while members are turned. */
	readonly keeps: string;
}

/** What people read for each scheme. */
export const SCHEME_WORDS: Readonly<Record<Scheme, SchemeWords>> = {
	complementary: {
		name: 'Complementary',
		says: 'A colour and the one opposite: each makes the other look stronger.',
		keeps: 'The two stay opposite: turn one, and both turn.'
	},
	'near-complementary': {
		name: 'Near-complementary',
		says: 'A colour and one beside its opposite: nearly as strong a contrast, less stiff.',
		keeps: 'The second stays 150° to 210° from the lead: turn it to set how far.'
	},
	'split-complementary': {
		name: 'Split complementary',
		says: 'A colour and the two on either side of its opposite.',
		keeps: 'The two sides stay equally far from the opposite: turn one, and the other answers.'
	},
	analogous: {
		name: 'Analogous',
		says: 'A colour and its neighbours: calm, because all share a hue.',
		keeps: 'The neighbours stay equally spaced on both sides of the lead.'
	},
	triad: {
		name: 'Triad',
		says: 'Three hues a third of the wheel apart.',
		keeps: 'The thirds stay thirds: turn one, and all turn.'
	},
	square: {
		name: 'Square',
		says: 'Four hues a quarter of the wheel apart: two pairs of opposites.',
		keeps: 'The quarters stay quarters: turn one, and all turn.'
	},
	rectangle: {
		name: 'Rectangle',
		says: 'A colour and its opposite, both split: two pairs of opposites, nearer to each other on two sides.',
		keeps: 'Both pairs stay opposite: the second turns against the lead to set the width.'
	},
	'analogous-complement': {
		name: 'Analogous with complement',
		says: 'A calm group of neighbours and the one opposite as its accent.',
		keeps: 'The neighbours stay equally spaced, the accent stays opposite.'
	},
	monochromatic: {
		name: 'Monochromatic',
		says: 'One hue, varied in value and chroma.',
		keeps: 'All keep one hue: turn one, and all turn.'
	},
	'dark-family': {
		name: 'Dark family',
		says: 'One hue on its way into the dark.',
		keeps: 'All keep one hue, each darker than the one before.'
	},
	free: { name: 'Free', says: 'Each colour stands where you put it.', keeps: 'Nothing is held: each goes by itself.' }
};
