/** The part of color-diff that the checks use; the package ships no types. */
declare module 'color-diff' {
	interface Lab {
		readonly L: number;
		readonly a: number;
		readonly b: number;
	}
	export function diff(one: Lab, other: Lab): number;
}
