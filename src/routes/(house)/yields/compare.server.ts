import type { System } from '$lib/core/units';
import { say } from '$lib/format/figure';
import { kindWords, measureWords, percent, sayMeasure } from '$lib/format/yield-words';
import { kinds, measures, type YieldPoint } from '$lib/server/questions/yields';

/** Two burns side by side: what each was and gave, and which lines differ. */
export function compared(
	points: readonly YieldPoint[],
	a: string,
	b: string,
	system: System | undefined
) {
	if (a === '' || b === '') return undefined;
	const of = (code: string) => points.find((one) => one.code === code);
	const [one, other] = [of(a), of(b)];
	if (!one || !other || one === other) return undefined;
	const line = (name: string, told: (point: YieldPoint) => string) => {
		return { name, cells: [told(one), told(other)] };
	};
	const apart =
		Math.max(one.yield.low, other.yield.low) > Math.min(one.yield.high, other.yield.high);
	const [better, worse] = one.yield.value >= other.yield.value ? [one, other] : [other, one];
	const points_ = percent(better.yield.value - worse.yield.value);
	return {
		a: one.code,
		b: other.code,
		says: apart
			? `${better.code} gave ${points_} points more than ${worse.code}, beyond the doubt of both`
			: `${better.code} gave ${points_} points more than ${worse.code}, within their doubt: they may be the same`,
		lines: [
			line(
				'yield',
				({ yield: y }) => `${percent(y.value)} %, ${percent(y.low)} to ${percent(y.high)}`
			),
			line('char', ({ litres }) => say(litres, 'L', system)),
			...kinds.map((kind) => line(kindWords[kind], (point) => point[kind])),
			...measures.map((measure) =>
				line(measureWords[measure], (point) => {
					const value = point[measure];
					return value === undefined ? 'not told' : sayMeasure(measure, value, system);
				})
			)
		]
	};
}
