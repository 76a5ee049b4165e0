<script lang="ts">
	import Toast from 'flowbite-svelte/Toast.svelte';
	import { notices } from './notices.svelte';
</script>

<div class="notices" role="status" aria-live="polite">
	{#each notices.list.slice(-1) as { id, words, action, naming } (id)}
		<Toast dismissable={false} class="notice">
			<span>{words}</span>
			{#if naming}
				<input
					class="field"
					value={naming.name}
					maxlength="120"
					aria-label={naming.label}
					onchange={(event) => {
						const name = event.currentTarget.value.trim();
						if (name !== '') naming.onrename(name);
					}}
				/>
			{/if}
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
	/* One at a time, over what stands beside the plate, never on it. */
	.notices {
		position: fixed;
		right: 10px;
		bottom: 166px;
		z-index: 60;
		width: min(260px, calc(100vw - 20px));
	}
	.notices :global(.notice) {
		width: 100%;
		max-width: none;
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
		flex-wrap: wrap;
		align-items: center;
		gap: 8px 14px;
	}
</style>
