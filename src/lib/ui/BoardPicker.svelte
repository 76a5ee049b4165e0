<script lang="ts">
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
		<label title="{choice} board">
			<input type="radio" name="board" checked={board === choice} onchange={() => choose(choice)} />
			<i style:background={BOARD_COLOURS[choice]}></i>
			<span class="unseen">{choice} board</span>
		</label>
	{/each}
</fieldset>

<style>
	.boards {
		display: flex;
		gap: 5px;
	}
	label {
		display: block;
		position: relative;
		padding: 2px;
		cursor: pointer;
	}
	input {
		position: absolute;
		inset: 0;
		opacity: 0;
		cursor: pointer;
	}
	i {
		display: block;
		width: 18px;
		height: 18px;
		border: 1px solid var(--edge);
	}
	input:checked + i {
		outline: 2px solid var(--ink);
		outline-offset: 2px;
	}
	input:focus-visible + i {
		outline: 3px double var(--ink);
		outline-offset: 2px;
	}
</style>
