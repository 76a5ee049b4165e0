import { type Triple } from '$lib/core/colour/vector';
import { type Turn } from '$lib/workbench/bench';
import { within } from '$lib/workbench/mixer/coordinates';
import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { type SchemePlate } from '../schema';
import { moveAll } from '../scheme-edits';
import { schemeOf } from '../scheme-of';
import { turningOf } from './scheme-state.svelte';

/** A turned member counts as where it was to be within this much of each channel: far less than a code. */
const THERE = 1e-4;

const isThere = (one: Triple, other: Triple): boolean =>
	one.every((channel, i) => Math.abs(channel - other[i]!) < THERE);

/**
 * Turns one coordinate of every member of a scheme by the same amount, exactly: nothing is rounded to codes on the way. Each stops at the
 * end of the range and of the gamut, and it is said which did.
 */
export function turnAll(workbench: Workbench, plate: SchemePlate, { coordinates, index, by }: Turn): void {
	const axis = coordinates.axes[index]!;
	const stopped: number[] = [];
	let member = 0;
	const move = (linear: Triple): Triple => {
		const values = coordinates.of({ space: 'srgb-linear', channels: linear, alpha: 1 });
		const wanted = values[index]! + by;
		const reached = within(axis, wanted);
		const { linear: turned, mapped } = coordinates.exact(values.map((value, i) => (i === index ? reached : value)));
		if (mapped || (!axis.round && reached !== wanted)) stopped.push(member);
		goals.push(turned);
		member++;
		return turned;
	};
	const goals: Triple[] = [];
	workbench.edit('Turn all members', moveAll(plate.id, move), 'mixer');
	const after = workbench.document.plates.find(({ id }) => id === plate.id) as SchemePlate;
	const { members } = schemeOf(after, workbench.document.linked);
	members.forEach(({ linear, fixed }, i) => {
		const goal = goals[i];
		if (!fixed && goal && !stopped.includes(i) && !isThere([...linear], goal)) stopped.push(i);
	});
	turningOf(workbench).stopped = stopped.filter((i) => !members[i]?.fixed).sort((one, other) => one - other);
}
