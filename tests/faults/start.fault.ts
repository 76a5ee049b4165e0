import { createServer, get } from 'node:http';
import { type AddressInfo } from 'node:net';
import { expect, it } from 'vitest';
import { begunFolder } from '../support/begun';
import { launch, started, stopped } from '../support/server';
import { noteFault } from './report';

it('a port in use is said in one line, the folder is let go, and the exit code says that it failed', async () => {
	const other = createServer().listen(0, '127.0.0.1');
	await new Promise((done) => other.once('listening', done));
	const { port } = other.address() as AddressInfo;
	const folder = await begunFolder();
	const server = await launch(folder, { PORT: String(port) });
	expect(await server.ended).toBe(1);
	expect(server.complaints()).toContain(`Something already listens at http://127.0.0.1:${port}`);
	expect(server.complaints()).not.toMatch(/\n\s+at /);
	other.close();
	const again = await started(folder);
	expect(await stopped(again, 'SIGTERM')).toBe(0);
	noteFault('a start on a port in use', 1, 'nothing: it is said in one line');
});

it('on any address of loopback only loopback names are answered', async () => {
	const server = await started(await begunFolder(), { HOST: '127.0.0.2' });
	expect((await fetch(`${server.url}/icon.svg`)).status).toBe(200);
	// The usual way of asking names the host itself.
	const asked = await new Promise<number | undefined>((done) => {
		get(`${server.url}/icon.svg`, { headers: { host: 'elsewhere.example' } }, ({ statusCode }) => done(statusCode));
	});
	expect(asked).toBe(421);
	await stopped(server, 'SIGTERM');
});
