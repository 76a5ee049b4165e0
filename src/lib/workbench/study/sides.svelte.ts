import { loadStudy } from '$lib/client/studies';
import { type View } from '$lib/drawing/view';
import { loadBenches } from '$lib/plates/benches.svelte';
import { type Plate } from '$lib/plates/plate';
import { notices } from '$lib/ui/notices.svelte';
import { openPlate } from '../index/plate-actions';
import { OpenStudy } from './open-study.svelte';
import { type Workbench } from './workbench.svelte';

export const SIDES = ['left', 'right'] as const;
export type SideNumber = 0 | 1;

/** One of two plates that stand side by side, with the study that it is of. */
export interface Side {
	readonly workbench: Workbench;
	readonly plate: Plate;
}

/** The studies that are open on the page, one or two, and the plates of them that stand side by side. */
export class Sides {
	/** A second study; the open plates of both stand side by side. */
	other = $state.raw<OpenStudy | null>(null);
	private onOther = $state(false);
	/** The study that is changed: index, bar and mixer are about it. */
	readonly active: OpenStudy = $derived.by(() => (this.onOther ? this.other : null) ?? this.own);
	readonly pair: readonly [Side, Side] | null = $derived.by(() => this.found());
	/** Which of them is changed. */
	readonly open: number = $derived(this.pair?.findIndex((side) => this.isOpen(side)) ?? -1);
	/** The id that was asked for last: what arrives late is put away. */
	private wanted: string | null = null;
	/** What is to be done when the second study is put away. */
	private endOther: (() => void) | null = null;

	constructor(readonly own: OpenStudy) {}

	get all(): readonly OpenStudy[] {
		return this.other ? [this.own, this.other] : [this.own];
	}

	private isOpen({ workbench, plate }: Side): boolean {
		return workbench === this.active.workbench && plate.id === workbench.plate?.id;
	}

	private found(): readonly [Side, Side] | null {
		const { workbench } = this.active;
		if (workbench.pair) {
			const [left, right] = workbench.pair;
			return [
				{ workbench, plate: left },
				{ workbench, plate: right }
			];
		}
		const [left, right] = [this.own.workbench, this.other?.workbench];
		if (!left.plate || !right?.plate) return null;
		return [
			{ workbench: left, plate: left.plate },
			{ workbench: right, plate: right.plate }
		];
	}

	/** Begins with the study of the page; gives what is to be done when the page is left. */
	begin(): () => void {
		const end = this.own.begin();
		return () => {
			this.wanted = null;
			end();
			this.endOther?.();
		};
	}

	/** Puts the study of that id beside this one; null puts away the one that stands there. Says why where it cannot. */
	async bring(id: string | null): Promise<void> {
		this.wanted = id;
		if (id === (this.other?.id ?? null)) return;
		this.putAway();
		if (id === null || id === this.own.id) return;
		try {
			const other = new OpenStudy(await loadStudy(id));
			const plates = [this.own, other].map(({ workbench }) => workbench.plate);
			const empty = [this.own, other].find(({ workbench }) => !workbench.plate);
			if (empty)
				throw new Error(`“${empty.workbench.document.titleBlock.title}” has no plates to stand beside others.`);
			await loadBenches(plates.filter((plate) => plate !== null));
			if (this.wanted !== id) return;
			this.other = other;
			this.endOther = other.begin();
		} catch (error) {
			notices.say(error instanceof Error ? error.message : 'The other study could not be opened.');
		}
	}

	private putAway(): void {
		this.onOther = false;
		this.other = null;
		this.endOther?.();
		this.endOther = null;
	}

	/** Changes this side from now on, each keeping its view. */
	change(side: SideNumber): void {
		const { workbench, plate } = this.pair![side];
		if (workbench === this.active.workbench) workbench.turnTo(plate.id);
		else this.onOther = workbench !== this.own.workbench;
	}

	/** Puts another plate of its study on this side. */
	async put(side: SideNumber, id: string): Promise<void> {
		const { workbench } = this.pair![side];
		if (!workbench.pair) return openPlate(workbench, id);
		await loadBenches(workbench.document.plates.filter((plate) => plate.id === id));
		workbench.putOnSide(side, id);
	}

	viewOf = ({ workbench, plate }: Side): View =>
		plate.id === workbench.plate?.id ? workbench.view : workbench.viewBeside;

	seeAs(side: Side, kind: View['kind']): void {
		const { workbench, plate } = side;
		const view = { ...this.viewOf(side), kind };
		if (plate.id === workbench.plate?.id) workbench.view = view;
		else workbench.viewBeside = view;
	}
}
