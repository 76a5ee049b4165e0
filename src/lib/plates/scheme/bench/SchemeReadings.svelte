<script lang="ts">
	import SelectField from '$lib/ui/SelectField.svelte';
	import { CODE_KINDS, codesOf, type CodeKind } from '$lib/core/colour/codes';
	import { colourWords } from '$lib/core/colour/hue-words';
	import { readScheme, remarksOnScheme } from '$lib/core/scheme/scheme-readings';
	import { SCHEME_WORDS } from '$lib/core/scheme/scheme-words';
	import { schemeOf } from '../scheme-of';
	import { seenHex } from '$lib/drawing/view';
	import { type SchemePlate } from '../schema';
	import Chart from '$lib/ui/Chart.svelte';
	import { inTurn } from '$lib/ui/in-turn';
	import { copyText } from '$lib/workbench/mixer/clipboard';
	import PlateChecks from '$lib/workbench/readings/PlateChecks.svelte';
	import Remarks from '$lib/workbench/readings/Remarks.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import RelativesTable from './RelativesTable.svelte';
	import PairsTable from './PairsTable.svelte';
	import { linkScheme } from './scheme-actions';
	import { SCHEME_CHART_HEIGHT, SCHEME_FRAME, schemeSeries } from './scheme-charts';
	import { memberPlace } from '../places';
	import { indexHeld } from './scheme-state.svelte';

	let { workbench, plate }: { workbench: Workbench; plate: SchemePlate } = $props();

	const now = $derived(schemeOf(plate, workbench.document.linked));
	/** What is read: it follows a dial as soon as there is time for it beside the colours themselves. */
	// svelte-ignore state_referenced_locally
	let made = $state.raw(now);
	$effect(() => {
		const latest = now;
		if (made !== latest) inTurn('readings of a scheme', () => (made = latest));
	});

	const measured = $derived(made.members.map(({ mapped }, i) => ({ linear: made.used[i]!, mapped })));
	const readings = $derived(readScheme(measured));
	const remarks = $derived(remarksOnScheme(readings, measured));
	const series = $derived(schemeSeries(readings, made.usedHexes));
	const held = $derived(indexHeld(workbench));
	const poor = $derived(
		(made.kept ?? []).flatMap(({ poor: isPoor, distance }, i) => (isPoor ? [{ i, distance }] : []))
	);

	let kind = $state<CodeKind>('hex');
	const codes = $derived(
		made.used.map((linear) => codesOf({ space: 'srgb-linear', channels: linear, alpha: 1 })[kind])
	);
	const NAMES: Readonly<Record<CodeKind, string>> = {
		hex: 'hex',
		rgb: 'rgb',
		hsl: 'hsl',
		hsb: 'hsb',
		oklch: 'oklch',
		lab: 'lab'
	};
</script>

<section class="readings" aria-label="Readings">
	<header>
		<h2>{SCHEME_WORDS[plate.scheme].name}</h2>
		<SelectField
			kind="kind"
			label="Codes shown"
			choices={CODE_KINDS}
			words={NAMES}
			value={kind}
			onchoose={(each) => (kind = each)}
		/>
	</header>
	<p class="says">{SCHEME_WORDS[plate.scheme].says}</p>
	<table>
		<tbody>
			{#each made.used as linear, i (i)}
				<tr class:held={held === i}>
					<th scope="row">
						<button onclick={() => workbench.hold(memberPlace(i))}>
							<i style:background={seenHex(workbench.view, made.usedHexes[i]!)}></i>
							<span>{i === 0 ? 'Lead' : i + 1}, {colourWords(linear)}</span>
						</button>
					</th>
					<td>
						<button class="code" title="Copy {codes[i]}" onclick={() => void copyText(codes[i]!)}>
							{codes[i]}<span class="unseen">, copy</span>
						</button>
					</td>
				</tr>
			{/each}
		</tbody>
	</table>
	<p class="actions">
		<button class="act" onclick={() => linkScheme(workbench, plate)}>Make linked colours</button>
	</p>
	{#if poor.length > 0}
		<p class="poor">
			<b>!</b> Poor stand-ins from {plate.keptTo?.name ?? 'the palette'}: {poor
				.map(({ i, distance }) => `${i + 1} (${distance.toFixed(1)} ΔE00 off)`)
				.join(', ')}.
		</p>
	{/if}
	<RelativesTable {workbench} {plate} />
	<Remarks {remarks} />
	<PlateChecks {workbench} {plate} />
	<PairsTable {workbench} {plate} pairs={readings.pairs} codes={made.usedHexes} />
	<div class="chart">
		<p>Hue and chroma from above, grey in the middle; value, L*, below</p>
		<Chart frame={SCHEME_FRAME} {series} height={SCHEME_CHART_HEIGHT} patient />
		<p class="unseen" data-reading="values">
			Value of each member: {readings.values.map((value) => value.toFixed(0)).join(', ')}. Chroma: {readings.places
				.map(({ chroma }) => chroma.toFixed(3))
				.join(', ')}.
		</p>
	</div>
</section>

<style>
	.readings {
		display: flex;
		flex-direction: column;
		gap: 10px;
		padding: 14px 18px;
	}
	header {
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 8px;
	}
	header :global(.kind) {
		width: 82px;
	}
	h2 {
		font-size: 18px;
		line-height: 1.1;
	}
	.says,
	.chart p,
	.poor {
		font-size: 12px;
		color: var(--soft);
	}
	.poor {
		color: var(--ink);
	}
	table {
		border-collapse: collapse;
		font-size: 12px;
	}
	th {
		font-weight: 400;
		text-align: left;
	}
	th button {
		display: grid;
		grid-template-columns: 26px minmax(0, 1fr);
		align-items: center;
		gap: 7px;
		min-height: 24px;
		text-align: left;
		cursor: pointer;
	}
	.held th button {
		font-weight: 600;
	}
	i {
		height: 22px;
	}
	td {
		text-align: right;
	}
	.code {
		font-size: 11.5px;
		cursor: copy;
	}
	.code:hover {
		text-decoration: underline;
		text-underline-offset: 3px;
	}
	.actions {
		display: flex;
		gap: 6px;
	}
	.chart {
		padding-top: 9px;
		border-top: 1px solid var(--rule);
	}
</style>
