<script lang="ts">
	import NeutralChoice from './NeutralChoice.svelte';
	import { BOARD_COLOURS, BOARD_COOKIE, BOARDS, type Board } from './boards';

	let { board = $bindable() }: { board: Board } = $props();

	function choose(choice: Board) {
		board = choice;
		document.cookie = `${BOARD_COOKIE}=${choice}; path=/; max-age=31536000; samesite=lax`;
	}
</script>

<fieldset class="boards">
	<legend class="unseen">Lightness of the board</legend>
	{#each BOARDS as choice (choice)}
		<NeutralChoice
			group="board"
			said="{choice} board"
			fill={BOARD_COLOURS[choice]}
			checked={board === choice}
			edged
			onchoose={() => choose(choice)}
		/>
	{/each}
</fieldset>

<style>
	.boards {
		display: flex;
		gap: 5px;
	}
</style>
