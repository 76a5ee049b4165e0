import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { judgedNow, textsNow } from '../by-eye';
import { type Staged, type Subject } from '../exercise';
import { setMatch, setStaged, type AnyMatched } from '../matching-edits';
import { again, checked, nextSeed } from '../match-state';
import { matchedAt } from '../places';
import { type MatchingPlate } from '../schema';
import { holdRegion } from './held-region';

const change = (workbench: Workbench, plate: MatchingPlate, label: string, work: (state: AnyMatched) => AnyMatched) =>
	workbench.edit(label, setMatch(plate.id, work));
const stage = (
	workbench: Workbench,
	plate: MatchingPlate,
	label: string,
	work: (settings: Staged, subject: Subject<Staged>) => Staged
) => workbench.edit(label, setStaged(plate.id, work));

/** Shows the subject to be matched: what it was put together of is put away. Colours of an earlier subject are not its attempts. */
export function begin(workbench: Workbench, plate: MatchingPlate): void {
	stage(workbench, plate, 'Begin to match', (settings, { fresh }) => ({ ...fresh(settings), stage: 'eye' }));
	holdRegion(workbench, 0);
}

export const arrange = (workbench: Workbench, plate: MatchingPlate): void =>
	stage(workbench, plate, 'Put the subject together', (settings) => ({ ...settings, stage: 'arrange' }));

/** Another subject, from grey. */
export function another(workbench: Workbench, plate: MatchingPlate): void {
	stage(workbench, plate, 'Another subject', (settings, subject) => {
		const seed = nextSeed(settings.seed);
		return subject.another({ ...subject.fresh({ ...settings, seed }), stage: 'eye' }, seed);
	});
	holdRegion(workbench, 0);
}

/** Keeps what is set as an attempt and lays it beside the true colours. */
export function check(workbench: Workbench, plate: MatchingPlate): void {
	const found = matchedAt(plate, workbench.decided.linked);
	if (!found) return;
	const texts = textsNow(found.match, found.at);
	const truths = found.match.regions(found.at).map(({ target }) => target.hex);
	change(workbench, plate, 'Check the attempt', (state) => checked(state, texts, truths));
	const [worst] = judgedNow(found.match, found.at, { texts, way: found.at.settings.way, truths });
	if (worst) holdRegion(workbench, worst.index);
}

export function goOn(workbench: Workbench, plate: MatchingPlate, from: 'here' | 'grey'): void {
	change(workbench, plate, from === 'here' ? 'Go on with the attempt' : 'Begin again from grey', (state) =>
		again(state, from)
	);
}

export const showAttempt = (workbench: Workbench, plate: MatchingPlate, shown: number): void =>
	change(workbench, plate, 'Look at an attempt', (state) => ({ ...state, shown, stage: 'checked' }));
