/** Work that is done when it is first asked for, and never again. */
export function once<T>(work: () => T): () => T {
	let made: { readonly value: T } | null = null;
	return () => (made ??= { value: work() }).value;
}
