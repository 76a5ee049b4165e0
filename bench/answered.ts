/** Waits until a server answers. @throws Error after half a minute without an answer */
export async function answered(address: string): Promise<void> {
	for (let tries = 0; tries < 150; tries++) {
		const ok = await fetch(address).then(
			(response) => response.ok,
			() => false
		);
		if (ok) return;
		await new Promise((done) => setTimeout(done, 200));
	}
	throw new Error('The server did not start.');
}
