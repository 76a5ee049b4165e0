<script lang="ts">
	import { pictureWork } from '$lib/client/pictures';
	import { EMPHASES, type Emphasis } from '$lib/core/picture/group';
	import { seenHex } from '$lib/drawing/view';
	import Strip from '$lib/ui/Strip.svelte';
	import PlateChecks from '$lib/workbench/readings/PlateChecks.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { sayKey } from '../describe';
	import { measuredOf } from '../measured';
	import { type PicturePlate } from '../schema';
	import { EMPHASIS_WORDS, inWords, perCent } from '../words';
	import { comparingOf } from './comparing.svelte';
	import DensityPlots from './DensityPlots.svelte';
	import { picturesOf } from './pixels-here.svelte';
	import { lacks } from './reckon';
	import { addPlace, takeEmphasis } from './taking';

	/** What each emphasis would take, what the picture is made of, and how far the colours stand for it. */
	let { workbench, plate }: { workbench: Workbench; plate: PicturePlate } = $props();

	const comparing = $derived(comparingOf(workbench));
	const pixels = $derived(picturesOf(workbench).pixels(plate.picture.id));
	const measured = $derived(measuredOf(plate));
	const tone = $derived(plate.known?.tone ?? null);

	/** Whether what the plate itself shows is there: that comes first. */
	const isWhole = $derived(pixels !== null && lacks(plate) === null);
	let previews = $state.raw<Partial<Readonly<Record<Emphasis, readonly string[]>>>>({});
	const asked = $derived(`${plate.picture.id} ${plate.count} ${plate.seed}`);
	let begun = '';
	$effect(() => {
		if (isWhole && begun !== asked) void lookThrough(asked);
	});

	/** Finds what each emphasis would give, one after the other; the latest question is answered. */
	async function lookThrough(question: string) {
		begun = question;
		const { picture, count, seed } = plate;
		try {
			for (const emphasis of EMPHASES) {
				const found = await pictureWork().preview(picture.id, { count, emphasis, seed });
				if (begun !== question) return;
				previews = { ...previews, [emphasis]: found };
			}
		} catch {
			// Why a picture is not here is said on the plate.
		}
	}

	const BARS = ['warm', 'grey', 'cool'] as const;
	const BAR_WORDS = { warm: 'warm', grey: 'near grey', cool: 'cool' } as const;
	const BAR_FILLS = { warm: '#8f8f8f', grey: '#cfcfcf', cool: '#5a5a5a' } as const;
</script>

<section class="readings" aria-label="Readings">
	<header>
		<h2 id="emphasis">Emphasis</h2>
		<p>what each would take out</p>
	</header>
	<div
		class="emphases"
		role="radiogroup"
		aria-labelledby="emphasis"
		aria-busy={EMPHASES.some((emphasis) => !previews[emphasis])}
	>
		{#each EMPHASES as emphasis (emphasis)}
			<label class:on={plate.emphasis === emphasis} title={EMPHASIS_WORDS[emphasis].says}>
				<input
					type="radio"
					name="emphasis"
					class="unseen"
					checked={plate.emphasis === emphasis}
					onchange={() => void takeEmphasis(workbench, plate, emphasis)}
				/>
				<span>{EMPHASIS_WORDS[emphasis].name}</span>
				<i>
					{#if previews[emphasis]}<Strip codes={previews[emphasis].map((hex) => seenHex(workbench.view, hex))} />{/if}
				</i>
			</label>
		{/each}
	</div>
	<DensityPlots {workbench} {plate} ready={isWhole} />
	{#if tone}
		<div class="warmth">
			<div class="bar" aria-hidden="true">
				{#each BARS as part (part)}<i style:flex-grow={tone[part]} style:background={BAR_FILLS[part]}></i>{/each}
			</div>
			<p class="three">
				{#each BARS as part (part)}<span>{BAR_WORDS[part]} {perCent(tone[part])}</span>{/each}
			</p>
		</div>
		<p class="pair">
			<b>Key</b>
			<span>{sayKey(plate)}</span>
		</p>
	{/if}
	{#if measured}
		<p class="off" data-reading="difference">
			In these {inWords(plate.places.length)} colours the picture is {measured.difference.toFixed(1)} ΔE00 off in the mean.
			{#if measured.farthest && pixels}
				{@const { farthest } = measured}
				<button class="act" onclick={() => addPlace(workbench, plate, pixels, farthest)}
					>Add a place where it is most</button
				>
			{/if}
		</p>
	{/if}
	<p class="actions">
		<button class="act" aria-pressed={comparing.on} onclick={() => (comparing.on = !comparing.on)}
			>{comparing.on ? 'End comparing' : 'Compare, by a line across'}</button
		>
	</p>
	<PlateChecks {workbench} {plate} />
</section>

<style>
	.readings {
		display: flex;
		flex-direction: column;
		gap: 10px;
		padding: 12px 18px;
		font-size: 12px;
	}
	header,
	.pair,
	.three {
		display: flex;
		align-items: baseline;
		justify-content: space-between;
		gap: 8px;
	}
	header p,
	.three {
		color: var(--soft);
	}
	h2 {
		font-size: 18px;
		line-height: 1.1;
	}
	.emphases {
		display: grid;
		gap: 2px;
	}
	label {
		display: grid;
		grid-template-columns: 70px 1fr;
		align-items: center;
		min-height: 26px;
		padding: 1px 6px;
		border: solid transparent;
		border-width: 0 2px;
		cursor: pointer;
	}
	label:hover {
		background: var(--panel-low);
	}
	/* What is taken stands between brackets. */
	label.on {
		border-color: var(--ink);
		font-weight: 600;
	}
	label:focus-within {
		outline: 2px solid var(--ink);
	}
	label i {
		height: 19px;
	}
	.bar {
		display: flex;
		height: 9px;
	}
	.bar i {
		flex-basis: 0;
	}
	.off {
		display: grid;
		gap: 6px;
		justify-items: start;
	}
	.actions {
		display: flex;
		flex-wrap: wrap;
		gap: 6px;
	}
</style>
