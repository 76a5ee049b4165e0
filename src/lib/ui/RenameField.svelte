<script lang="ts">
	import { focusHere } from './focus-here';

	interface Props {
		name: string;
		label: string;
		/** Called with the new name, trimmed; not for an empty or the same one. */
		onrename: (name: string) => void;
		/** The typing is over, kept or not. */
		onend: () => void;
		kind?: string;
	}

	/** A field for another name: Enter or leaving it keeps what was typed, Escape does not. */
	let { name, label, onrename, onend, kind = 'field' }: Props = $props();

	// The field is taken away when it ends, which takes the focus too: that must not count as leaving it.
	let ended = false;

	function end(typed: string | null) {
		if (ended) return;
		ended = true;
		const trimmed = typed?.trim() ?? '';
		onend();
		if (trimmed !== '' && trimmed !== name) onrename(trimmed);
	}
</script>

<input
	class={kind}
	value={name}
	maxlength="120"
	aria-label={label}
	{@attach focusHere}
	onblur={(event) => end(event.currentTarget.value)}
	onkeydown={(event) => {
		if (event.key === 'Enter') end(event.currentTarget.value);
		if (event.key === 'Escape') end(null);
	}}
/>
