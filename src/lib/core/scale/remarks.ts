import { holds, look, type Remark } from '../remark';
import { NO_DIFFERENCE, type Readings } from './readings';

/** Under this ratio of the largest to the smallest difference nobody sees that a scale is uneven. */
const EVEN = 1.05;

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

function onEvenness({ differences }: Readings): Remark {
	const largest = Math.max(...differences);
	const smallest = Math.min(...differences);
	if (largest <= NO_DIFFERENCE) return look('The steps do not differ at all: both ends are one colour.');
	if (largest / smallest <= EVEN)
		return holds(`The steps are even: each is ${smallest.toFixed(1)} ΔE00 from the next.`);
	const ratio = smallest > NO_DIFFERENCE ? (largest / smallest).toFixed(1) : 'many';
	return look(`Largest step: ${ratio} times the smallest.`, differences.length > 1 ? 'even-out' : null);
}

function onValue({ course, values }: Readings): Remark {
	const [first, last] = [values[0]!, values.at(-1)!].map((value) => value.toFixed(0));
	switch (course) {
		case 'level':
			return holds(`Value stays level at ${first}.`);
		case 'rising':
			return holds(`Value rises all the way, from ${first} to ${last}.`);
		case 'falling':
			return holds(`Value falls all the way, from ${first} to ${last}.`);
		case 'mixed':
			return look('Value goes up and down along the scale.');
	}
}

function onGamut({ outOfGamut }: Readings): Remark {
	if (outOfGamut.length === 0) return holds('Every step fits the screen gamut.');
	return look(
		`${steps(outOfGamut)} ${outOfGamut.length === 1 ? 'lies' : 'lie'} outside the screen gamut; the nearest colour is shown.`
	);
}

function onTelling({ likeNext }: Readings): Remark {
	if (likeNext.length === 0) return holds('Every step can be told from the next.');
	const alike = [...new Set(likeNext.flatMap((step) => [step, step + 1]))];
	return look(`${steps(alike)} are hard to tell apart.`);
}

function onGround({ likeGround }: Readings): Remark[] {
	if (likeGround.length === 0) return [];
	return [look(`${steps(likeGround)} ${likeGround.length === 1 ? 'is' : 'are'} lost on the white plate.`)];
}

/** All that the readings of a scale come to, in the order in which a teacher would say it. */
export function remarksOn(readings: Readings): Remark[] {
	return [onEvenness(readings), onValue(readings), onGamut(readings), onTelling(readings), ...onGround(readings)];
}
