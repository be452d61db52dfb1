import { capital, count, list } from '$lib/format/words';

interface Told {
	readonly is: string;
	readonly told?: readonly [one: string, many: string];
}

/** What comes into the headline, and what only where nothing else does. */
const pressing = ['wrong', 'due', 'ripe', 'fading'];

/** More than an eye takes in at once stands below it. */
const mostSaid = 4;

/** What is wrong, due or ripe? Things that are told alike are counted together. */
export function todayAnswer(duties: readonly Told[], isBegun: boolean): string {
	if (!isBegun) return 'Start in the woodyard: measure one pile';
	const parts = counted(duties.filter(({ is }) => pressing.includes(is)));
	if (parts.length > mostSaid) return `${capital(parts.slice(0, mostSaid).join(', '))}; more below`;
	if (parts.length > 0) return capital(list(parts));
	const [watch] = counted(duties.filter(({ is }) => is === 'watch'));
	return watch === undefined ? 'Nothing is wrong or ripe today' : capital(watch);
}

function counted(duties: readonly Told[]): string[] {
	const groups = new Map<string, { told: readonly [string, string]; n: number }>();
	for (const { told } of duties)
		if (told) groups.set(told[0], { told, n: (groups.get(told[0])?.n ?? 0) + 1 });
	return [...groups.values()].map(({ told: [one, many], n }) => count(n, one, many));
}
