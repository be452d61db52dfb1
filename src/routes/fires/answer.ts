import type { ProofState, BurnOutcome } from '$lib/core/fires';
import type { System } from '$lib/core/units';
import { joined, say, show } from '$lib/format/figure';
import { capital, count, list } from '$lib/format/words';

interface Line {
	readonly burn: { readonly code: string; readonly record?: { readonly charLitres: number } };
	readonly proof?: ProofState;
	readonly outcome?: BurnOutcome;
}

/** Which fires need me; what do mine give? */
export function firesAnswer(lines: readonly Line[], system: System | undefined): string {
	const burnt = lines.flatMap((line) =>
		line.burn.record && line.outcome
			? [{ litres: line.burn.record.charLitres, massYield: line.outcome.massYield }]
			: []
	);
	if (lines.length === 0) return 'No fire yet: plan the first and see what it gives';
	const hot = lines.filter((line) => line.proof?.proven === false).map((line) => line.burn.code);
	const mean = (pick: (row: (typeof burnt)[number]) => number) =>
		burnt.reduce((total, row) => total + pick(row), 0) / burnt.length;
	const gives =
		burnt.length === 0
			? `${capital(count(lines.length, 'burn is', 'burns are'))} planned`
			: `Yours give ${say(Math.round(mean((row) => row.litres)), 'L', system)} a burn, ${joined(show({ value: mean((row) => row.massYield), unit: 'share' }, system))} of the dry wood`;
	if (hot.length === 0) return burnt.length === 0 ? gives : `All fires are proven out. ${gives}`;
	return `${list(hot)} ${hot.length === 1 ? 'is' : 'are'} not proven out. ${gives}`;
}
