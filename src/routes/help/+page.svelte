<script lang="ts">
	import Mark from '$lib/ui/Mark.svelte';
	import { METHOD_WORDS, RECIPE_WORDS, SPACING_WORDS } from '$lib/core/scale/words';
	import { SCHEME_WORDS } from '$lib/core/scheme/scheme-words';
	import { SCHEMES } from '$lib/core/scheme/schemes';
	import { METHODS } from '$lib/core/scale/mixing';
	import { RECIPES } from '$lib/core/scale/recipe';
	import { SPACINGS } from '$lib/core/scale/spacing';

	const KEYS: readonly { where: string; keys: readonly (readonly [string, string])[] }[] = [
		{
			where: 'Anywhere in a study',
			keys: [
				['Ctrl Z', 'undo'],
				['Ctrl Shift Z, Ctrl Y', 'redo'],
				['Ctrl C, Ctrl X', 'take along what has the focus: a row, a plate of the list, or the colour in the mixer'],
				['Ctrl V', 'put it here; of any other text, read in its colours, shown before anything changes'],
				['Z, Shift Z', 'the plate larger: fit, 100 %, 200 %'],
				['O', 'only the plate and the mixer, over the whole screen; again: all of it'],
				['Escape', 'leave a choice beside the plate, or the exercises'],
				['1 to 6', 'copy the colour in the mixer as hex, RGB, HSL, HSB, OKLCH or Lab']
			]
		},
		{
			where: 'On the plate',
			keys: [
				['← →', 'the step before, the next step'],
				['↑ ↓', 'the row above, the row below'],
				['Home, End', 'the first and the last step'],
				['Enter', 'to the code of the colour, in the mixer'],
				['F2', 'name the row'],
				['Alt ↑, Alt ↓', 'move the row'],
				['Delete', 'delete the row']
			]
		},
		{
			where: 'On the triangle of a path’s parent',
			keys: [
				['← →', 'move the parent along the path'],
				['Shift with an arrow', 'move it by a larger step'],
				['Delete', 'take the parent out of the path']
			]
		},
		{
			where: 'In the mixer',
			keys: [
				['← →, ↑ ↓', 'turn a coordinate finely'],
				['Shift with an arrow', 'turn it by a larger step'],
				['Enter', 'take what was typed or pasted']
			]
		},
		{
			where: 'On a wheel',
			keys: [
				['← →', 'the hue before, the next hue'],
				['↑ ↓', 'the ring outside, the ring inside'],
				['Home', 'the hue itself'],
				['Enter', 'into the mixer']
			]
		},
		{
			where: 'On the members of a scheme, and on its wheel',
			keys: [
				['↑ ↓', 'on the wheel: turn it by 1° (Shift 10°)'],
				['← →', 'on the members: the next one; on the wheel: in towards grey, and out'],
				['Enter', 'from the row into the mixer']
			]
		},
		{
			where: 'On a plate of mixes or grounds',
			keys: [
				['← → ↑ ↓', 'the colour before, the next colour'],
				['← →', 'on a seam between parents: move parts (Shift by more); among steps of scales: the next one'],
				['Enter', 'into the mixer']
			]
		},
		{
			where: 'On a picture',
			keys: [
				['← → ↑ ↓', 'on the picture: the pixel that way; on a mark or an end of the line: move it (Shift ten pixels)'],
				['Enter', 'on the picture: take a place there; on a mark: into the mixer'],
				['Page Up, Page Down', 'the mark of the place before, and of the next'],
				['← →', 'on the triangle under the gradation: move the stop; among its steps: the next one'],
				['Delete', 'take the place out']
			]
		},
		{
			where: 'On the cells of a pattern',
			keys: [
				['← → ↑ ↓', 'the next cell that way; with Shift it is filled on the way'],
				['Space', 'fill the cell'],
				['Delete', 'empty it'],
				['1 to 9, 0', 'choose a colour by its number'],
				['A', 'fill all that hangs together and has the same colour'],
				['R', 'replace every cell of this colour'],
				['T', 'take up the colour of the cell'],
				['B', 'mark a corner of a block; at the second corner take it: Space lays it'],
				['Enter', 'into the mixer']
			]
		},
		{
			where: 'While a study is shown to a room',
			keys: [
				['→, Space', 'reveal more, then the next plate'],
				['←', 'go back'],
				['Escape', 'end it']
			]
		},
		{
			where: 'While a pin-up is shown to a room',
			keys: [
				['← →', 'the sheet before, the next sheet'],
				['↑ ↓', 'the plate before, the next plate of the brief'],
				['Escape', 'end it']
			]
		},
		{
			where: 'While a note is pinned to a place of a plate',
			keys: [
				['← → ↑ ↓', 'lead the cross; with Shift finely'],
				['Enter', 'pin the note there']
			]
		},
		{
			where: 'On the relatives of a scheme',
			keys: [
				['← → ↑ ↓', 'the nearest relative that way, along an arm, across to the next one'],
				['Space', 'choose it, or let it go'],
				['Shift and an arrow', 'choose a range'],
				['Ctrl A', 'choose the whole cross']
			]
		},
		{
			where: 'On a palette in the library',
			keys: [
				['Alt ↑, Alt ↓', 'move the palette'],
				['F2', 'rename'],
				['Delete', 'delete, with a way back'],
				['Ctrl Z, Ctrl Shift Z', 'undo and redo an edit of a palette']
			]
		},
		{
			where: 'On a plate in the list, or a linked colour',
			keys: [
				['Alt ↑, Alt ↓', 'move the plate'],
				['Alt Enter', 'put the plate beside the open one'],
				['Ctrl Enter, Shift Enter', 'gather one more, or all up to here: copied, cut and deleted together'],
				['F2', 'rename'],
				['Delete', 'delete']
			]
		}
	];
	const TERMS: readonly { heading: string; terms: readonly (readonly [string, string])[] }[] = [
		{
			heading: 'Recipes',
			terms: RECIPES.map((recipe) => RECIPE_WORDS[recipe]).map(({ name, teaches }) => [name, teaches] as const)
		},
		{
			heading: 'Mixing',
			terms: METHODS.map((method) => METHOD_WORDS[method]).map(({ name, says }) => [name, says] as const)
		},
		{
			heading: 'Spacing',
			terms: SPACINGS.map((spacing) => SPACING_WORDS[spacing]).map(({ name, says }) => [name, says] as const)
		},
		{
			heading: 'Schemes',
			terms: SCHEMES.map((scheme) => SCHEME_WORDS[scheme]).map(({ name, says }) => [name, says] as const)
		},
		{
			heading: 'Pictures',
			terms: [
				['place', 'Where in a picture a colour is taken from: the mean of light of a small square.'],
				[
					'emphasis',
					'What counts most when a picture is brought to a few colours; each is shown as this picture’s own.'
				],
				['share', 'How much of a picture a colour stands for: the part of it to which it is the nearest, by ΔE00.'],
				[
					'few values',
					'A picture in two to five values, cut so that pixels lie nearest to them; painters call it notan.'
				],
				['key', 'High where three quarters of the area have value 65 or more, low where they have 40 or less.']
			]
		},
		{
			heading: 'Patterns',
			terms: [
				['cell, region', 'One field of a design: of a grid, or of a drawing.'],
				['run', 'Cells filled in a straight line in one stroke; with Shift along the directions of the grid.'],
				['accent', 'A colour that stands apart from the row: rules leave it out, boxes have it on every sixth.'],
				['climate', 'Other colours for the same cells, each by its number.'],
				['shares exchanged', 'What covered most covers least, and so on inwards: figure and ground change places.'],
				['outline', 'Neighbouring cells of one colour joined into one shape, as files have them.']
			]
		},
		{
			heading: 'Readings',
			terms: [
				['value', 'How light a colour is, whatever its hue: L* of CIE 15, 0 black to 100 white.'],
				[
					'ΔE00',
					'How far two colours look apart (CIEDE2000): about 1 is the least that is seen, under 2 is hard to tell.'
				],
				['evenness', 'The smallest difference between neighbours divided by the largest; 1 is perfectly even.'],
				['own grey', 'The neutral with the same luminance as a colour.'],
				['grey ink', 'The ink percentage that prints this grey, with 20 % dot gain (Murray–Davies).'],
				[
					'between, in all',
					'Between counts the steps that are neither parent nor end; in all counts every one: two more.'
				]
			]
		}
	];
</script>

<svelte:head><title>Help and keys · Ricercar</title></svelte:head>

<main id="content" tabindex="-1">
	<Mark />
	<h1>Help and keys</h1>
	<p class="lead">
		A scale is decided by its recipe, its parents, a number of steps, a way of mixing and a spacing. All its steps
		follow from these. Click a parent and it is in the mixer; turn it, and everything that depends on it follows.
	</p>
	<div class="columns">
		<section>
			<h2>Keys</h2>
			{#each KEYS as { where, keys } (where)}
				<h3>{where}</h3>
				<dl>
					{#each keys as [key, does] (key)}
						<dt><span class="key">{key}</span></dt>
						<dd>{does}</dd>
					{/each}
				</dl>
			{/each}
		</section>
		<section>
			<h2>Words</h2>
			{#each TERMS as { heading, terms } (heading)}
				<h3>{heading}</h3>
				<dl>
					{#each terms as [term, meaning] (term)}
						<dt>{term}</dt>
						<dd>{meaning}</dd>
					{/each}
				</dl>
			{/each}
		</section>
	</div>
</main>

<style>
	main {
		max-width: 1080px;
		margin: 0 auto;
		padding: 18px 32px 60px;
	}
	h1 {
		margin: 26px 0 8px;
		font-size: 32px;
	}
	.lead {
		max-width: 640px;
		font: 17px/1.45 var(--font-serif);
	}
	.columns {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(320px, 1fr));
		gap: 40px;
		margin-top: 26px;
	}
	h2 {
		padding-bottom: 5px;
		border-bottom: 1px solid var(--ink);
		font-size: 21px;
	}
	h3 {
		margin: 16px 0 5px;
		font: 600 13px var(--font-sans);
	}
	dl {
		display: grid;
		grid-template-columns: 150px 1fr;
		gap: 5px 14px;
	}
	dt {
		font-weight: 500;
	}
	dd {
		color: var(--soft);
	}
</style>
