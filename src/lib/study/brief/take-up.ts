import { type StudyDocument } from '../study';
import { type TitleBlock } from '../parts';
import { type Brief } from './brief';

/** A study begun by taking up a brief: its plates with what is given, for whoever takes it up, on a calendar day. */
export const takenUp = (brief: Brief, { maker, date }: Pick<TitleBlock, 'maker' | 'date'>): StudyDocument => ({
	titleBlock: { title: brief.title, maker, course: brief.course, unit: brief.unit, date },
	linked: brief.linked,
	plates: brief.plates,
	answers: brief
});
