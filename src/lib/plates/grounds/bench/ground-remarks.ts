import { JUDGED_DIFFERENCES } from '$lib/core/matching/judging';
import { type Remark } from '$lib/core/scale/remarks';
import { type MadeContrast } from '../contrast-of';
import { sayP } from '../say-p';
import { type MadeGrounds } from '../grounds-of';
import { type GroundsPlate } from '../schema';

const remark = (verdict: Remark['verdict'], words: string): Remark => ({ verdict, words, mend: null });
const signed = (value: number): string => `${value < 0 ? '−' : '+'}${Math.abs(value).toFixed(0)}`;
const STRONG = 0.03;

function remarksOnContrast(contrast: MadeContrast | null): Remark[] {
	const result = contrast?.result;
	if (!result)
		return [
			remark(
				'look',
				'Set the twin in the mixer until both look alike, then say so. Sit as you always sit; look from one to the other.'
			)
		];
	const { p, spread } = result;
	return [
		remark(
			p < -0.02 ? 'holds' : 'look',
			p < -0.02
				? `Grounds push figures away from themselves: your p is ${sayP(p)}.`
				: `Your p is ${sayP(p)}: hardly any contrast. Were the codes read, or the twin left where it started?`
		),
		remark(
			spread < 0.25 ? 'holds' : 'look',
			spread < 0.25
				? `The matches agree: ± ${spread.toFixed(2)}.`
				: `The matches differ much, ± ${spread.toFixed(2)}: another series would tell more.`
		)
	];
}

/** What a plate of grounds comes to, in words. */
export function remarksOnGrounds(plate: GroundsPlate, made: MadeGrounds): Remark[] {
	const [one, other] = made.pair;
	const both = [`On the first ground: ${one.shift.words}.`, `On the second: ${other.shift.words}.`].map((words) =>
		remark('holds', words)
	);
	switch (plate.exercise) {
		case 'one-as-two':
			return [
				remark(
					made.apart > STRONG ? 'holds' : 'look',
					made.apart > STRONG
						? 'The two grounds drive it clearly apart.'
						: 'The two grounds hardly drive it apart: take grounds that differ more.'
				),
				...both
			];
		case 'two-as-one': {
			if (!plate.solved || !made.solution)
				return [remark('look', 'Set the second figure until both look the same, then show the solution.'), ...both];
			const { off, fits } = made.solution;
			return [
				remark(off < 2 ? 'holds' : 'look', `The second figure is ${off.toFixed(1)} ΔE00 from the solution.`),
				...(fits ? [] : [remark('look', 'No screen shows the whole solution; the nearest is shown.')])
			];
		}
		case 'like-ground':
			return plate.solved && made.solution
				? [
						remark(
							made.solution.off < 4 ? 'holds' : 'look',
							`The figure is ${made.solution.off.toFixed(1)} ΔE00 from the best one between these grounds.`
						),
						...both
					]
				: both;
		case 'rows': {
			if (made.row.length === 0) return [];
			const values = made.row.map(({ value }) => value);
			const [least, most] = [signed(Math.min(...values)), signed(Math.max(...values))];
			const range = least === most ? `${least} L* on every ground` : `${least} to ${most} L*`;
			const what = plate.scale ? 'The value of the whole scale, in the mean, seems' : 'Its value seems';
			return [remark('holds', `${what} to shift by ${range}.`)];
		}
		case 'own-contrast':
			return remarksOnContrast(made.contrast);
		case 'edges': {
			const { vanishing, vibrating } = made.edge;
			if (vanishing > 0.5) return [remark('holds', 'The border nearly vanishes.')];
			if (vibrating > 0.5) return [remark('holds', 'The border vibrates.')];
			return [remark('look', 'A plain border: their values are too far apart to vanish or vibrate.')];
		}
		case 'after-image':
			return [
				remark('holds', 'Show it to a room, or press “Look”: after twenty seconds the neutral field comes by itself.')
			];
		case 'judging':
			return made.judging.right.map((right, i) =>
				remark(
					right ? 'holds' : 'look',
					`${JUDGED_DIFFERENCES[i]} L* apart: ${right ? 'right' : 'taken the other way round'}.`
				)
			);
		case 'assimilation':
			return [remark('holds', 'Look at the finest pattern from far, at the broadest from near.')];
	}
}
