import { type ColourSource } from '$lib/model/colour-text';
import { type StudyParts } from '$lib/model/edit';
import { type PictureRef, type PlaceInPicture } from '$lib/model/picture';
import { type PlateBase } from '$lib/model/plate-base';
import { linksTo, sourcesBy } from '$lib/model/sources';
import { sourceFor, type Surroundings } from '$lib/model/surroundings';
import { grounds } from './grounds/kind';
import { type PlateKind } from './kind';
import { matching } from './matching/kind';
import { mixes } from './mixes/kind';
import { pattern } from './pattern/kind';
import { picture } from './picture/kind';
import { scales } from './scales/kind';
import { type ScaleDecision } from './scales/scale';
import { scheme } from './scheme/kind';
import { wheel } from './wheel/kind';

/** The table of plate kinds, in the order in which they are offered. A new kind adds its line here and one in `benches.ts`. */
export const KINDS = { scales, wheel, scheme, mixes, grounds, picture, pattern, matching } as const;

export type Kind = keyof typeof KINDS;
export const KIND_NAMES = Object.keys(KINDS) as Kind[];

type AnyKind = PlateKind<PlateBase, unknown>;

/** What is known of a plate's kind. It is only ever given plates of that kind, which the table sees to and types cannot say. */
export const kindOf = <P extends PlateBase>({ kind }: P): PlateKind<P, unknown> =>
	kindNamed(kind) as unknown as PlateKind<P, unknown>;

export const kindNamed = (kind: string): AnyKind => KINDS[kind as Kind] as unknown as AnyKind;

/** All colour sources of a plate, in order; the last is its ground, where it has one. */
export const sourcesOf = (plate: PlateBase): ColourSource[] => sourcesBy(mapSources, plate);

/** The same plate with each of its colour sources changed as asked. */
export function mapSources<P extends PlateBase>(plate: P, change: (source: ColourSource) => ColourSource): P {
	const mapped = kindOf(plate).mapSources(plate, change);
	return plate.ground ? { ...mapped, ground: change(plate.ground) } : mapped;
}

export const copyParts = <P extends PlateBase>(plate: P): P => kindOf(plate).copyParts?.(plate) ?? plate;
export const partIds = (plate: PlateBase): readonly string[] => kindOf(plate).partIds?.(plate) ?? [];
export const contradictions = (plate: PlateBase): readonly string[] => kindOf(plate).contradictions?.(plate) ?? [];

/** The pictures on a plate, and the same plate with each of them changed as asked. */
export const picturesOf = (plate: PlateBase): readonly PictureRef[] => kindOf(plate).pictures?.of(plate) ?? [];
export const mapPictures = <P extends PlateBase>(plate: P, change: (picture: PictureRef) => PictureRef): P =>
	kindOf(plate).pictures?.map(plate, change) ?? plate;

/** How many things of a plate count on a linked colour; the plate itself is one, unless its kind counts otherwise. Its ground is one more. */
export const usesOn = (plate: PlateBase, id: string): number =>
	(kindOf(plate).uses?.(plate, id) ??
		Number(sourcesBy(kindOf(plate).mapSources, plate).some((source) => linksTo(source, id)))) +
	Number(plate.ground !== undefined && linksTo(plate.ground, id));

/** What uses a colour, kind by kind in the order of the table: "6 scales". */
export const sayUsesOf = (using: readonly { readonly plate: PlateBase; readonly uses: number }[]): string[] =>
	KIND_NAMES.flatMap((kind) => {
		const count = using.reduce((sum, { plate, uses }) => sum + (plate.kind === kind ? uses : 0), 0);
		return count > 0 ? [KINDS[kind].words.uses(count)] : [];
	});

/** Where a study has no colours at all yet. */
const FALLBACK: Surroundings['colours'] = [{ text: '#b3392b' }, { text: '#2f5f86' }];

/** What a plate gives, for others to follow: of a study whose plates use no colours of their own, as pictures do. */
const givenBy = (plate: PlateBase, linked: StudyParts['linked']): ColourSource[] =>
	(kindOf(plate).gives?.rows(plate, linked) ?? []).flatMap(({ colours }) =>
		colours.map(({ place, hex }) => ({ text: hex, follows: { plate: plate.id, place } }))
	);

/** Places in the pictures of a study, or in one that ships. */
export const placesIn = (plates: readonly PlateBase[]): PlaceInPicture[] =>
	KIND_NAMES.flatMap((kind) => kindNamed(kind).pictures?.places?.(plates.filter((plate) => plate.kind === kind)) ?? []);

/** What a new plate finds in a study: its linked colours, or what its plates use or give, or two of ours. */
export function surroundingsOf({ linked, plates }: StudyParts): Surroundings {
	const used = linked.length > 0 ? linked.map(sourceFor) : plates.flatMap(sourcesOf);
	const found = used.length > 0 ? used : plates.flatMap((plate) => givenBy(plate, linked));
	const [first, ...rest] = found;
	return { linked, plates, colours: first ? [first, ...rest] : FALLBACK, places: () => placesIn(plates) };
}

/** Every scale of the plates, with the title of its plate. */
export const scalesIn = (plates: readonly PlateBase[]): { scale: ScaleDecision; title: string }[] =>
	plates.flatMap((plate) => (kindOf(plate).scales?.(plate) ?? []).map((scale) => ({ scale, title: plate.title })));
