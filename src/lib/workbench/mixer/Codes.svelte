<script lang="ts">
	import { CODE_KINDS, codesOf, type CodeKind } from '$lib/core/colour/codes';
	import { type Colour } from '$lib/core/colour/colour';
	import { keyAlone } from '$lib/ui/is-writing';
	import { copyText } from './clipboard';

	let { colour }: { colour: Colour } = $props();

	const NAMES: Readonly<Record<CodeKind, string>> = {
		hex: 'Hex',
		rgb: 'RGB',
		hsl: 'HSL',
		hsb: 'HSB',
		oklch: 'OKLCH',
		lab: 'Lab D50'
	};
	const codes = $derived(codesOf(colour));
	/** A function says what it is by itself; a code does not. */
	const isNamed = (code: string): boolean => !/^(rgb|hsl|hsb|oklch|lab)\(/.test(code);

	/** Keys 1 to 6 copy, unless something is being typed. */
	function copyByKey(event: KeyboardEvent) {
		const kind = CODE_KINDS[Number(keyAlone(event)) - 1];
		if (kind) void copyText(codes[kind]);
	}
</script>

<svelte:window onkeydown={copyByKey} />

<ul class="codes" aria-label="Codes">
	{#each CODE_KINDS as kind, i (kind)}
		<li>
			<button onclick={() => copyText(codes[kind])} title="Copy {codes[kind]}" aria-keyshortcuts={String(i + 1)}>
				<span class={isNamed(codes[kind]) ? 'name' : 'unseen'}>{NAMES[kind]}</span>
				<span class="code" data-code={kind}>{codes[kind]}</span>
				<span class="key" aria-hidden="true">{i + 1}</span>
				<span class="unseen">, copy</span>
			</button>
		</li>
	{/each}
</ul>

<style>
	.codes {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0 20px;
		align-content: center;
		margin: 0;
		padding: 0;
		list-style: none;
	}
	li {
		contain: content;
	}
	button {
		display: flex;
		align-items: center;
		gap: 8px;
		width: 100%;
		padding: 8px 2px;
		border: 0;
		border-bottom: 1px solid #ffffff40;
		background: none;
		color: #fff;
		font: 400 12.5px/1.3 var(--font-sans);
		text-align: left;
		cursor: pointer;
	}
	button:hover {
		background: #474747;
	}
	button:focus-visible {
		outline: 2px solid #fff;
		box-shadow: none;
	}
	.name {
		color: #c4c4c4;
		white-space: nowrap;
	}
	.code {
		flex: 1;
		text-align: right;
		white-space: nowrap;
	}
	.key {
		color: #c4c4c4;
	}
	@media (max-width: 1180px) {
		.codes {
			grid-template-columns: 1fr;
		}
		button {
			padding-block: 2px;
		}
	}
</style>
