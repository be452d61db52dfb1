import { kgDry, litres } from '../../core/units';
import type { Books } from '../db/books';
import { burnNow } from './at-the-fire';
import { burn } from './burns';
import { chargeAndSpread } from './charges';
import { openDiary, type Diary } from './diary';
import { rooms } from '../rooms';
import { reMeasureChar } from '../usecases/re-measure-char';
import { firstYear } from './first-year';
import { limeAndHarvest } from './ground';
import { layOut } from './place';
import { fillStores } from './stock';
import { gather } from './yard';

/**
 * The Quillmere garden, written through the use cases a person uses and counted back from now, so
 * that something is ripe, something is due and something is wrong on whatever day it is shown.
 * Does nothing to books that hold anything.
 */
export function growGarden(books: Books, now_ms: number): void {
	if (books.acts.recent(1).length > 0) return;
	const diary = openDiary(books, now_ms);
	layOut(diary);
	const yard = gather(diary);
	const burnt = burn(diary, books, yard, now_ms);
	const { resting } = chargeAndSpread(diary, books, burnt);
	firstYear(diary, books);
	fillStores(diary, resting);
	weighAgain(diary, books);
	for (const room of rooms) room.grow?.(diary);
	limeAndHarvest(diary);
	burnNow(diary);
}

/** A dried measure of what has lain longest, so that its litres tell kilograms better. */
function weighAgain(diary: Diary, books: Books): void {
	const oldest = books.char.inStock().at(-1);
	if (!oldest) return;
	diary.enter({ daysAgo: 4, hour: 14, by: 'Oda' }, reMeasureChar, {
		code: oldest.code,
		litres: litres(10),
		kg: kgDry(10 * oldest.density.value * 1.04)
	});
}
