import { harvestRules } from '../../core/applying';
import { judge, type Caution } from '../../core/cautions';
import { cropNamed, wantsOf, type RawPart } from '../../core/crops';
import { fireAt, tapOf, tendingRules, type TapWhat } from '../../core/tending';
import { localDay } from '../../core/time';
import type { Bed } from '../db/beds';
import type { Books } from '../db/books';
import { harvestFrom } from '../questions/germs';
import { bedById } from '../questions/kept-beds';
import { versionOf } from '../questions/fires';
import { settingsOf } from '../questions/settings';
import { ownCrops } from '../questions/stands';
import { behindOf, tapsOf } from '../questions/tending';
import { growingOn } from '../questions/verdict';
import type { SmallThing } from './small-rules';

type Found = Readonly<Record<string, unknown>>;

/** What speaks against a small act beyond its readings, by its verb. */
export const smallCautions: Readonly<
	Record<
		string,
		(books: Books, thing: SmallThing, found: Found, at_ms: number) => readonly Caution[]
	>
> = {
	'tend-fire': atTheFire('fire-doing'),
	'quench-fire': atTheFire('quenched'),
	'read-fire': atTheFire('temperature'),
	harvest: (books, { id, name }, found, at_ms) => {
		const bed = bedById(books, id, localDay(settingsOf(books).timeZone, at_ms));
		if (!bed) return [];
		const wait = harvestFrom(books, bed, at_ms);
		return judge(harvestRules, { name, at_ms, raw: rawOf(books, bed, found.name), wait });
	}
};

/** What speaks against something that is tapped at a fire, by where the fire was then. */
function atTheFire(what: TapWhat) {
	return (books: Books, { id }: SmallThing, found: Found, at_ms: number): readonly Caution[] => {
		const burn = books.burns.byId(id);
		const vessel = burn?.lit && books.vessels.version(versionOf(burn));
		if (!burn || !vessel) return [];
		const taps = tapsOf(books, id).filter((tap) => tap.at_ms <= at_ms);
		const { stage, water } = fireAt(behindOf(books, burn, vessel), taps, burn.lit?.litAt_ms, at_ms);
		const told = tapOf(what, found, { id: '', at_ms, person: '' });
		return judge(tendingRules, { told, stage, water });
	};
}

/** How what is eaten raw lies to the soil: of what was named, else the strictest of what grows there. */
function rawOf(books: Books, bed: Bed, named: unknown): RawPart {
	const said = typeof named === 'string' ? named : '';
	const row = said === '' ? undefined : cropNamed(said, ownCrops(books));
	if (row) return row.raw;
	const rows = growingOn(books, bed).now.flatMap((one) => one.row ?? []);
	if (said === '' && rows.length > 0) return wantsOf(growingOn(books, bed).now).raw;
	return bed.eatenRaw ? 'touches' : 'none';
}
