<script lang="ts">
	import CheckField from '$lib/ui/CheckField.svelte';
	import { schemeOf } from '../../scheme-of';
	import { seenHex } from '$lib/drawing/view';
	import { ROLES, type SchemePlate } from '../../schema';
	import BesideButton from '$lib/ui/BesideButton.svelte';
	import { decideScheme, giveRole } from '../../scheme-edits';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';

	/** Whether the scheme is shown in use and which member has which role in the designs; and the palette that it keeps to. */
	let { workbench, plate }: { workbench: Workbench; plate: SchemePlate } = $props();

	const made = $derived(schemeOf(plate, workbench.document.linked));
	const memberOf = (role: number): number => plate.roles[role]! % made.members.length;
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
						{#each made.usedHexes as hex, member (member)}
							<label class:on={memberOf(r) === member} title="Member {member + 1}">
								<input
									type="radio"
									name="role {role}"
									aria-label="Member {member + 1}"
									checked={memberOf(r) === member}
									onchange={() => workbench.edit('Swap roles', giveRole(plate.id, role, member))}
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
		<button
			class="act"
			onclick={() => workbench.showBeside('Palettes')}
			title="Choose one from the palettes beside the plate">Keep to a palette</button
		>
	{/if}
</div>

<style>
	.roles {
		padding: 10px 18px;
		font-size: 12.5px;
	}
	.role {
		display: flex;
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
