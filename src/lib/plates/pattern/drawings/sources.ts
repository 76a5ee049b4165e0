import { type ShippedDrawing } from './names';

/**
 * The drawings that ship, as SVG of our own making, from which their regions are read as those of any drawing are (shipped.test.ts).
 * Where shapes cross they are divided, so that every piece can have a colour of its own.
 */
interface Source {
	readonly name: string;
	readonly svg: string;
}

const [WIDE, HIGH] = [940, 500] as const;
const svg = (parts: readonly string[]): string =>
	`<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDE} ${HIGH}">${parts.join('')}</svg>`;
const path = (d: string): string => `<path d="${d}"/>`;
const rect = (x: number, y: number, width: number, height: number): string =>
	`<rect x="${x}" y="${y}" width="${width}" height="${height}"/>`;
const GROUND = rect(0, 0, WIDE, HIGH);
const range = (count: number): number[] => Array.from({ length: count }, (_, i) => i);

const lozenge = (x: number, y: number, dx: number, dy: number): string =>
	`<polygon points="${x - dx},${y} ${x},${y - dy} ${x + dx},${y} ${x},${y + dy}"/>`;

/** A woven border: lozenges that cross, each with a smaller one in it, between two edges of teeth. */
function lozenges(): string[] {
	const each = WIDE / 10;
	const edge = 60;
	// As far as the outermost lozenges reach.
	const [left, long, tooth] = [-36, 1012, 46];
	const teeth = (y: number, tip: number): string[] =>
		range(long / tooth).map((i) => {
			const x = left + i * tooth;
			return path(`M${x} ${y}L${x + tooth / 2} ${tip}L${x + tooth} ${y}z`);
		});
	return [
		rect(left, 0, long, HIGH),
		rect(left, 0, long, edge),
		rect(left, HIGH - edge, long, edge),
		...teeth(edge, edge - 46),
		...teeth(HIGH - edge, HIGH - edge + 46),
		...range(5).map((i) => lozenge((2 * i + 1) * each, HIGH / 2, each * 1.35, 190)),
		...range(5).map((i) => lozenge((2 * i + 1) * each, HIGH / 2, each * 0.62, 100)),
		...range(5).map((i) => lozenge((2 * i + 1) * each, HIGH / 2, each * 0.28, 46)),
		...range(6)
			.map((i) => lozenge(2 * i * each, HIGH / 2, each * 0.3, 62))
			.slice(1, 5)
	];
}

/** A leaf of two halves about its rib, from where it grows, so long, turned so far. */
function leaf(x: number, y: number, long: number, turn: number): string[] {
	const half = (side: number): string =>
		`<path d="M0 0Q${long * 0.42} ${side * long * 0.36} ${long} 0z" transform="translate(${x} ${y}) rotate(${turn})"/>`;
	return [half(-1), half(1)];
}

const leaves = (): string[] => [
	GROUND,
	...[
		[90, 470, 400, -62],
		[60, 120, 420, 18],
		[330, 490, 430, -78],
		[250, 40, 400, 48],
		[480, 470, 420, -38],
		[520, 30, 380, 78],
		[905, 480, 440, -142],
		[880, 60, 430, 152],
		[700, 480, 380, -98]
	].flatMap(([x, y, long, turn]) => leaf(x!, y!, long!, turn!))
];

/** Land under a low sun: each line of it goes down to the foot, so that the bands between the lines are regions. */
function landscape(): string[] {
	const line = (y: number, one: number, other: number): string =>
		path(
			`M0 ${y}C${WIDE * 0.28} ${y + one} ${WIDE * 0.4} ${y - one} ${WIDE * 0.58} ${y + other}S${WIDE * 0.86} ${y - other} ${WIDE} ${y - one / 2}V${HIGH}H0z`
		);
	return [
		GROUND,
		rect(0, 0, WIDE, 70),
		rect(0, 0, WIDE, 140),
		'<circle cx="640" cy="170" r="92"/>',
		'<circle cx="640" cy="170" r="46"/>',
		line(190, 50, -20),
		line(236, -46, 34),
		line(290, 34, -40),
		line(340, -58, 12),
		line(392, 40, 26),
		line(436, -20, -22),
		path('M250 500C300 430 470 420 420 350C390 300 520 280 560 236C520 300 480 320 520 360C600 430 420 450 420 500z')
	];
}

/** Bowls on a cloth that hangs in folds over the edge of a table. */
function stillLife(): string[] {
	const bowl = (x: number, y: number, wide: number, deep: number): string[] => [
		path(
			`M${x - wide} ${y}Q${x - wide * 0.8} ${y + deep} ${x} ${y + deep}Q${x + wide * 0.8} ${y + deep} ${x + wide} ${y}z`
		),
		`<ellipse cx="${x}" cy="${y}" rx="${wide}" ry="${wide * 0.2}"/>`,
		`<ellipse cx="${x}" cy="${y}" rx="${wide * 0.78}" ry="${wide * 0.13}"/>`
	];
	const folds = range(7).map((i) =>
		path(
			`M${250 + i * 66} 330L${300 + i * 66} 330L${316 + i * 66} ${470 - (i % 2) * 26}L${268 + i * 66} ${456 + (i % 3) * 12}z`
		)
	);
	return [
		GROUND,
		rect(0, 300, WIDE, 200),
		rect(0, 372, WIDE, 128),
		path('M200 290L760 270L740 340L250 340z'),
		...folds,
		...bowl(330, 212, 118, 112),
		...bowl(560, 178, 150, 130),
		'<circle cx="770" cy="250" r="58"/>',
		'<circle cx="836" cy="272" r="44"/>',
		'<circle cx="300" cy="180" r="40"/>',
		'<circle cx="376" cy="176" r="34"/>',
		path('M120 300Q96 210 128 150Q120 90 140 60L164 60Q184 90 176 150Q208 210 184 300z'),
		rect(0, 0, 70, 300),
		rect(870, 0, 70, 300)
	];
}

/** Four letters of our own, of bars and rounds, with bands that run through them. */
function lettering(): string[] {
	const letters = [
		'M30 90H100L125 300L160 150H200L235 300L260 90H330L275 420H205L180 300L155 420H85z',
		'M470 80A120 175 0 0 1 470 430A120 175 0 0 1 470 80zM470 165A50 90 0 0 0 470 345A50 90 0 0 0 470 165z',
		'M640 90H700L790 420H715L700 350H640L625 420H550zM670 175L650 285H690z',
		'M800 90H850A90 165 0 0 1 850 420H800zM850 170V340A30 85 0 0 0 850 170z'
	];
	return [
		GROUND,
		...range(5).map((i) => rect(0, 60 + i * 84, WIDE, 38)),
		'<circle cx="200" cy="330" r="150"/>',
		'<circle cx="690" cy="180" r="150"/>',
		...letters.map((d) => `<path fill-rule="evenodd" d="${d}"/>`)
	];
}

export const SOURCES: Readonly<Record<ShippedDrawing, Source>> = {
	lozenges: { name: 'A border of lozenges', svg: svg(lozenges()) },
	leaves: { name: 'Leaves that cross', svg: svg(leaves()) },
	landscape: { name: 'A landscape of bands', svg: svg(landscape()) },
	'still-life': { name: 'Bowls and cloth', svg: svg(stillLife()) },
	lettering: { name: 'Woad, in letters', svg: svg(lettering()) }
};
