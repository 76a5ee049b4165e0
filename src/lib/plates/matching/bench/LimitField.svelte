<script lang="ts">
	import CheckField from '$lib/ui/CheckField.svelte';
	import { notices } from '$lib/ui/notices.svelte';
	import Verdict from '$lib/workbench/readings/Verdict.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { judgeMatching } from '../judge-matching';
	import { setMatch, type AnyMatched } from '../matching-edits';
	import { LIMITS } from '../match-state';
	import { type MatchingPlate } from '../schema';

	/** A limit that the closest attempt shall reach, and whether it does. */
	let { workbench, plate }: { workbench: Workbench; plate: MatchingPlate } = $props();

	const limit = $derived((plate.exercise as unknown as AnyMatched).limit);
	const verdict = $derived(judgeMatching(plate, workbench.document.linked)[0] ?? null);

	const set = (next: number | null) =>
		workbench.edit(
			'Ask for a limit',
			setMatch(plate.id, (state) => ({ ...state, limit: next }))
		);

	function type(field: HTMLInputElement) {
		const typed = field.value.trim() === '' ? NaN : Number(field.value);
		const next = Number.isNaN(typed) ? (limit ?? LIMITS.usual) : Math.min(LIMITS.most, Math.max(LIMITS.least, typed));
		if (!Number.isNaN(typed) && next !== typed)
			notices.say(`A limit: ${LIMITS.least} to ${LIMITS.most} ΔE00. ${typed} became ${next}.`);
		field.value = String(next);
		if (next !== limit) set(next);
	}
</script>

<section aria-label="Limit">
	<CheckField
		words="ask for a limit in every region"
		checked={limit !== null}
		onset={(on) => set(on ? LIMITS.usual : null)}
	/>
	{#if limit !== null}
		<label>
			under
			<input
				class="field"
				type="number"
				min={LIMITS.least}
				max={LIMITS.most}
				step="0.5"
				value={limit}
				aria-label="Limit, ΔE00"
				onchange={(event) => type(event.currentTarget)}
			/> ΔE00
		</label>
	{/if}
	{#if verdict}
		<p><Verdict verdict={verdict.holds ? 'holds' : 'look'} /><span>{verdict.reason}</span></p>
	{/if}
</section>

<style>
	section {
		display: grid;
		gap: 6px;
		padding-top: 9px;
		border-top: 1px solid var(--rule);
		font-size: 12px;
	}
	.field {
		width: 64px;
	}
	p {
		display: flex;
		gap: 8px;
		font-size: 12px;
	}
</style>
