<script lang="ts">
	interface Props {
		/** Ids of rows of the database that cannot be read. */
		ids: readonly string[];
		/** Where the reason is told, if there is a page for it. */
		pageOf?: (id: string) => string;
		ondelete: (id: string) => void;
	}

	/** What a list cannot show, so that it can be deleted and never hides the rest. */
	let { ids, pageOf, ondelete }: Props = $props();
</script>

{#if ids.length > 0}
	<section>
		<h2>These cannot be read</h2>
		<p>Something is wrong with what the database holds of them. The others are not touched by it.</p>
		{#each ids as id (id)}
			<p>
				{#if pageOf}<a href={pageOf(id)}>{id}</a>{:else}{id}{/if}
				<button class="act" aria-label="Delete {id}" onclick={() => ondelete(id)}>Delete</button>
			</p>
		{/each}
	</section>
{/if}

<style>
	section {
		display: grid;
		gap: 12px;
		max-width: 470px;
		margin-top: 26px;
		padding: 28px 32px;
		background: #fff;
		outline: 1px solid #00000030;
	}
	h2 {
		font-size: 22px;
	}
</style>
