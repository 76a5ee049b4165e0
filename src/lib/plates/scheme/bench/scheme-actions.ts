import { colourWords } from '$lib/core/colour/hue-words';
import { show } from '$lib/core/colour/shown';
import { chosenOf, schemeOf } from '../scheme-of';
import { calledBy, colourOf } from '$lib/model/resolve';
import { type ColourSource } from '$lib/model/colour-text';
import { newId } from '$lib/model/ids';
import { asLine } from '$lib/model/line';
import { type NamedCode } from '$lib/plates/kind';
import { plateOfScales } from '$lib/plates/scales/make';
import { MOST_SCALES, type ScalesPlate } from '$lib/plates/scales/schema';
import { type ScaleDecision } from '$lib/plates/scales/scale';
import { type SchemePlate } from '../schema';
import { type StudyDocument } from '$lib/study/study';
import { type LinkedColour } from '$lib/model/linked';
import { notices } from '$lib/ui/notices.svelte';
import { addPlate } from '$lib/model/edit-plates';
import { linkAll } from '$lib/workbench/study/link-all';
import { addScale } from '$lib/plates/scales/scale-edits';
import { openPlate } from '$lib/workbench/index/plate-actions';
import { hasRoomForPlate } from '$lib/workbench/study/room';
import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { coloursOfScheme } from '../scheme-colours';

/** Makes every member that is not linked yet a linked colour of the study. */
export function linkScheme(workbench: Workbench, plate: SchemePlate): void {
	const { linked } = workbench.document;
	const sources = [plate.lead, ...plate.others.map(({ fixed }) => fixed)];
	const colours = coloursOfScheme(plate, linked).flatMap(({ name, hex }, i): LinkedColour[] => {
		const source = sources[i];
		return source && 'linked' in source && !plate.keptTo ? [] : [{ id: newId(), name, text: hex, namedBy: 'machine' }];
	});
	linkAll(workbench, 'Make a scheme linked colours', colours);
}

/** Where a member comes from, so that a scale from it follows where it can: a linked colour, or its code. */
function sourceOf(plate: SchemePlate, linked: readonly LinkedColour[], index: number): ColourSource {
	const source = index === 0 ? plate.lead : plate.others[index - 1]!.fixed;
	if (source && 'linked' in source && !plate.keptTo) return source;
	return { text: schemeOf(plate, linked).usedHexes[index]! };
}

const titleFor = ({ title }: SchemePlate): string => asLine(`Scales of ${title}`);

/** The plate of scales behind a scheme, if it is there and has room. */
function scalesBehind({ plates }: StudyDocument, scheme: SchemePlate): ScalesPlate | null {
	const next = plates[plates.findIndex(({ id }) => id === scheme.id) + 1];
	return next?.kind === 'scales' && next.title === titleFor(scheme) && next.scales.length < MOST_SCALES ? next : null;
}

/** Starts a scale between two members, on a plate of scales behind the scheme. */
export function startScale(workbench: Workbench, plate: SchemePlate, one: number, other: number): void {
	const { document } = workbench;
	const scale: ScaleDecision = {
		id: newId(),
		recipe: 'interval',
		parents: [sourceOf(plate, document.linked, one), sourceOf(plate, document.linked, other)],
		between: 5,
		method: 'oklab',
		spacing: 'shares'
	};
	const behind = scalesBehind(document, plate);
	if (!behind && !hasRoomForPlate(document)) return;
	const added = plateOfScales(titleFor(plate), [scale]);
	const id = behind?.id ?? added.id;
	workbench.edit('Start a scale between two members', behind ? addScale(id, scale, null) : addPlate(added, plate.id));
	notices.say(`A scale from ${one + 1} to ${other + 1} is on the next plate.`, {
		label: 'Go there',
		run: () => openPlate(workbench, id)
	});
}

/** The chosen relatives as named colours, in the order in which they were chosen. */
export const coloursOfRelatives = ({ document }: Workbench, plate: SchemePlate): NamedCode[] =>
	chosenOf(plate, document.linked).map(({ member, direction, step, hex }) => ({
		name: asLine(`${member + 1}, ${direction} ${step}, ${colourWords(show(colourOf(hex)).linear)}`),
		hex
	}));

/** What a scheme is called after: its lead colour. */
export const leadName = (plate: SchemePlate, linked: readonly LinkedColour[]): string => calledBy(plate.lead, linked);
