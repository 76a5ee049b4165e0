<script lang="ts">
	import { HUE_PLACE, METHODS } from '$lib/core/scale/mixing';
	import { ROUTES } from '$lib/core/scale/route';
	import { codesOfScale } from '$lib/core/scale/scale';
	import { SPACINGS } from '$lib/core/scale/spacing';
	import { METHOD_WORDS, ROUTE_WORDS, SPACING_WORDS } from '$lib/core/scale/words';
	import { seenHex } from '$lib/drawing/view';
	import { specOf } from '../../scale-of';
	import { isMixed, type ScaleDecision } from '../../scale';
	import Choices from '$lib/ui/Choices.svelte';
	import Strip from '$lib/ui/Strip.svelte';
	import { type Decisions } from '../../scale-edits';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decide } from './decide';

	/** How the scale is mixed and its steps are spaced: each way shown as this very scale. */
	let { workbench, scale }: { workbench: Workbench; scale: ScaleDecision } = $props();

	const METHOD_CHOICES = METHODS.map((key) => ({ key, ...METHOD_WORDS[key] }));
	const SPACING_CHOICES = SPACINGS.map((key) => ({ key, ...SPACING_WORDS[key] }));
	const round = $derived(HUE_PLACE[scale.method] >= 0);

	const codesWith = (decisions: Decisions): string[] =>
		codesOfScale(specOf({ ...scale, ...decisions }, workbench.document.linked)).map((hex) =>
			seenHex(workbench.view, hex)
		);

	function bend(field: HTMLInputElement) {
		decide(workbench, 'Bend the curve', { bias: Number(field.value) }, `bias ${scale.id}`);
	}
</script>

{#if isMixed(scale)}
	<Choices
		label="Mixing method"
		words="mixed {METHOD_WORDS[scale.method].name}{round && scale.route && scale.route !== 'shorter'
			? `, ${ROUTE_WORDS[scale.route]}`
			: ''}"
		choices={METHOD_CHOICES}
		chosen={scale.method}
		preview={(method) => codesWith({ method })}
		onchoose={(method) => decide(workbench, 'Change the mixing method', { method })}
		further={round ? routes : undefined}
	/>
{/if}
{#snippet routes()}
	<div class="routes" role="radiogroup" aria-label="Route">
		{#each ROUTES as route (route)}
			<label>
				<i><Strip codes={codesWith({ route })} /></i>
				<input
					type="radio"
					name="route"
					checked={(scale.route ?? 'shorter') === route}
					onchange={() => decide(workbench, 'Change the route', { route })}
				/>
				{ROUTE_WORDS[route]}
			</label>
		{/each}
	</div>
{/snippet}
<Choices
	label="Spacing"
	words="by {SPACING_WORDS[scale.spacing].name}"
	choices={SPACING_CHOICES}
	chosen={scale.spacing}
	preview={(spacing) => codesWith({ spacing })}
	onchoose={(spacing) => decide(workbench, 'Change the spacing', { spacing })}
	further={scale.spacing === 'curve' ? curve : undefined}
/>
{#snippet curve()}
	<label class="curve">
		crowded at the start
		<input
			type="range"
			min="-1"
			max="1"
			step="0.05"
			value={scale.bias ?? 0}
			aria-label="Bend of the curve"
			oninput={(event) => bend(event.currentTarget)}
		/>
		crowded at the end
	</label>
{/snippet}

<style>
	.routes {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 6px 16px;
		width: 100%;
	}
	.routes label {
		display: grid;
		grid-template-columns: 110px auto 1fr;
		align-items: center;
		gap: 7px;
		cursor: pointer;
	}
	.routes i {
		height: 18px;
	}
	.curve {
		display: flex;
		align-items: center;
		gap: 9px;
		flex: 1;
	}
	.curve input {
		flex: 1;
		accent-color: var(--ink);
	}
</style>
