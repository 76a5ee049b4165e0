/** The part of color-name-lists that the checks use; the package ships no types. */
declare module 'color-name-lists' {
	interface Named {
		readonly name: string;
		readonly hex: string;
	}
	export const lists: { readonly nbsIscc: readonly Named[] };
}
