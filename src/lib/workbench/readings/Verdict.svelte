<script lang="ts">
	import { type Remark } from '$lib/core/remark';

	/** A tick or an exclamation, never a colour: what it means is also said. */
	let { verdict }: { verdict: Remark['verdict'] } = $props();
	const SIGNS = { holds: 'M3 8.5l3.5 3.5L13 4.5', look: 'M8 2v8M8 12.5v2' } as const;
	const WORDS = { holds: 'Holds:', look: 'Look:' } as const;
</script>

<span>
	<svg width="16" height="16" aria-hidden="true"
		><path d={SIGNS[verdict]} stroke="#1c1c1c" stroke-width="2.1" fill="none" /></svg
	>
	<span class="unseen">{WORDS[verdict]}</span>
</span>
