<script lang="ts">
	import { type View } from '$lib/drawing/view-kinds';
	import { type HandInLine } from '$lib/study/handed/requests';
	import { sheetItems } from './acts';
	import { type PinUp } from './pin-up.svelte';
	import WallSheet from './WallSheet.svelte';

	interface Props {
		pinUp: PinUp;
		sheets: PinUp['wall'];
		called: (line: HandInLine) => string;
		view: View;
	}

	/** Sheets side by side, row under row. */
	let { pinUp, sheets, called, view }: Props = $props();
</script>

<ul class="wall" style:--size="{pinUp.size}px">
	{#each sheets as { id, line, older } (line.id)}
		<li>
			<WallSheet {pinUp} {line} {older} called={called(line)} {view} items={sheetItems(pinUp, id, line)} />
		</li>
	{/each}
</ul>
