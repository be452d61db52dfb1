import { cropNamed } from '../crops';
import { nameKey } from '../units';
import type { Crop, TargetFact } from './told-of';
import type { CropKind } from './want';

type FactOf<W extends TargetFact['what']> = Extract<TargetFact, { what: W }>;

/**
 * What grows and what comes next. Crops are told together, those of the newest telling of each time; what was
 * sown or planted comes to what grew there, and a clearing takes away one or all of it, each on its day. What
 * was sown since it was told comes next no longer.
 */
export function cropsOf(facts: readonly TargetFact[]): readonly Crop[] {
	const steps: TargetFact[] = [
		...facts.filter(({ what }) => what === 'sown' || what === 'cleared'),
		...newestTold(facts, 'now')
	].sort((a, b) => (a.firstDay ?? '').localeCompare(b.firstDay ?? '') || a.seq - b.seq);
	const now = steps.reduce<readonly Crop[]>(after, []);
	const next = newestTold(facts, 'next').filter(
		({ firstDay, found }) =>
			!now.some(
				({ name, since }) =>
					since !== undefined && since >= (firstDay ?? '') && isSame(name, found.name)
			)
	);
	return [...now, ...next.map(({ found }) => found)];
}

function newestTold(facts: readonly TargetFact[], when: Crop['when']): readonly FactOf<'crop'>[] {
	const told = facts.filter(
		(fact): fact is FactOf<'crop'> => fact.what === 'crop' && fact.found.when === when
	);
	const newest = Math.max(...told.map(({ seq }) => seq));
	return told.filter(({ seq }) => seq === newest);
}

const isSame = (a: string, b: string): boolean => nameKey(a) === nameKey(b);

/** What grows after a telling, a sowing or a clearing. */
function after(now: readonly Crop[], step: TargetFact): readonly Crop[] {
	switch (step.what) {
		case 'cleared': {
			const { name } = step.found;
			return name === undefined ? [] : now.filter((crop) => !isSame(crop.name, name));
		}
		case 'sown': {
			const { name, share = 1 } = step.found;
			const since = step.firstDay ?? '';
			const sown: Crop = { name, kind: kindOf(name), share, when: 'now', since };
			// What takes all of the ground takes the place of what stood there.
			return share >= 1 ? [sown] : [...now.filter((crop) => !isSame(crop.name, name)), sown];
		}
		case 'crop':
			// Several are told in one act; what was sown before it stands no more unless it is told, too.
			return [...now.filter(({ since }) => since === undefined), step.found];
		default:
			return now;
	}
}

/** How it takes char, by what it is; of what is in no table nothing is known. */
function kindOf(name: string): CropKind {
	const row = cropNamed(name);
	if (row?.family === 'grass') return 'grass-and-grain';
	return row?.takes === 'leaf' || row?.takes === 'fruit' ? 'leaf-and-fruit' : 'mixed';
}
