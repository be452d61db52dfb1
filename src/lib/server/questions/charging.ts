import { cureWindow, readiness, type Readiness } from '../../core/charging';
import type { BandState, Window } from '../../core/time';
import { celsius } from '../../core/units';
import type { Batch } from '../db/batch-row';
import type { LoggedTest } from '../db/tests';
import { reaches } from '../../core/fires';
import { remembering } from './remember';
import { standingAt } from './standing';

export interface ChargeLine {
	readonly charge: Batch;
	readonly window: Window;
	readonly tests: readonly LoggedTest[];
	readonly state: Readiness;
	readonly band: BandState;
}

/** What a row says of a charge: a page is sent no more than it shows. */
export interface ChargeRow {
	readonly charge: Pick<Batch, 'code' | 'school' | 'volume_ml'>;
	readonly window: Window;
	readonly state: Readiness;
}

export const chargeRow = ({ charge, window, state }: ChargeLine): ChargeRow => {
	const { code, school, volume_ml } = charge;
	return { charge: { code, school, volume_ml }, window, state };
};

/** Every charge in stock with its window, tests and readiness at a moment. */
export const chargeLines = remembering((books, now_ms): readonly ChargeLine[] => {
	const tests = groupTests(books.tests.inStock());
	return books.batches
		.inStock()
		.map((charge) => chargeLine(charge, tests.get(charge.lotId) ?? [], now_ms));
});

/** Char that may be charged: its fire checked cold, and free to move. Crushed lots come first. */
export const charsToCharge = remembering((books, now_ms) => {
	const standing = standingAt(books, now_ms);
	return (
		books.char
			.inStock()
			.filter(
				(char) =>
					reaches(standing.proofOf(char.burnId), 'once') &&
					standing.heldBecause(char.lotId) === undefined
			)
			// Crushed lots first: they are what is charged for beds.
			.sort((a, b) => a.state.localeCompare(b.state))
			.map(({ code, state, wetness, volume_ml, density }) => ({
				code,
				state,
				wetness,
				volume_ml,
				density
			}))
	);
});

function groupTests(tests: readonly LoggedTest[]): Map<number, LoggedTest[]> {
	const groups = new Map<number, LoggedTest[]>();
	for (const test of tests) groups.set(test.lotId, [...(groups.get(test.lotId) ?? []), test]);
	return groups;
}

export function chargeLine(
	charge: Batch,
	tests: readonly LoggedTest[],
	now_ms: number
): ChargeLine {
	const window = cureWindow(charge.school, charge.startedAt_ms, celsius(charge.temperature_c));
	const { state, band } = readiness(window, tests, now_ms);
	return { charge, window, tests, state, band };
}
