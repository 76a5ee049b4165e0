import { newId } from '$lib/model/ids';
import { type LinkedColour } from '$lib/model/linked';
import { type Plate } from '$lib/plates/plate';
import { type StudyDocument } from './study';
import { asLine } from '$lib/model/line';

/** The colours that a new study starts with, so that nobody faces an empty form: three dyes that stand well apart. */
const FIRST_COLOURS = [
	{ name: 'Madder', text: '#b3392b' },
	{ name: 'Weld', text: '#d9b036' },
	{ name: 'Woad', text: '#2f5f86' }
];

/** A new study: three linked colours and one plate with the tints of the first. `date` is a calendar day or ''. */
export function newStudy(title: string, date: string): StudyDocument {
	const linked = FIRST_COLOURS.map((colour): LinkedColour => ({ id: newId(), ...colour, namedBy: 'machine' }));
	const [first, second] = linked as [LinkedColour, LinkedColour];
	const plate: Plate = {
		id: newId(),
		kind: 'scales',
		title: 'Tints of madder',
		titledBy: 'machine',
		scales: [
			{
				id: newId(),
				recipe: 'tints',
				parents: [{ linked: first.id }, { linked: second.id }],
				between: 5,
				method: 'oklab',
				spacing: 'differences'
			}
		]
	};
	return { titleBlock: { title, maker: '', course: '', unit: '', date }, linked, plates: [plate] };
}

/** The same study under another title. Ids within a study only have to differ from each other. */
export function copyOfStudy(document: StudyDocument, maker = document.titleBlock.maker): StudyDocument {
	const title = asLine(`${document.titleBlock.title}, copy`);
	return { ...document, titleBlock: { ...document.titleBlock, title, maker } };
}
