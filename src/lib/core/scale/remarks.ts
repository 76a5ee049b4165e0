import { holds, look, type Remark } from '../remark';
import { saidApart } from '../say-number';
import { NO_DIFFERENCE, type Readings } from './readings';

/** Under this ratio of the largest to the smallest difference nobody sees that a scale is uneven. */
const EVEN = 1.05;
/** Up to this ratio an eye that looks for it sees it, and a course lets it pass (our choice; a check of evenness asks for more). */
const NEARLY_EVEN = 1.25;

/** "2, 3 and 5" */
export function list(numbers: readonly string[]): string {
	if (numbers.length < 2) return numbers.join('');
	return `${numbers.slice(0, -1).join(', ')} and ${numbers.at(-1)}`;
}

/** Step numbers as people say them: runs of three and more as "2 to 5". */
export function runs(numbers: readonly number[]): string {
	const groups: number[][] = [];
	for (const number of numbers) {
		const last = groups.at(-1);
		if (last && last.at(-1) === number - 1) last.push(number);
		else groups.push([number]);
	}
	return list(groups.flatMap((group) => (group.length > 2 ? [`${group[0]} to ${group.at(-1)}`] : group.map(String))));
}

const steps = (numbers: readonly number[]): string => `${numbers.length === 1 ? 'Step' : 'Steps'} ${runs(numbers)}`;

const isEven = (differences: readonly number[]): boolean =>
	Math.max(...differences) <= EVEN * Math.min(...differences) && Math.max(...differences) > NO_DIFFERENCE;

/** "3.1", or "3.0 to 3.1" where that is what the differences are. */
function eachApart(differences: readonly number[]): string {
	const [least, most] = [Math.min(...differences).toFixed(1), Math.max(...differences).toFixed(1)];
	return least === most ? least : `${least} to ${most}`;
}

/** The differences from each fixed step to the next; `fixed` are inner steps, from 1. */
function sectionsOf(differences: readonly number[], fixed: readonly number[]): number[][] {
	const borders = [0, ...fixed.map((step) => step - 1), differences.length];
	return borders.slice(1).map((border, i) => differences.slice(borders[i], border));
}

function onEvenness({ differences, leaps }: Readings, fixed: readonly number[]): Remark {
	if (Math.max(...differences) <= NO_DIFFERENCE)
		return look('scale.one-colour', 'The steps do not differ at all: all are one colour.');
	const free = differences.filter((_, i) => !leaps.includes(i));
	if (free.length === 0)
		return holds('scale.no-step-of-its-own', 'There is only the leap from a parent to the purest hues.');
	if (isEven(free)) {
		const but = leaps.length > 0 ? 'But for the ends, the' : 'The';
		return holds('scale.even', `${but} steps are even: each is ${eachApart(free)} ΔE00 from the next.`);
	}
	const sections = sectionsOf(differences, fixed);
	if (leaps.length === 0 && sections.length > 1 && sections.every(isEven)) {
		const said = sections.map(eachApart).join(', then ');
		return holds(
			'scale.even-sections',
			`${steps(fixed)} ${fixed.length === 1 ? 'is' : 'are'} fixed, and the steps are even from one fixed step to the next: ${said} ΔE00.`
		);
	}
	const [smallest, largest] = [Math.min(...free), Math.max(...free)];
	const ratio = smallest > NO_DIFFERENCE ? largest / smallest : Infinity;
	const said = ratio > 100 ? 'more than 100' : ratio.toFixed(ratio < NEARLY_EVEN ? 2 : 1);
	if (ratio < NEARLY_EVEN)
		return holds('scale.nearly-even', `The steps are nearly even: the largest is ${said} times the smallest.`);
	return look('scale.uneven', `Largest step: ${said} times the smallest.`, free.length > 1 ? 'even-out' : null);
}

function onValue({ course, values }: Readings): Remark {
	const [first, last] = saidApart(values[0]!, values.at(-1)!);
	switch (course.kind) {
		case 'level':
			return holds('scale.level', `Value stays level at ${values[0]!.toFixed(0)}.`);
		case 'rises':
		case 'falls':
			return holds('scale.one-way', `Value ${course.kind} all the way, from ${first} to ${last}.`);
		case 'turns': {
			const from = `Value goes from ${first} to ${last === first ? 'the same' : last}`;
			if (course.at.length === 0) return look('scale.turns', `${from}, now up and now down.`);
			const at = course.at.map((step) => `step ${step} (${values[step - 1]!.toFixed(0)})`);
			return look('scale.turns', `${from}, but turns at ${list(at)}.`);
		}
	}
}

function onGamut({ outOfGamut }: Readings): Remark {
	if (outOfGamut.length === 0) return holds('scale.fits', 'Every step fits the screen gamut.');
	return look(
		'scale.outside',
		`${steps(outOfGamut)} ${outOfGamut.length === 1 ? 'lies' : 'lie'} outside the screen gamut; the nearest colour is shown.`
	);
}

function onTelling({ likeNext }: Readings): Remark {
	if (likeNext.length === 0) return holds('scale.told-apart', 'Every step can be told from the next.');
	return look('scale.alike', `${steps(likeNext)} ${likeNext.length === 1 ? 'is' : 'are'} hard to tell from the next.`);
}

function onGround({ likeGround }: Readings): Remark[] {
	if (likeGround.length === 0) return [];
	const words = `${steps(likeGround)} ${likeGround.length === 1 ? 'is' : 'are'} lost on the ground of the plate.`;
	return [look('scale.lost', words)];
}

/** All that the readings of a scale come to, in the order in which a teacher would say it. `fixed` are its fixed inner steps, from 1. */
export function remarksOn(readings: Readings, fixed: readonly number[] = []): Remark[] {
	return [
		onEvenness(readings, fixed),
		onValue(readings),
		onGamut(readings),
		onTelling(readings),
		...onGround(readings)
	];
}
