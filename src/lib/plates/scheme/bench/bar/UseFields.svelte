<script lang="ts">
	import CheckField from '$lib/ui/CheckField.svelte';
	import { chosenOf, workers } from '../../scheme-of';
	import { seenHex } from '$lib/drawing/view';
	import { ROLES, type SchemePlate } from '../../schema';
	import PaletteChoice from '$lib/workbench/palettes/PaletteChoice.svelte';
	import BesideButton from '$lib/ui/BesideButton.svelte';
	import { decideScheme, giveRole } from '../../scheme-edits';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';

	/** Whether the scheme is shown in use and which member has which role in the designs; and the palette that it keeps to. */
	let { workbench, plate }: { workbench: Workbench; plate: SchemePlate } = $props();

	const codes = $derived(workers(plate, workbench.document.linked));
	const workerOf = (role: number): number => plate.roles[role]! % codes.length;
	const chosen = $derived(chosenOf(plate, workbench.document.linked));

	/** "Member 2", "Member 1, lighter 3" */
	function nameOf(worker: number): string {
		const relative = chosen[worker - plate.others.length - 1];
		return relative ? `Member ${relative.member + 1}, ${relative.direction} ${relative.step}` : `Member ${worker + 1}`;
	}
</script>

<div class="sentence" role="group" aria-label="In use">
	<CheckField
		words="in use"
		checked={plate.inUse}
		onset={(checked) => workbench.edit('Show it in use', decideScheme(plate.id, { inUse: checked }))}
	/>
	{#if plate.inUse}
		<BesideButton role="dialog" label="Roles in the designs">
			{#snippet button()}Roles{/snippet}

			<div class="roles">
				{#each ROLES as role, r (role)}
					<div class="role" role="radiogroup" aria-label="Member for the {role}">
						<span>{role}</span>
						{#each codes as hex, worker (worker)}
							<label class:on={workerOf(r) === worker} title={nameOf(worker)}>
								<input
									type="radio"
									name="role {role}"
									aria-label={nameOf(worker)}
									checked={workerOf(r) === worker}
									onchange={() => workbench.edit('Swap roles', giveRole(plate.id, role, worker, codes.length))}
								/>
								<i style:background={seenHex(workbench.view, hex)}></i>
							</label>
						{/each}
					</div>
				{/each}
			</div>
		</BesideButton>
	{/if}
	{#if plate.keptTo}
		<span>kept to {plate.keptTo.name}</span>
		<button
			class="act"
			onclick={() => workbench.edit('Let go of the palette', decideScheme(plate.id, { keptTo: null }))}>Let go</button
		>
	{:else}
		<PaletteChoice
			{workbench}
			label="Keep to a palette"
			onchoose={({ name, colours }) =>
				workbench.edit('Keep to a palette', decideScheme(plate.id, { keptTo: { name, colours } }))}
		/>
	{/if}
</div>

<style>
	.roles {
		padding: 10px 18px;
		font-size: 12.5px;
	}
	.role {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 4px;
		margin: 3px 0;
	}
	.role span {
		width: 58px;
	}
	.role label {
		position: relative;
		padding: 0 0 4px;
		border-bottom: 3px solid transparent;
		cursor: pointer;
	}
	.role label.on {
		border-bottom-color: var(--ink);
	}
	.role label:focus-within {
		outline: 2px dashed var(--ink);
		outline-offset: 1px;
	}
	.role input {
		position: absolute;
		opacity: 0;
	}
	i {
		display: block;
		width: 26px;
		height: 24px;
	}
</style>
