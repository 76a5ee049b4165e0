import { type z } from 'zod';

/** The first thing that a schema found wrong, with its place: "At plates › 0 › title: …". `whole` names the place where there is none within. */
export function sayIssue({ issues: [issue] }: z.ZodError, whole: string): string {
	const place = issue && issue.path.length > 0 ? issue.path.map(String).join(' › ') : whole;
	return `At ${place}: ${issue?.message ?? 'unreadable'}.`;
}
