import { describe, expect, it } from 'vitest';
import { handInName, plainName } from './files';

describe('names of files', () => {
	it('are small letters, digits and hyphens, whatever the title', () => {
		expect(plainName('Épinglé & Ørsted: “No. 4”')).toBe('epingle-orsted-no-4');
		expect(plainName('../../etc/passwd')).toBe('etc-passwd');
		expect(plainName('…')).toBe('untitled');
		expect(plainName('x'.repeat(300))).toHaveLength(60);
	});
	it('of hand-ins are last name, first name, unit and title; what is missing is left out', () => {
		expect(handInName({ maker: 'Anselm Furrow', unit: '2', title: 'A banner' })).toBe('furrow-anselm-2-a-banner');
		expect(handInName({ maker: 'Ilse', unit: '', title: 'Border' })).toBe('ilse-border');
		expect(handInName({ maker: '  ', unit: '', title: 'Border' })).toBe('border');
	});
});
