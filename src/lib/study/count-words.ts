/** How many words a text has: what stands between spaces. */
export const countWords = (text: string): number => text.split(/\s/).filter((word) => word !== '').length;
