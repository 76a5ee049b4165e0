/** Numbers of a profile: 32 bits, 16 of them behind the point (ICC.1:2022 §4.6). */
function fixed(numbers: readonly number[]): Buffer {
	const bytes = Buffer.alloc(4 * numbers.length);
	numbers.forEach((number, i) => bytes.writeInt32BE(Math.round(number * 65536), 4 * i));
	return bytes;
}

const tagged = (type: string, content: Buffer): Buffer =>
	Buffer.concat([Buffer.from(type, 'latin1'), Buffer.alloc(4), content]);

/** Text of a description in version 2 (ICC.1:2001-04 §6.5.17). */
function described(text: string): Buffer {
	const ascii = Buffer.from(`${text}\0`, 'latin1');
	const length = Buffer.alloc(4);
	length.writeUInt32BE(ascii.length);
	return tagged('desc', Buffer.concat([length, ascii, Buffer.alloc(78)]));
}

/** Columns of a matrix from the chromaticities of primaries and white, scaled so that they make the white together. */
function columns(primaries: readonly (readonly [number, number])[], white: readonly [number, number]): number[][] {
	const xyz = ([x, y]: readonly [number, number]): number[] => [x / y, 1, (1 - x - y) / y];
	const [r, g, b] = primaries.map(xyz) as [number[], number[], number[]];
	const w = xyz(white);
	const det = (p: number[], q: number[], s: number[]): number =>
		p[0]! * (q[1]! * s[2]! - q[2]! * s[1]!) -
		q[0]! * (p[1]! * s[2]! - p[2]! * s[1]!) +
		s[0]! * (p[1]! * q[2]! - p[2]! * q[1]!);
	const whole = det(r, g, b);
	const scales = [det(w, g, b) / whole, det(r, w, b) / whole, det(r, g, w) / whole];
	return [r, g, b].map((column, i) => column.map((each) => each * scales[i]!));
}

/** Bradford's adaptation from D65 to D50, as ICC profiles hold their primaries (ICC.1:2022 annex E). */
const BRADFORD = [
	[1.0478112, 0.0228866, -0.050127],
	[0.0295424, 0.9904844, -0.0170491],
	[-0.0092345, 0.0150436, 0.7521316]
];

/** sRGB's curve (IEC 61966-2-1) as a table. */
function curve(): Buffer {
	const count = 1024;
	const bytes = Buffer.alloc(4 + 2 * count);
	bytes.writeUInt32BE(count);
	for (let i = 0; i < count; i++) {
		const v = i / (count - 1);
		const linear = v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
		bytes.writeUInt16BE(Math.round(linear * 65535), 4 + 2 * i);
	}
	return tagged('curv', bytes);
}

/** A matrix profile of version 2 with the primaries and the white of ITU-R BT.2020, and the curve of sRGB. */
export function matrixProfile(): Buffer {
	const adapted = columns(
		[
			[0.708, 0.292],
			[0.17, 0.797],
			[0.131, 0.046]
		],
		[0.3127, 0.329]
	).map((column) => BRADFORD.map((row) => row.reduce((sum, each, i) => sum + each * column[i]!, 0)));
	const tone = curve();
	const tags: readonly (readonly [string, Buffer])[] = [
		['desc', described('Test primaries')],
		['wtpt', tagged('XYZ ', fixed([0.9642, 1, 0.8249]))],
		['rXYZ', tagged('XYZ ', fixed(adapted[0]!))],
		['gXYZ', tagged('XYZ ', fixed(adapted[1]!))],
		['bXYZ', tagged('XYZ ', fixed(adapted[2]!))],
		['rTRC', tone],
		['gTRC', tone],
		['bTRC', tone],
		['cprt', tagged('text', Buffer.from('none\0', 'latin1'))]
	];
	const table = Buffer.alloc(4 + 12 * tags.length);
	table.writeUInt32BE(tags.length);
	let at = 128 + table.length;
	const contents: Buffer[] = [];
	tags.forEach(([name, content], i) => {
		const padded = Buffer.concat([content, Buffer.alloc((4 - (content.length % 4)) % 4)]);
		table.write(name, 4 + 12 * i, 'latin1');
		table.writeUInt32BE(at, 8 + 12 * i);
		table.writeUInt32BE(content.length, 12 + 12 * i);
		at += padded.length;
		contents.push(padded);
	});
	const head = Buffer.alloc(128);
	head.writeUInt32BE(at, 0);
	head.writeUInt32BE(0x02400000, 8);
	head.write('mntrRGB XYZ ', 12, 'latin1');
	head.write('acsp', 36, 'latin1');
	fixed([0.9642, 1, 0.8249]).copy(head, 68);
	return Buffer.concat([head, table, ...contents]);
}
