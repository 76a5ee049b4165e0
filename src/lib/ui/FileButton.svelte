<script lang="ts">
	interface Props {
		label: string;
		/** Kinds of files, as an input has them. */
		accept: string;
		multiple?: boolean;
		onfiles: (files: readonly File[]) => unknown;
	}

	/** A button that asks for files. */
	let { label, accept, multiple = false, onfiles }: Props = $props();

	function take(field: HTMLInputElement) {
		const files = [...(field.files ?? [])];
		// The same file can be chosen again.
		field.value = '';
		onfiles(files);
	}
</script>

<label class="act file">
	{label}
	<input type="file" {accept} {multiple} onchange={(event) => take(event.currentTarget)} />
</label>
