<script lang="ts">
	import DotsHorizontalOutline from 'flowbite-svelte-icons/DotsHorizontalOutline.svelte';
	import { COLOUR_FILES, downloadColours } from '$lib/client/colour-files';
	import { plainName } from '$lib/client/files';
	import { nearnessOf } from '$lib/study/nearness';
	import { type Palette } from '$lib/model/palette';
	import Menu from '$lib/ui/Menu.svelte';
	import RenameField from '$lib/ui/RenameField.svelte';
	import { type Library } from './library.svelte';
	import PaletteStrip from './PaletteStrip.svelte';

	interface Props {
		library: Library;
		palette: Palette;
		chosen: boolean;
		onchoose: () => void;
	}

	/** One palette of the list. */
	let { library, palette, chosen, onchoose }: Props = $props();

	let renaming = $state(false);
	const index = $derived(library.palettes.indexOf(palette));

	const files = $derived(
		COLOUR_FILES.map((file) => ({
			label: `Take it away as ${file.label}`,
			disabled: palette.colours.length === 0,
			run: () =>
				downloadColours(file, {
					name: plainName(palette.name),
					named: palette.colours
				})
		}))
	);
	/** Its colour nearest to the one that was asked for. */
	const near = $derived.by((): string => {
		if (library.query.near === '') return '';
		const found = nearnessOf(palette, library.query.near);
		return found ? `${found.nearest.name} is ${found.distance.toFixed(1)} ΔE00 off` : '';
	});
	const about = $derived(
		[
			near,
			palette.maker,
			`${palette.colours.length} ${palette.colours.length === 1 ? 'colour' : 'colours'}`,
			...palette.tags
		].filter(Boolean)
	);

	/** Alt with an arrow moves the palette, F2 renames it, Delete takes it away. */
	function actByKey(event: KeyboardEvent & { currentTarget: HTMLElement }) {
		if (event.altKey && library.query.near !== '') return;
		if (event.altKey && event.key === 'ArrowUp') library.move(palette.id, index - 1);
		else if (event.altKey && event.key === 'ArrowDown') library.move(palette.id, index + 1);
		else if (event.key === 'F2') renaming = true;
		else if (event.key === 'Delete') library.remove(palette.id, `“${palette.name}”`);
		else return;
		event.preventDefault();
		const button = event.currentTarget;
		if (event.altKey) requestAnimationFrame(() => button.focus());
	}
</script>

<article class:chosen>
	<button
		class="strip"
		aria-pressed={chosen}
		aria-label="{palette.name}: {about.join(', ')}"
		aria-keyshortcuts="Alt+ArrowUp Alt+ArrowDown F2 Delete"
		onclick={onchoose}
		ondblclick={() => (renaming = true)}
		onkeydown={actByKey}><PaletteStrip colours={palette.colours} /></button
	>
	<div class="words">
		{#if renaming}
			<RenameField
				name={palette.name}
				label="Name of the palette"
				onrename={(name) => library.change(palette.id, 'Rename the palette', { name })}
				onend={() => (renaming = false)}
			/>
		{:else}
			<h2>{palette.name}</h2>
		{/if}
		<Menu
			kind="act bare"
			label="{palette.name}: what to do"
			items={[
				{ label: 'Rename', run: () => (renaming = true) },
				{ label: 'Start from a copy', run: () => library.duplicate(palette) },
				{
					label: 'Move up',
					run: () => library.move(palette.id, index - 1),
					disabled: index === 0 || library.query.near !== ''
				},
				{
					label: 'Move down',
					run: () => library.move(palette.id, index + 1),
					disabled: index === library.palettes.length - 1 || library.query.near !== ''
				},
				...files,
				{ label: 'Delete', run: () => library.remove(palette.id, `“${palette.name}”`) }
			]}><DotsHorizontalOutline size="sm" aria-hidden="true" /></Menu
		>
	</div>
	<p>{about.join(' · ')}</p>
</article>

<style>
	article {
		padding: 10px 12px 10px 9px;
		border-left: 3px solid transparent;
	}
	.chosen {
		border-left-color: var(--ink);
		background: var(--panel);
	}
	.strip {
		display: block;
		width: 100%;
		height: 46px;
		cursor: pointer;
	}
	.words {
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 8px;
		margin-top: 6px;
	}
	h2 {
		overflow: hidden;
		font-size: 17px;
		line-height: 1.2;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	p {
		font-size: 12px;
		color: var(--soft);
	}
</style>
