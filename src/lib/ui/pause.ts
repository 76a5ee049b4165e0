/** How long typing must rest before it is acted on, in milliseconds. */
const PAUSE = 250;

/** Does the latest of what comes in quick succession, once nothing more has come for a while. */
export function afterPause<T>(work: (latest: T) => void): (latest: T) => void {
	let timer: ReturnType<typeof setTimeout> | undefined;
	return (latest) => {
		clearTimeout(timer);
		timer = setTimeout(() => work(latest), PAUSE);
	};
}
