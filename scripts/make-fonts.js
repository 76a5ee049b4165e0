// Makes the static TrueType files that the picture renderer needs out of the font packages (SIL Open Font License).
// Run by hand after a change of font version: node scripts/make-fonts.js
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import fontverter from 'fontverter';

const FACES = [
	['newsreader', 500],
	['archivo', 400],
	['archivo', 600]
];
const target = 'src/lib/server/picture/fonts';
mkdirSync(target, { recursive: true });

async function make(family, letters, weight) {
	const file = `${family}-${letters}-${weight}-normal`;
	const source = readFileSync(`node_modules/@fontsource/${family}/files/${file}.woff2`);
	writeFileSync(`${target}/${file}.ttf`, await fontverter.convert(source, 'truetype'));
}

for (const [family, weight] of FACES) for (const letters of ['latin', 'latin-ext']) await make(family, letters, weight);
// For what our faces do not have: Greek and Cyrillic, as in a title, and the signs of mathematics.
for (const letters of ['greek', 'cyrillic']) await make('noto-sans', letters, 400);
await make('noto-sans-math', 'latin', 400);
