import type { ProofState } from '../../core/fires';
import { days, type Window } from '../../core/time';
import type { Today } from './today';

/** As far as anybody in a yard looks ahead. */
const weeks = 4;

export type Moment = 'check' | 'burn' | 'indoors';

/** One line of the weeks ahead: a band that ripens, or moments that come. */
export interface AheadRow {
	readonly code: string;
	readonly href: string;
	readonly of: 'fire' | 'charge';
	readonly name: string;
	readonly window?: Window;
	readonly moments: readonly { readonly is: Moment; readonly at_ms: number }[];
}

export interface Ahead {
	readonly from_ms: number;
	readonly to_ms: number;
	readonly rows: readonly AheadRow[];
}

/** What comes in the next four weeks from every room, on one axis; what comes first stands first. */
export function ahead(today: Today, now_ms: number): Ahead {
	const to_ms = now_ms + days(7 * weeks);
	const isAhead = ({ at_ms }: { at_ms: number }) => at_ms <= to_ms;
	const fires = [...today.hot, ...today.watch, ...today.planned, ...today.cooling].map(
		({ burn, vessel, proof }): AheadRow => ({
			code: burn.code,
			href: `/fires/${burn.code}`,
			of: 'fire',
			name: vessel.name,
			moments: momentsOf(burn.record ? undefined : burn.plan?.plannedFor_ms, proof, now_ms).filter(
				isAhead
			)
		})
	);
	const charges = [...today.ripe, ...today.wantTest, ...today.curing, ...today.fading].map(
		({ charge, window }): AheadRow => ({
			code: charge.code,
			href: `/charging/${charge.code}`,
			of: 'charge',
			name: charge.school,
			window,
			moments: []
		})
	);
	const soonest = (row: AheadRow) => Math.min(...row.moments.map(({ at_ms }) => at_ms));
	return {
		from_ms: now_ms,
		to_ms,
		rows: [
			...fires
				.filter((row, i, all) => all.findIndex(({ code }) => code === row.code) === i)
				.filter(({ moments }) => moments.length > 0)
				.sort((a, b) => soonest(a) - soonest(b)),
			...charges
		]
	};
}

/** A moment that is past and still wanted stands at the start of the axis. */
function momentsOf(
	planned_ms: number | undefined,
	proof: Pick<ProofState, 'next' | 'storedFrom_ms'> | undefined,
	now_ms: number
): AheadRow['moments'] {
	const indoors = proof?.storedFrom_ms;
	return [
		...(planned_ms === undefined
			? []
			: [{ is: 'burn' as const, at_ms: Math.max(now_ms, planned_ms) }]),
		...(proof?.next === undefined
			? []
			: [{ is: 'check' as const, at_ms: Math.max(now_ms, proof.next.at_ms) }]),
		...(indoors === undefined || indoors < now_ms
			? []
			: [{ is: 'indoors' as const, at_ms: indoors }])
	];
}
