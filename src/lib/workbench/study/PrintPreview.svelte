<script lang="ts">
	import { FACES } from '$lib/drawing/drawing';
	import { MARGIN, pagesOf, roomOf, topOfFoot, type Measure } from '$lib/paper/paper';
	import { pageSize, type PrintRequest } from '$lib/study/print';
	import { sheetsOf } from '$lib/paper/sheets';
	import { pagesOfText, WRITTEN } from '$lib/paper/written-pages';
	import PlateDrawing from '$lib/ui/PlateDrawing.svelte';

	/** The sheets of paper that a print will have, small: what stands on which, and how much of it is used. */
	let { request }: { request: PrintRequest } = $props();

	/** No more sheets are drawn than can be looked over. */
	const MOST = 12;

	const pen = document.createElement('canvas').getContext('2d')!;
	const measure: Measure = (words, face, size) => {
		pen.font = `${face === 'serif' ? 500 : 400} ${size}px ${FACES[face]}`;
		return pen.measureText(words).width;
	};

	const size = $derived(pageSize(request.page));
	const room = $derived(roomOf(request.page, measure));
	const sheets = $derived([...sheetsOf(pagesOf(request), room, !request.page.across)]);
	const written = $derived(pagesOfText(request.reflection, room, measure));
	const total = $derived(sheets.length + written.length);

	/** Lengths of a reflection by the width of the sheet, as large as they stand on paper. */
	const ofWidth = (points: number): string => `${((100 * points) / size[0]).toFixed(3)}cqw`;
	const across = (points: number): string => `${((100 * points) / size[0]).toFixed(3)}%`;
	const down = (points: number): string => `${((100 * points) / size[1]).toFixed(3)}%`;
</script>

<figure>
	<figcaption>
		{total === 1 ? 'One sheet' : `${total} sheets`}{total > MOST ? `, the first ${MOST} shown` : ''}
	</figcaption>
	<!-- What is longer than its room is scrolled by keys. -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<ol tabindex="0" aria-label="Sheets of paper" style:--wide={request.page.across ? '152px' : '108px'}>
		{#each sheets.slice(0, MOST) as { placed, lines }, i (i)}
			<li
				style:aspect-ratio="{size[0]} / {size[1]}"
				aria-label="Sheet {i + 1}: {placed.map(({ drawing }) => drawing.title).join('; ')}"
			>
				{#each placed as { drawing, scale, x, y }, n (n)}
					<div
						style:left={across(MARGIN + x)}
						style:top={down(MARGIN + y)}
						style:width={across(scale * drawing.width)}
						style:height={down(scale * drawing.height)}
					>
						<PlateDrawing {drawing} />
					</div>
				{/each}
				<hr style:top={down(topOfFoot(size[1], lines.length))} />
			</li>
		{/each}
		{#each written.slice(0, Math.max(0, MOST - sheets.length)) as lines, i (i)}
			<li style:aspect-ratio="{size[0]} / {size[1]}" aria-label="Sheet {sheets.length + i + 1}: reflection">
				<p
					style:padding="{ofWidth(MARGIN + WRITTEN.heading.height)}
					{ofWidth(MARGIN)}"
					style:font-size={ofWidth(WRITTEN.size)}
					style:line-height={ofWidth(WRITTEN.line)}
				>
					{lines.join('\n')}
				</p>
				<hr style:top={down(topOfFoot(size[1], 0))} />
			</li>
		{/each}
	</ol>
</figure>

<style>
	figure {
		/* Many sheets are gone along; they never make the dialog wider. */
		contain: inline-size;
		margin: 0 0 14px;
		padding: 8px 10px 10px;
		background: var(--panel-low);
	}
	figcaption {
		margin-bottom: 6px;
		font-size: 12px;
		color: var(--soft);
	}
	ol {
		display: flex;
		gap: 10px;
		margin: 0;
		padding: 1px 1px 4px;
		overflow-x: auto;
		list-style: none;
	}
	li {
		position: relative;
		flex: none;
		width: var(--wide);
		overflow: hidden;
		background: #fff;
		outline: 1px solid #00000030;
		container-type: inline-size;
	}
	div {
		position: absolute;
	}
	hr {
		position: absolute;
		left: 6%;
		right: 6%;
		margin: 0;
		border: 0;
		border-top: 1px solid #8a8a8a;
	}
	p {
		margin: 0;
		font-family: var(--font-serif);
		font-weight: 500;
		color: #1c1c1c;
		white-space: pre;
	}
</style>
