import { failingsOf } from '$lib/core/fires';
import type { Books } from '$lib/server/db/books';
import type { Burn } from '$lib/server/db/burns';
import { burnLine } from '$lib/server/questions/fires';
import { behindOf, tapsOf } from '$lib/server/questions/tending';
import type { FireTold } from './told';

/** What the books say of a fire at this moment: what a phone asks again and again. */
export function toldOf(books: Books, burn: Burn, now_ms: number): FireTold {
	const { proof, charCode } = burnLine(books, burn, now_ms);
	const { lit } = burn;
	return {
		now_ms,
		...(lit ? { lit: { actId: lit.actId, at_ms: lit.litAt_ms } } : {}),
		taps: tapsOf(books, burn.id),
		...(proof ? { proof } : {}),
		checks: books.checks.of(burn.id).map((check) => ({
			actId: check.actId,
			at_ms: check.at_ms,
			person: check.person,
			failings: failingsOf(check)
		})),
		...(charCode ? { charCode } : {})
	};
}

/** What does not change while it burns. */
export function fireOf(books: Books, burn: Burn, now_ms: number) {
	const { vessel } = burnLine(books, burn, now_ms);
	return {
		code: burn.code,
		vessel: { name: vessel.name, shape: vessel.shape, use: vessel.usedFor },
		isPlanned: burn.plan !== undefined,
		onSite_l: burn.plan?.figures.waterOnSite_l,
		behind: behindOf(books, burn, vessel),
		told: toldOf(books, burn, now_ms)
	};
}
export type FireShown = ReturnType<typeof fireOf>;
