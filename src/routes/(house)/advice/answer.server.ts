import type { System } from '$lib/core/units';
import { plain, say } from '$lib/format/figure';
import type { AdviceRead } from '$lib/server/questions/advice';

/** What it comes to here, and whether anything speaks against it. */
export function adviceAnswer(
	heard: AdviceRead | undefined,
	taken: number,
	system: System | undefined
): string {
	if (!heard) return 'What did somebody say? It is turned into litres for your bed';
	const { readings, faults, here, advice } = heard;
	const reading = readings[taken] ?? readings[0];
	if (advice.forbids) return 'A rule for all beds; whether yours wants lime its own pH says';
	if (!reading) return 'It names no amount that can be carried to a bed';
	const bed = here.name === '' ? 'ten square metres' : here.name;
	const comes = `It comes to ${say(reading.onBed.value, 'L', system)} on ${bed}, ${plain(reading.ofSoil.value * 100, 1)} % of its soil`;
	return faults.length > 0 ? `${comes}; it can’t be followed as it stands` : comes;
}
