<script lang="ts">
	import { keyAlone } from '$lib/ui/is-writing';
	import { type Workbench } from './workbench.svelte';

	/** The plate and the mixer over the whole screen, with all else put away; O does it and takes it back. */
	let { workbench }: { workbench: Workbench } = $props();

	/** A browser that does not give the whole screen still gives the whole window. */
	async function fill(alone: boolean) {
		workbench.alone = alone;
		try {
			if (alone) await document.documentElement.requestFullscreen();
			else if (document.fullscreenElement) await document.exitFullscreen();
		} catch {
			// The window it is.
		}
	}

	function goByKey(event: KeyboardEvent) {
		if (keyAlone(event) === 'o') void fill(!workbench.alone);
	}
</script>

<svelte:window onkeydown={goByKey} />
<svelte:document
	onfullscreenchange={() => {
		if (!document.fullscreenElement) workbench.alone = false;
	}}
/>

<button
	aria-pressed={workbench.alone}
	title="Only the plate and the mixer, over the whole screen (O)"
	onclick={() => void fill(!workbench.alone)}>Only the plate</button
>

<style>
	button {
		flex: none;
		min-height: 24px;
		padding: 0 6px;
		white-space: nowrap;
		cursor: pointer;
	}
	button[aria-pressed='true'] {
		font-weight: 600;
		box-shadow: inset 0 -2px currentColor;
	}
</style>
