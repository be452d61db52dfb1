import type { CharState, CharWetness } from '../../core/char';
import { days } from '../../core/time';
import type { Books } from '../db/books';
import type { LotKind } from '../../core/ledger';
import { openFires } from '../questions/fires';
import { spreadables } from '../questions/beds';
import { remembering } from '../questions/remember';
import { newestFires } from '../questions/vessels';

/** A lot with something left in it. */
export interface LotName {
	readonly code: string;
	readonly kind: LotKind;
	readonly name: string;
	readonly litres: number;
	/** Of char only. */
	readonly char?: { readonly state: CharState; readonly wetness: CharWetness };
	/** Could go on a bed today with nothing said against it. */
	readonly ripe: boolean;
}

export interface FireName {
	readonly code: string;
	readonly vessel: string;
	readonly state: 'planned' | 'hot' | 'out';
}

/** Everything a line may name, as it stands. */
export interface Names {
	readonly lots: readonly LotName[];
	/** Planned, hot or of the last weeks; newest first. */
	readonly fires: readonly FireName[];
	readonly beds: readonly string[];
	readonly vessels: readonly string[];
	/** The fire each vessel's name means: its open one, else its newest. */
	readonly fireIn: Readonly<Record<string, string>>;
	readonly measures: readonly string[];
}

/** Asked with every key of a line, so it is remembered while nothing is written. */
export const namesOf = remembering(gather);

function gather(books: Books, now_ms: number): Names {
	const ripe = new Set(
		spreadables(books, now_ms)
			.filter((lot) => lot.warnings.length === 0 && lot.held === undefined && lot.mayLie)
			.map((lot) => lot.code)
	);
	const named = (kind: LotKind, lot: { code: string; name: string; volume_ml: number }) => ({
		code: lot.code,
		kind,
		name: lot.name,
		litres: lot.volume_ml / 1000,
		ripe: ripe.has(lot.code)
	});
	return {
		lots: [
			...books.batches.inStock().map((lot) => named('charge', lot)),
			...books.char.inStock().map((lot) => ({
				...named('char', lot),
				char: { state: lot.state, wetness: lot.wetness }
			})),
			...books.stock.inStock().map((lot) => named('stock', lot)),
			...books.woodyard.inStock().map((lot) => named('stack', lot))
		],
		fires: openFires(books, now_ms).map(({ burn, vessel, proof }) => ({
			code: burn.code,
			vessel: vessel.name,
			state: !burn.record ? 'planned' : !proof || proof.stage === 'unproven' ? 'hot' : 'out'
		})),
		beds: books.beds.names(),
		vessels: books.vessels.all().map((vessel) => vessel.name),
		fireIn: Object.fromEntries(
			books.vessels.all().flatMap(({ id, name }) => {
				const code = fireMeant(books, id, now_ms);
				return code === undefined ? [] : [[name, code]];
			})
		),
		measures: books.settings.measures().map((measure) => measure.name)
	};
}

/**
 * The fire that a vessel's name means: one planned for today and not recorded yet, else the newest that
 * still lies about unproven, else the newest of all.
 */
function fireMeant(books: Books, vesselId: number, now_ms: number): string | undefined {
	const fires = newestFires(books, vesselId, now_ms);
	const planned = fires.filter(
		({ planned_ms }) => planned_ms !== null && Math.abs(planned_ms - now_ms) < days(1)
	);
	const burnt = fires.filter(({ quenched_ms }) => quenched_ms !== null);
	const open = new Set(
		openFires(books, now_ms)
			.filter(
				({ isAbout, proof }) => isAbout && (proof?.stage === 'unproven' || proof?.stage === 'once')
			)
			.map(({ burn }) => burn.code)
	);
	return (
		planned.at(-1)?.code ??
		burnt.filter(({ code }) => open.has(code)).at(-1)?.code ??
		burnt.at(-1)?.code
	);
}

export type Found =
	| { readonly status: 'found'; readonly name: string }
	| { readonly status: 'none' }
	| { readonly status: 'many'; readonly names: readonly string[] };

/** A name typed in full or begun, in any case; a beginning that fits several fits none. */
export function findName(typed: string, known: readonly string[]): Found {
	const word = typed.trim().toLowerCase();
	const exact = known.find((name) => name.toLowerCase() === word);
	if (exact !== undefined) return { status: 'found', name: exact };
	const begun = word === '' ? [] : known.filter((name) => name.toLowerCase().startsWith(word));
	if (begun.length === 1) return { status: 'found', name: begun[0] ?? '' };
	return begun.length === 0 ? { status: 'none' } : { status: 'many', names: begun };
}

/** The longest known name that a text starts with, and the rest of the text. */
export function leadingName(
	text: string,
	known: readonly string[]
): { readonly name: string; readonly rest: string } | undefined {
	const lower = text.toLowerCase();
	const name = known
		.filter((known) => `${lower} `.startsWith(`${known.toLowerCase()} `))
		.sort((a, b) => b.length - a.length)[0];
	return name === undefined ? undefined : { name, rest: text.slice(name.length).trim() };
}
