<script lang="ts">
	import { sayDay } from '$lib/drawing/say-day';
	import DotsHorizontalOutline from 'flowbite-svelte-icons/DotsHorizontalOutline.svelte';
	import { type StudyLine } from '$lib/study/requests';
	import Menu, { type MenuItem } from '$lib/ui/Menu.svelte';
	import RenameField from '$lib/ui/RenameField.svelte';

	interface Props {
		study: StudyLine;
		/** Where a click leads. */
		page: string;
		/** What more can be done with it. */
		more: readonly MenuItem[];
		onrename: (title: string) => void;
		onduplicate: () => void;
		ondelete: () => void;
	}

	let { study, page, more, onrename, onduplicate, ondelete }: Props = $props();

	let renaming = $state(false);
	/** Whether its picture could not be had: the study may be unreadable, which its own page says. */
	let undrawn = $state(false);

	/** Not an attribute, which the server would write into the page as script. */
	function watch(picture: HTMLImageElement) {
		const failed = () => (undrawn = true);
		if (picture.complete && picture.naturalWidth === 0 && picture.currentSrc !== '') failed();
		picture.addEventListener('error', failed);
		return () => picture.removeEventListener('error', failed);
	}
</script>

<article>
	<a class="picture" href={page} tabindex="-1" aria-hidden="true">
		{#if study.plates > 0 && !undrawn}
			<img
				src="/api/studies/{study.id}/picture.svg?revision={study.revision}"
				alt=""
				width="792"
				height="560"
				loading="lazy"
				decoding="async"
				{@attach watch}
			/>
		{:else}
			<span>{undrawn ? 'cannot be drawn' : 'no plates yet'}</span>
		{/if}
	</a>
	<div class="words">
		{#if renaming}
			<RenameField name={study.title} label="Title of the study" {onrename} onend={() => (renaming = false)} />
		{:else}
			<h2><a href={page}>{study.title}</a></h2>
		{/if}
		<Menu
			kind="act bare"
			label="{study.title}: what to do"
			items={[
				{ label: 'Rename', run: () => (renaming = true) },
				{ label: 'Duplicate', run: onduplicate },
				...more,
				{ label: 'Delete', run: ondelete }
			]}
		>
			<DotsHorizontalOutline size="sm" aria-hidden="true" />
		</Menu>
	</div>
	<p>{[study.maker, study.course].filter(Boolean).join(', ')}</p>
	<p>
		{study.plates} plate{study.plates === 1 ? '' : 's'} · changed
		<time datetime={study.changed}>{sayDay(study.changed)}</time>
	</p>
</article>

<style>
	/* Cards out of sight wait with being laid out, so that a long list opens at once. */
	article {
		content-visibility: auto;
		contain-intrinsic-size: auto 330px;
	}
	.picture {
		display: grid;
		place-items: center;
		aspect-ratio: 792 / 560;
		margin-bottom: 9px;
		overflow: hidden;
		background: #fff;
		outline: 1px solid #00000030;
	}
	.picture:hover {
		outline: 2px solid var(--ink);
	}
	.picture span {
		font: italic 15px var(--font-serif);
		color: var(--soft);
	}
	img {
		width: 100%;
		height: 100%;
		object-fit: cover;
		object-position: top;
	}
	.words {
		display: flex;
		align-items: flex-start;
		justify-content: space-between;
		gap: 8px;
	}
	h2 {
		font-size: 19px;
		line-height: 1.2;
	}
	h2 a {
		color: inherit;
		text-decoration: none;
	}
	h2 a:hover {
		text-decoration: underline;
		text-underline-offset: 4px;
		text-decoration-thickness: 1px;
	}
	p {
		font-size: 12px;
		color: var(--soft);
	}
</style>
