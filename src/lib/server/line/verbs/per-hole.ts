import { trouble, type Trouble } from '../sending';

/** What goes into each of so many holes or pots, and how many there are. */
const perHole =
	/^(.*?)\s*\b(?:per|in each|to each|in every)\s+(?:planting\s+)?(?:hole|plant|pot)s?\b(.*)$/iu;
const howMany =
	/[,:x×]?\s*(?:for|of|in|at)?\s*(\d+)\s*(?:planting\s+)?(?:holes?|plants?|pots?)\b/iu;
const firstAmount = /(?<![\p{L}\d])(?:(\d+(?:[.,]\d+)?)|(half\s+an?|½)|(?:an?|one)(?=\s))/iu;

/**
 * "a mug of C4 per planting hole, 12 holes > Mere 2" as twelve mugs of it; a line without holes as it is; one that
 * does not say how many there are is asked.
 */
export function inHoles(rest: string): string | Trouble {
	const [, before, after] = perHole.exec(rest) ?? [];
	if (before === undefined || after === undefined) return rest;
	const many = howMany.exec(after) ?? howMany.exec(before);
	if (!many) return trouble('line-holes');
	const n = Number(many[1]);
	const told = `${before.replace(many[0], '')} ${after.replace(many[0], '')}`.replace(/\s+/g, ' ');
	return told.replace(firstAmount, (_said, figure?: string, half?: string) => {
		const each = half !== undefined ? 0.5 : Number((figure ?? '1').replace(',', '.'));
		return String(Number((each * n).toPrecision(6)));
	});
}
