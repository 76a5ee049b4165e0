<script lang="ts">
	import Toast from 'flowbite-svelte/Toast.svelte';
	import { notices } from './notices.svelte';
</script>

<div class="notices" role="status" aria-live="polite">
	{#each notices.list as { id, words, action } (id)}
		<Toast dismissable={false} class="notice">
			<span>{words}</span>
			{#if action}
				<button
					class="act"
					onclick={() => {
						notices.dismiss(id);
						action.run();
					}}>{action.label}</button
				>
			{/if}
		</Toast>
	{/each}
</div>

<style>
	.notices {
		position: fixed;
		left: 50%;
		bottom: 172px;
		z-index: 60;
		display: grid;
		gap: 6px;
		transform: translateX(-50%);
	}
	.notices :global(.notice) {
		max-width: 560px;
		padding: 9px 14px;
		border: 1px solid #fff;
		border-radius: 0;
		background: var(--ink);
		color: #fff;
		font-size: 13px;
		box-shadow: none;
	}
	.notices :global(.notice > div) {
		display: flex;
		align-items: center;
		gap: 14px;
	}
</style>
