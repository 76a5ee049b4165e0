<script lang="ts">
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { matchingExercises } from '../../../exercises';
	import { type MatchingPlate } from '../../../schema';
	import { litForm } from '../lit-form';

	/** A small drawing of where the lights come from: the lamp, the light from all round, and what the background throws back. */
	let { workbench, plate }: { workbench: Workbench; plate: MatchingPlate } = $props();

	const settings = $derived(matchingExercises.on(litForm, plate, workbench.document.linked)?.settings ?? null);
	const mirrored = $derived(settings?.lamp === 'right');
	/** Across the drawing, from the lamp's side. */
	const x = (from: number): number => (mirrored ? 240 - from : from);
	const anchor = $derived(mirrored ? 'end' : 'start');
	const other = $derived(mirrored ? 'start' : 'end');
</script>

{#if settings && settings.stage !== 'checked'}
	<figure>
		<figcaption>Where the light comes from</figcaption>
		<svg
			viewBox="0 0 240 124"
			role="img"
			aria-label="The lamp at the {settings.lamp}, light from all round above, and light thrown back from low at the other side"
		>
			<circle class="full" cx={x(22)} cy="34" r="8" />
			<path d="M{x(38)} 42L{x(84)} 64M{x(76)} 55L{x(84)} 64L{x(72)} 65" />
			<path class="dots" d="M{x(130)} 30Q{x(175)} 14 {x(220)} 30" />
			<path d="M{x(152)} 34l{mirrored ? 5 : -5} 10M{x(175)} 32v11M{x(198)} 34l{mirrored ? -5 : 5} 10" />
			<path class="dashes" d="M{x(222)} 104L{x(166)} 94M{x(176)} 89L{x(166)} 94L{x(175)} 102" />
			<circle cx={x(122)} cy="86" r="30" />
			<path d="M4 116H236" />
			<text x={x(6)} y="18" text-anchor={anchor}>lamp</text>
			<text x={x(236)} y="16" text-anchor={other}>from all round</text>
			<text x={x(236)} y="84" text-anchor={other}>thrown back</text>
		</svg>
	</figure>
{/if}

<style>
	figure {
		margin: 0;
		padding-top: 8px;
		border-top: 1px solid var(--rule);
	}
	figcaption {
		font: italic 500 14px/1.25 var(--font-serif);
	}
	circle,
	path {
		fill: none;
		stroke: var(--ink);
	}
	.full {
		fill: var(--ink);
	}
	.dots {
		stroke-dasharray: 2 4;
		stroke-linecap: round;
	}
	.dashes {
		stroke-dasharray: 6 3;
	}
	text {
		fill: var(--ink);
		font: 400 11px var(--font-sans);
	}
</style>
