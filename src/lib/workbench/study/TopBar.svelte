<script lang="ts">
	import QuestionCircleOutline from 'flowbite-svelte-icons/QuestionCircleOutline.svelte';
	import { COLOUR_FILES, cssOf, downloadColours } from '$lib/client/colour-files';
	import { picturesAlong } from '$lib/client/study-zip';
	import { keepDefaults } from '$lib/client/own-defaults';
	import { gradationToCss } from '$lib/core/format/css-properties';
	import { benchOf } from '$lib/plates/benches.svelte';
	import { drawPiece } from '$lib/plates/draw-plate';
	import { kindOf } from '$lib/plates/kinds';
	import BoardPicker from '$lib/ui/BoardPicker.svelte';
	import { type Board } from '$lib/ui/boards';
	import Mark from '$lib/ui/Mark.svelte';
	import UndoButtons from '$lib/ui/UndoButtons.svelte';
	import Menu, { type MenuItem } from '$lib/ui/Menu.svelte';
	import { type ColourSet } from '../bench';
	import { copyText } from '../mixer/clipboard';
	import { setTitleBlock } from '$lib/study/edits';
	import { type Saver } from './saver.svelte';
	import SaveStateLine from './SaveStateLine.svelte';
	import { downloadStudy, downloadStudyWhole, downloadSvg, taken, type Piece } from './take-away';
	import ViewPicker from './ViewPicker.svelte';
	import { type Workbench } from './workbench.svelte';

	let { workbench, saver, board = $bindable() }: { workbench: Workbench; saver: Saver; board: Board } = $props();

	let editingTitle = $state(false);

	let printing = $state(false);
	let picturing = $state(false);

	/** Which of them have been opened. */
	let asked = $state({ title: false, printing: false, picturing: false });
	$effect(() => {
		asked.title ||= editingTitle;
		asked.printing ||= printing;
		asked.picturing ||= picturing;
	});

	const copyRun = (set: ColourSet) => void copyText(gradationToCss(set.run?.() ?? []), 'the CSS gradient');

	/** "This scale as CSS properties", and so on. */
	function coloursAs(set: ColourSet): MenuItem[] {
		const copied = () => void copyText(cssOf(taken(set)), 'the CSS properties');
		return [
			...COLOUR_FILES.map((file) => ({
				label: `${set.what} as ${file.label}`,
				run: () => downloadColours(file, taken(set))
			})),
			{ label: `Copy ${set.what.toLowerCase()} as CSS properties`, run: copied },
			...(set.run ? [{ label: `Copy ${set.what.toLowerCase()} as a CSS gradient`, run: () => copyRun(set) }] : [])
		];
	}

	/** What of the plate becomes a picture. */
	let pictured = $state<Piece>('plate');
	function picture(what: Piece) {
		pictured = what;
		picturing = true;
	}
	/** Asked when the menu is opened, not at each turn of a dial. */
	const pieceOf = ({ plate, document }: Workbench): string | null =>
		plate && drawPiece(plate, document.linked) ? kindOf(plate).piece!.words : null;

	const files = $derived.by((): MenuItem[] => {
		const { plate, document } = workbench;
		const piece = pieceOf(workbench);
		const ofPlate = plate
			? [
					{ label: 'Print, as PDF …', run: () => (printing = true) },
					{ label: 'The plate as SVG', run: () => void downloadSvg(plate, document.linked) },
					{ label: 'The plate as PNG …', run: () => picture('plate') },
					...(piece
						? [
								{ label: `${piece} as SVG`, run: () => void downloadSvg(plate, document.linked, 'piece') },
								{ label: `${piece} as PNG …`, run: () => picture('piece') }
							]
						: [])
				]
			: [];
		const sets = (plate && benchOf(plate)?.taken(workbench, plate)) ?? [];
		return [
			...ofPlate,
			...sets.flatMap(coloursAs),
			{ label: 'The whole study as JSON', run: () => downloadStudy(document) },
			...(picturesAlong(document).length > 0
				? [{ label: 'The whole study with its pictures, as ZIP', run: () => void downloadStudyWhole(document) }]
				: [])
		];
	});
</script>

<header class="top">
	<Mark />
	<nav aria-label="Where you are">
		{#if workbench.document.brief}<a href="/briefs">Briefs</a>{:else}<a href="/">Studies</a>{/if}
		<span aria-hidden="true">/</span>
		<span class="title">
			<button onclick={() => (editingTitle = true)} title="Title block: title, maker, course, unit, date">
				{workbench.document.titleBlock.title}
			</button>
		</span>
	</nav>
	<SaveStateLine {saver} />
	<span class="space"></span>
	<UndoButtons of={workbench} />
	<button
		class="act bare"
		disabled={!workbench.plate}
		title="Show it to a room: full screen, arrow keys go through it"
		onclick={() => (workbench.teaching = true)}>Show</button
	>
	<ViewPicker {workbench} />
	<BoardPicker bind:board />
	<a class="act bare" href="/help" aria-label="Help and keys" title="Help and keys"
		><QuestionCircleOutline size="sm" aria-hidden="true" /></a
	>
	<Menu kind="act main" label="Take it away" items={files} />
</header>

<!-- What is opened now and then is loaded when it is first opened, and stays, so that the focus goes back where it came from. -->
{#if workbench.teaching}
	{#await import('./TeachingView.svelte') then { default: TeachingView }}
		<TeachingView {workbench} {board} onclose={() => (workbench.teaching = false)} />
	{/await}
{/if}
{#if asked.printing}
	{#await import('./PrintDialog.svelte') then { default: PrintDialog }}
		<PrintDialog bind:open={printing} {workbench} />
	{/await}
{/if}
{#if asked.picturing}
	{#await import('./PngDialog.svelte') then { default: PngDialog }}
		<PngDialog
			bind:open={picturing}
			{workbench}
			what={pictured}
			words={(pictured === 'piece' && pieceOf(workbench)) || 'The plate'}
		/>
	{/await}
{/if}
{#if asked.title}
	{#await import('./TitleBlockDialog.svelte') then { default: TitleBlockDialog }}
		<TitleBlockDialog
			bind:open={editingTitle}
			titleBlock={workbench.document.titleBlock}
			onchange={(titleBlock) => {
				keepDefaults(titleBlock);
				workbench.edit('Change the title block', setTitleBlock(titleBlock));
			}}
		/>
	{/await}
{/if}

<style>
	.top {
		display: flex;
		align-items: center;
		gap: 16px;
		padding: 0 18px;
		background: var(--panel);
		border-bottom: 1px solid var(--rule);
	}
	nav {
		display: flex;
		align-items: baseline;
		gap: 7px;
		min-width: 0;
		color: var(--soft);
	}
	nav a {
		color: var(--soft);
		text-decoration: none;
	}
	nav a:hover,
	nav button:hover {
		text-decoration: underline;
		text-underline-offset: 3px;
	}
	.title {
		min-width: 0;
		font: inherit;
		letter-spacing: normal;
	}
	nav button {
		max-width: 100%;
		overflow: hidden;
		font-weight: 560;
		color: var(--ink);
		text-overflow: ellipsis;
		white-space: nowrap;
		cursor: pointer;
	}
	/* What is said of saving may be long; what is clicked keeps its size. */
	.top > :global(.act) {
		flex: none;
	}
	.space {
		flex: 1;
	}
	@media (max-width: 800px) {
		.top {
			flex-wrap: wrap;
			padding: 8px 12px;
		}
	}
</style>
