import { type PlateBase } from '$lib/model/plate-base';
import { type Bench } from '$lib/workbench/bench';
import { type Kind } from './kinds';
import { type Plate } from './plate';

type BenchOf<K extends Kind> = () => Promise<Bench<Extract<Plate, { kind: K }>>>;

/** The table of what plate kinds show, loaded when the first plate of the kind is opened. A new kind adds its line here and one in `kinds.ts`. */
const BENCHES: { readonly [K in Kind]: BenchOf<K> } = {
	scales: async () => (await import('./scales/bench/bench')).scalesBench,
	wheel: async () => (await import('./wheel/bench/bench')).wheelBench,
	scheme: async () => (await import('./scheme/bench/bench')).schemeBench,
	mixes: async () => (await import('./mixes/bench/bench')).mixesBench,
	grounds: async () => (await import('./grounds/bench/bench')).groundsBench,
	picture: async () => (await import('./picture/bench/bench')).pictureBench,
	matching: async () => (await import('./matching/bench/bench')).matchingBench,
	pattern: async () => (await import('./pattern/bench/bench')).patternBench
};

type AnyBench = Bench<PlateBase>;

let loaded = $state.raw<Readonly<Record<string, AnyBench>>>({});

/** Loads what these plates show, where it is not there yet. */
export async function loadBenches(plates: readonly PlateBase[]): Promise<void> {
	const missing = plates.map(({ kind }) => kind).filter((kind, i, all) => !loaded[kind] && all.indexOf(kind) === i);
	const benches = await Promise.all(missing.map((kind) => BENCHES[kind as Kind]()));
	const found = missing.map((kind, i) => [kind, benches[i] as unknown as AnyBench] as const);
	if (found.length > 0) loaded = { ...loaded, ...Object.fromEntries(found) };
}

/** What a plate shows; null until it is loaded. It is only ever given plates of its kind, which the table sees to and types cannot say. */
export const benchOf = ({ kind }: PlateBase): AnyBench | null => loaded[kind] ?? null;
