import { quartiles } from '$lib/core/matching/practice';
import { holds, look, said, type Remark } from '$lib/core/remark';
import { decided, free, WORK } from '../../../decision';
import { type MatchingExercise } from '../../exercise';
import { DRAWN_BOX, figureIn } from '../../layout';
import { UNSET } from '../../match-state';
import { seedOf } from '../../seed-of';
import { drawPractice } from './draw-practice';
import { practised, practiceSchema as schema, type MadePractice, type Practice } from './practised';

function remarksOn({ stage }: Practice, { done, now }: MadePractice): Remark[] {
	const last = done.at(-1);
	if (stage === 'eye' && now) return [look('ask', 'Set the right field until it is the left one, then check.')];
	if (!last) return [];
	const held = last.result.difference < last.limit;
	const off = `${last.result.difference.toFixed(1)} ΔE00 off: ${last.words}.`;
	const one = held ? holds('matching.near', off) : look('matching.near', off);
	if (now) return [one];
	const { median } = quartiles(done.map(({ result }) => result.difference))!;
	const count = done.filter(({ result, limit }) => result.difference < limit).length;
	return [
		said(
			'practice.series',
			2 * count >= done.length,
			`${count} of ${done.length} held; the median is ${median.toFixed(1)} ΔE00 off.`
		)
	];
}

const fresh = (settings: Practice): Practice => ({ ...settings, stage: 'eye', texts: [], text: null, kept: null });

/** A daily series of ten subjects, each as hard as the one before was easy. */
export const practice: MatchingExercise<Practice, MadePractice> = {
	name: 'practice',
	schema,
	words: {
		name: 'Practice',
		says: 'Ten subjects in about five minutes, harder after each that holds; what you see and do not see, over weeks.',
		source: 'Christian Kaernbach, 1991, for how the next limit is found'
	},
	heading: 'ten subjects, at your own limit',
	decides: {
		stage: WORK,
		seed: decided('subject', 'the series of subjects'),
		before: free('what earlier series came to'),
		texts: WORK,
		text: WORK,
		kept: free('whether the series is kept changes none of it')
	},
	begin: ({ id }) => ({
		name: 'practice',
		stage: 'eye',
		seed: seedOf(id),
		before: [],
		texts: [],
		text: null,
		kept: null
	}),
	make: (_, settings) => practised(settings),
	draw: ({ settings, made }) => drawPractice(settings.stage, made),
	colours: ({ settings, made }) =>
		settings.stage === 'checked' && !made.now
			? made.done.flatMap(({ target, yours }, i) => [
					{ name: `Subject ${i + 1}, true`, hex: target.hex },
					{ name: `Subject ${i + 1}, yours`, hex: yours.hex }
				])
			: [],
	preview: ({ made: { now } }) => (now ? [now.target.hex, now.yours.hex] : []),
	remarks: ({ settings, made }) => remarksOn(settings, made),
	subject: { colours: [], another: (settings, seed) => ({ ...fresh(settings), seed }), fresh },
	byEye: ({ stage }) => stage !== 'checked',
	holds: ({ stage }) => (stage === 'checked' ? [] : [{ what: 'region', key: '0' }]),
	places: ({ settings: { stage }, made: { now } }) =>
		stage === 'checked' || !now
			? []
			: [{ what: 'region', key: '0', said: 'Your colour', box: now.ground ? figureIn(DRAWN_BOX) : DRAWN_BOX }],
	settable: ({ settings: { stage, text } }) =>
		stage === 'checked'
			? null
			: {
					source: { text: text ?? UNSET },
					name: 'Your colour',
					note: text === null ? 'still grey' : 'your colour',
					put: (settings, next) => ({ ...settings, text: next })
				}
};
