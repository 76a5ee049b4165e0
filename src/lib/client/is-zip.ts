/** A zip begins with these letters (APPNOTE 6.3, 4.3.7), whatever it is called. */
export const isZip = async (file: File): Promise<boolean> => (await file.slice(0, 4).text()) === 'PK\u0003\u0004';
