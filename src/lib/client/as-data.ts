/** A picture as an address that carries its own data. @throws Error in words */
export const asData = (blob: Blob): Promise<string> =>
	new Promise((done, fail) => {
		const reader = new FileReader();
		reader.onload = () => done(reader.result as string);
		reader.onerror = () => fail(new Error('A picture could not be read.'));
		reader.readAsDataURL(blob);
	});
