import { usedParents } from '$lib/drawing/resolve';
import { PLAIN_VIEW, type View } from '$lib/drawing/view';
import { hueRing } from '$lib/drawing/wheel/chart-of';
import { type Plate, type ScalesPlate } from '$lib/model/plate';
import { type Direction } from '$lib/core/scheme/relatives';
import { type RelativeCell } from '$lib/drawing/scheme/scheme-layout';
import { mixPlaces, type MixPlace } from '$lib/drawing/mixes/mixes-layout';
import { groundPlaces, type GroundPlace } from '$lib/drawing/grounds/grounds-layout';
import { type GroundsPlate } from '$lib/model/grounds-plate';
import { type MixesPlate } from '$lib/model/mixes-plate';
import { type SchemePlate } from '$lib/model/scheme-plate';
import { type ScaleDecision } from '$lib/model/scale';
import { type StudyDocument } from '$lib/model/study';
import { type WheelPlate } from '$lib/model/wheel-plate';
import { emptyHistory, noted, redone, undone, type History } from '$lib/client/history';

/** What the mixer holds: a parent of a scale, a linked colour, or a colour that follows from others. */
export type Held =
	| { kind: 'parent'; scale: string; index: number }
	| { kind: 'linked'; id: string }
	| { kind: 'step'; scale: string; step: number }
	/** Of a wheel plate: the lead colour; a cell by its spoke from the top and its ring from the middle, both from 0. */
	| { kind: 'lead' }
	| { kind: 'cell'; spoke: number; ring: number }
	/** Of a scheme: a member by its number from 1 (0 is the lead), and one of a member's relatives. */
	| { kind: 'member'; index: number }
	/** Of a plate of grounds: a ground or a figure, the first or the second. */
	| { kind: 'ground'; what: GroundPlace['what']; index: 0 | 1 }
	/** Of a plate of mixes: a parent, a mix, the middle found by eye, a crossing. */
	| { kind: 'mixed'; what: MixPlace['what']; key: string }
	| { kind: 'relative'; member: number; direction: Direction; step: number };

const isCellOf = ({ hues, inside, outside }: WheelPlate, { spoke, ring }: { spoke: number; ring: number }): boolean =>
	spoke < hues && ring <= inside.count + outside.count;

/** Whether a ground, figure or twin that can be held is on a plate of grounds. */
const isPlaceOn = (plate: GroundsPlate, { what, index }: Extract<Held, { kind: 'ground' }>): boolean =>
	groundPlaces(plate).some((place) => place.what === what && place.index === index);

/** What can stand beside the plate. */
export const BESIDE = ['Readings', 'Palettes'] as const;
export type Beside = (typeof BESIDE)[number];

const isMemberOf = ({ others }: SchemePlate, held: Extract<Held, { kind: 'member' | 'relative' }>): boolean =>
	(held.kind === 'member' ? held.index : held.member) <= others.length;

/** Whether something that can be held is on a plate of mixes; parents stay to be set in every exercise. */
const isPlaceOf = (plate: MixesPlate, { what, key }: Extract<Held, { kind: 'mixed' }>): boolean =>
	what === 'parent'
		? Number(key) < plate.parents.length
		: what === 'guess'
			? plate.guess !== null
			: mixPlaces(plate).some((place) => place.what === what && place.key === key);

/** The state of the study page: the study as it stands, its history, and what is chosen. Owns nothing of the screen. */
export class Workbench {
	/** Replaced as a whole by every edit, never changed in place. */
	document = $state.raw<StudyDocument>() as StudyDocument;
	private history = $state.raw<History<StudyDocument>>(emptyHistory());
	private plateChoice = $state<string | null>(null);
	private scaleChoice = $state<string | null>(null);
	private heldChoice = $state.raw<Held | null>(null);

	/** Whether a slider of the mixer turns all members of a scheme together, or only the one held. */
	together = $state(false);
	/** The relatives that are chosen to be kept. */
	relatives = $state.raw<readonly RelativeCell[]>([]);
	/** How far one has stepped back from an optical mix, as the share of its size that is seen. */
	stepBack = $state(1);
	/** Whether the study is being shown to a room. */
	teaching = $state(false);
	/** What stands beside the plate. */
	beside = $state<Beside>('Readings');

	/** How the study is looked at; it is no part of the study. */
	view = $state.raw<View>(PLAIN_VIEW);

	readonly plate: Plate | null = $derived(
		this.document.plates.find(({ id }) => id === this.plateChoice) ?? this.document.plates[0] ?? null
	);
	readonly scalesPlate: ScalesPlate | null = $derived(this.plate?.kind === 'scales' ? this.plate : null);
	readonly wheelPlate: WheelPlate | null = $derived(this.plate?.kind === 'wheel' ? this.plate : null);
	readonly mixesPlate: MixesPlate | null = $derived(this.plate?.kind === 'mixes' ? this.plate : null);
	readonly groundsPlate: GroundsPlate | null = $derived(this.plate?.kind === 'grounds' ? this.plate : null);
	readonly schemePlate: SchemePlate | null = $derived(this.plate?.kind === 'scheme' ? this.plate : null);
	readonly scale: ScaleDecision | null = $derived(
		this.scalesPlate?.scales.find(({ id }) => id === this.scaleChoice) ?? this.scalesPlate?.scales[0] ?? null
	);
	/** What is held falls back to the first parent of the chosen scale, or the lead colour, when it is no longer there. */
	readonly held: Held | null = $derived(this.stillThere(this.heldChoice) ?? this.firstHeld());
	readonly canUndo = $derived(this.history.past.at(-1)?.label ?? null);
	readonly canRedo = $derived(this.history.future[0]?.label ?? null);

	constructor(document: StudyDocument) {
		this.document = document;
	}

	private stillThere(held: Held | null): Held | null {
		if (held?.kind === 'linked') return this.document.linked.some(({ id }) => id === held.id) ? held : null;
		if (held?.kind === 'lead')
			return this.schemePlate || (this.wheelPlate && this.wheelPlate.from !== 'given') ? held : null;
		if (held?.kind === 'member' || held?.kind === 'relative') return this.relativeStillThere(held);
		if (held?.kind === 'cell') return this.wheelPlate && isCellOf(this.wheelPlate, held) ? held : null;
		if (held?.kind === 'ground') return this.groundsPlate && isPlaceOn(this.groundsPlate, held) ? held : null;
		if (held?.kind === 'mixed') return this.mixesPlate && isPlaceOf(this.mixesPlate, held) ? held : null;
		if (!held || !this.scale || held.scale !== this.scale.id) return null;
		if (held.kind === 'parent' && held.index >= usedParents(this.scale).length) return null;
		return held.kind === 'step' && held.step > this.scale.between + 1 ? null : held;
	}

	private relativeStillThere(held: Extract<Held, { kind: 'member' | 'relative' }>): Held | null {
		const plate = this.schemePlate;
		if (!plate || !isMemberOf(plate, held)) return null;
		return held.kind === 'relative' && (!plate.relatives.shown || held.step > plate.relatives.steps) ? null : held;
	}

	private firstHeld(): Held | null {
		if (this.schemePlate) return { kind: 'lead' };
		if (this.groundsPlate) {
			const places = groundPlaces(this.groundsPlate);
			const first = places.find(({ what }) => what === 'figure') ?? places[0];
			return first ? { kind: 'ground', what: first.what, index: first.index } : null;
		}
		if (this.mixesPlate) {
			const [first] = mixPlaces(this.mixesPlate);
			return first ? { kind: 'mixed', what: first.what, key: first.key } : null;
		}
		if (this.wheelPlate)
			return this.wheelPlate.from === 'given'
				? { kind: 'cell', spoke: 0, ring: hueRing(this.wheelPlate) }
				: { kind: 'lead' };
		return this.scale ? { kind: 'parent', scale: this.scale.id, index: 0 } : null;
	}

	/** Carries out a named edit. Edits of one gesture are undone together. */
	edit(label: string, change: (document: StudyDocument) => StudyDocument, gesture: string | null = null): void {
		const before = this.document;
		const after = change(before);
		if (after === before) return;
		this.document = after;
		this.history = noted(this.history, { label, before, after, gesture });
	}

	undo(): void {
		this.go(undone(this.history));
	}

	redo(): void {
		this.go(redone(this.history));
	}

	private go(step: { history: History<StudyDocument>; state: StudyDocument } | null): void {
		if (!step) return;
		this.history = step.history;
		this.document = step.state;
	}

	choosePlate(id: string): void {
		this.plateChoice = id;
		this.scaleChoice = null;
		this.heldChoice = null;
		this.relatives = [];
		this.stepBack = 1;
	}

	chooseScale(id: string): void {
		this.scaleChoice = id;
		this.heldChoice = null;
	}

	hold(held: Held): void {
		if (held.kind === 'parent' || held.kind === 'step') this.scaleChoice = held.scale;
		this.heldChoice = held;
	}
}
