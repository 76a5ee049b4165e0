<script lang="ts">
	import { seenHex } from '$lib/drawing/view';
	import { type View } from '$lib/drawing/view-kinds';
	import { classColours, comparedOf, type WhichColours } from '$lib/study/handed/class-at-once';
	import { type HandIn } from '$lib/study/handed/hand-in';
	import { type HandInLine } from '$lib/study/handed/requests';
	import { type PinUp } from './pin-up.svelte';

	interface Props {
		pinUp: PinUp;
		called: (line: HandInLine) => string;
		view: View;
	}

	/** One plate of the whole class at once: its colours seen from above, and their values in a row for each. */
	let { pinUp, called, view }: Props = $props();

	const plate = $derived(pinUp.plate ?? 0);
	/** What can be compared, by the brief's own plate. */
	const choices = $derived.by(() => {
		const own = pinUp.brief.plates[plate];
		return own ? comparedOf(own, pinUp.brief.linked) : [];
	});

	let chosen = $state.raw<WhichColours | null>(null);
	/** What was chosen, where the plate has it; otherwise the parents of the first row, or all. */
	const which = $derived(
		(choices.find((each) => JSON.stringify(each.which) === JSON.stringify(chosen)) ?? choices[1] ?? choices[0])
			?.which ?? ({ of: 'all' } as const)
	);

	const read = $derived(
		pinUp.wall.flatMap(({ line }) => {
			const handIn = pinUp.handInOf(line.id);
			return handIn ? [{ line, handIn }] : [];
		})
	);
	const placeIn = (handIn: HandIn): number => pinUp.placeIn(handIn, plate);
	const colours = $derived(
		classColours(
			read.map(({ handIn }) => handIn),
			placeIn,
			which
		)
	);
	const rows = $derived(read.map(({ line, handIn }) => ({ line, colours: classColours([handIn], placeIn, which) })));
	const RING = 0.1;
	const SIDE = 340;
	/** As far as the strongest of them lies, to the next ring. */
	const farthest = $derived(
		Math.max(RING, RING * Math.ceil(Math.max(...colours.map(({ a, b }) => Math.hypot(a, b)), 0) / RING)) * 1.06
	);
	const across = (a: number): number => (SIDE / 2) * (1 + a / farthest);
	const up = (b: number): number => (SIDE / 2) * (1 - b / farthest);
	const rings = $derived(Array.from({ length: Math.floor(farthest / RING) }, (_, i) => RING * (i + 1)));
</script>

<section aria-label="The class at once">
	<label>
		Compared
		<select
			class="field"
			value={JSON.stringify(which)}
			onchange={(event) => (chosen = choices[event.currentTarget.selectedIndex]!.which)}
		>
			{#each choices as { which: each, words } (words)}<option value={JSON.stringify(each)}>{words}</option>{/each}
		</select>
	</label>
	<div class="two">
		<figure>
			<svg
				viewBox="0 0 {SIDE} {SIDE}"
				role="img"
				aria-label="Hue and chroma from above, grey in the middle: {colours.length} colours"
			>
				{#each rings as ring (ring)}
					<circle cx={SIDE / 2} cy={SIDE / 2} r={(SIDE / 2) * (ring / farthest)} fill="none" stroke="#00000030" />
				{/each}
				{#each colours as { maker, name, hex, a, b }, i (i)}
					<circle cx={across(a)} cy={up(b)} r="7" fill={seenHex(view, hex)}>
						<title>{pinUp.names ? `${maker}: ` : ''}{name}, {hex}</title>
					</circle>
				{/each}
			</svg>
			<figcaption>Hue and chroma from above, grey in the middle (OKLab; a ring at each 0.1)</figcaption>
		</figure>
		<div class="values">
			<p>Value, L*, from dark to light</p>
			<ol>
				{#each rows as { line, colours: own } (line.id)}
					<li>
						<span>{called(line)}</span>
						<i aria-hidden="true">
							{#each own as { hex, value }, k (k)}
								<b style:left="{value}%" style:background={seenHex(view, hex)}></b>
							{/each}
						</i>
						<span class="unseen">{own.map(({ value }) => value.toFixed(0)).join(', ')}</span>
					</li>
				{/each}
			</ol>
		</div>
	</div>
</section>

<style>
	section {
		display: grid;
		gap: 14px;
		padding: 16px 18px;
		background: #fff;
		color: var(--ink);
		font-size: 12px;
	}
	label {
		display: flex;
		align-items: center;
		gap: 8px;
	}
	.two {
		display: grid;
		grid-template-columns: minmax(240px, 360px) minmax(0, 1fr);
		gap: 28px;
	}
	select {
		width: 260px;
	}
	figure {
		margin: 0;
	}
	svg {
		width: 100%;
		height: auto;
		background: #f7f7f7;
	}
	figcaption,
	p {
		color: var(--soft);
	}
	ol {
		display: grid;
		gap: 3px;
		margin: 6px 0 0;
		padding: 0;
		list-style: none;
	}
	li {
		display: grid;
		grid-template-columns: 120px 1fr;
		align-items: center;
		gap: 10px;
	}
	li > span:first-child {
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	i {
		position: relative;
		height: 16px;
		background: #f1f1f1;
	}
	b {
		position: absolute;
		top: 0;
		bottom: 0;
		width: 10px;
		margin-left: -5px;
	}
	@media (max-width: 800px) {
		.two {
			grid-template-columns: 1fr;
		}
	}
</style>
