import { ashFor, wanted } from '$lib/core/heaps';
import { isMaterial, materialOf } from '$lib/core/materials';
import type { System } from '$lib/core/units';
import { sayDay, type Almanac } from '$lib/format/dates';
import { plain, say, sayRange } from '$lib/format/figure';
import { said, slipped, type Sentence } from '$lib/format/sentence';
import type { HeapReckoned } from './reckoning';
import type { HeapEntry } from './told';

/** Litres as one can measure them out. */
const litresOf = (value: number, system: System | undefined) =>
	say(Number(value.toPrecision(2)), 'L', system);

/** What have I, what will it become, when? */
export function heapAnswer(
	entry: HeapEntry,
	reckoned: HeapReckoned | undefined,
	almanac: Almanac,
	system: System | undefined
): Sentence | string {
	if (!reckoned) return 'Say what you have, and this tells what it will become';
	const gives = sayRange({ ...reckoned.gives, unit: 'L' }, system);
	const from = sayDay(reckoned.ready.best_ms[0], almanac);
	if (entry.heapWay === 'ash-soak' && !reckoned.soak)
		return `${litresOf(reckoned.poured_l, system)} of urine want ${sayRange({ ...ashFor(reckoned.poured_l), unit: 'kg' }, system)} of ash: choose it among your lots`;
	if (entry.heapWay === 'ash-soak' && reckoned.soak) {
		const { urine_l, kept } = reckoned.soak;
		return `This ash takes ${sayRange({ ...urine_l, unit: 'L' }, system)} of urine; ${plain(kept.low * 100, 0)} to ${plain(kept.high * 100, 0)} % of its nitrogen stays`;
	}
	if (reckoned.path)
		return `${litresOf(reckoned.path.filled_l, system)} are filled, ${sayRange({ ...reckoned.path.out_l, unit: 'L' }, system)} come out from ${from}`;
	if (entry.heapWay === 'compost' && reckoned.mix) {
		const cn = slipped(`${plain(reckoned.mix.cn.value, 0)} : 1`, 'C : N');
		const [first] = reckoned.mendings;
		const { low, high } = wanted.cn;
		const isRight = reckoned.mix.cn.value >= low && reckoned.mix.cn.value <= high;
		if (isRight && first?.what !== 'water' && first?.what !== 'dry')
			return said`${cn}, as it should be: ${gives} of compost from ${from}`;
		return first
			? said`It stands at ${cn}; ${mendWords(first, system)}`
			: said`It stands at ${cn}; ${gives} of compost from ${from}`;
	}
	return `It comes to ${litresOf(reckoned.lies.value, system)} as it lies and gives ${gives}, from ${from}`;
}

/** "add 40 L of straw" */
export function mendWords(
	{ what, material, litres }: HeapReckoned['mendings'][number],
	system: System | undefined
): string {
	const so = litresOf(litres, system);
	if (what === 'water') return `wet it with ${so} of water`;
	if (what === 'dry')
		return `it is too wet by ${so} of water: lay dry brown stuff between, or let it wilt`;
	const name = material && isMaterial(material) ? materialOf(material).name : 'coarse stuff';
	return what === 'air' ? `add ${so} of ${name} for air` : `add ${so} of ${name}`;
}
