/** "Unit 2: intervals", whether somebody wrote the word or only its number. */
export const sayUnit = (unit: string): string => (unit === '' || /^unit\b/i.test(unit) ? unit : `Unit ${unit}`);
