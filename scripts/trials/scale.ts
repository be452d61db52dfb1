import { appendFileSync } from 'node:fs';

/** The whole attack; a small part of it within `npm test`. */
export const isAttack = process.env.ASHDRIFT_ATTACK === '1';

/** So much of something: in the whole attack, and within the tests. */
export const scaled = (attack: number, test: number): number => (isAttack ? attack : test);

/** What a trial measured, in a line, for the page of docs where the attack gathers them. */
export function tell(trial: string, figures: string): void {
	const file = process.env.ASHDRIFT_FIGURES;
	if (file) appendFileSync(file, `${trial}\t${figures}\n`);
	else console.log(`${trial}: ${figures}`);
}

/** The middle, or another share, of some times. */
export function share(times: readonly number[], part: number): number {
	const sorted = [...times].sort((a, b) => a - b);
	return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * part))] ?? 0;
}
