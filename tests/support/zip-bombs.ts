import { crc32, deflateRawSync } from 'node:zlib';

/** Records of a zip (APPNOTE 6.3, 4.3.7, 4.3.12 and 4.3.16), as far as these need them. */
function record(
	signature: number,
	length: number,
	fields: readonly (readonly [at: number, bytes: 2 | 4, value: number])[]
) {
	const bytes = Buffer.alloc(length);
	bytes.writeUInt32LE(signature);
	for (const [at, size, value] of fields) bytes.writeUIntLE(value, at, size);
	return bytes;
}

/** A zip of so many members that are all the same bytes of the file, each of which unpacks to so many bytes. */
export function sharedBytesZip(members: number, size: number): Uint8Array {
	const content = Buffer.alloc(size, 0x20);
	const packed = deflateRawSync(content, { level: 9 });
	const crc = crc32(content);
	const nameOf = (i: number): Buffer => Buffer.from(`${String(i).padStart(6, '0')}.json`);
	const length = nameOf(0).length;
	const local = Buffer.concat([
		record(0x04034b50, 30, [
			[4, 2, 20],
			[8, 2, 8],
			[14, 4, crc],
			[18, 4, packed.length],
			[22, 4, size],
			[26, 2, length]
		]),
		nameOf(0),
		packed
	]);
	const central = Array.from({ length: members }, (_, i) =>
		Buffer.concat([
			record(0x02014b50, 46, [
				[4, 2, 20],
				[6, 2, 20],
				[10, 2, 8],
				[16, 4, crc],
				[20, 4, packed.length],
				[24, 4, size],
				[28, 2, length]
			]),
			nameOf(i)
		])
	);
	const directory = Buffer.concat(central);
	const end = record(0x06054b50, 22, [
		[8, 2, members],
		[10, 2, members],
		[12, 4, directory.length],
		[16, 4, local.length]
	]);
	return new Uint8Array(Buffer.concat([local, directory, end]));
}
