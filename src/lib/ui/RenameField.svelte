<script lang="ts">
	import { focusHere } from './focus-here';

	interface Props {
		name: string;
		label: string;
		/** Whether no name is a name too. */
		empty?: boolean;
		/** What stands there while it is empty. */
		placeholder?: string;
		/** Called with the new name, trimmed; not for the same one, nor for an empty one where that is none. */
		onrename: (name: string) => void;
		/** The typing is over, kept or not. */
		onend: () => void;
		kind?: string;
	}

	/** A field for another name: Enter or leaving it keeps what was typed, Escape does not. */
	let { name, label, empty = false, placeholder, onrename, onend, kind = 'field' }: Props = $props();

	// The field is taken away when it ends, which takes the focus too: that must not count as leaving it.
	let ended = false;

	function end(typed: string | null) {
		if (ended) return;
		ended = true;
		const trimmed = typed?.trim() ?? '';
		onend();
		if (typed !== null && (trimmed !== '' || empty) && trimmed !== name) onrename(trimmed);
	}
</script>

<input
	class={kind}
	value={name}
	maxlength="120"
	aria-label={label}
	{placeholder}
	{@attach focusHere}
	onblur={(event) => end(event.currentTarget.value)}
	onkeydown={(event) => {
		if (event.key === 'Enter') end(event.currentTarget.value);
		if (event.key === 'Escape') end(null);
	}}
/>
