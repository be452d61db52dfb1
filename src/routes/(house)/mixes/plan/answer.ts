import type { BlendAnswer, Program } from '$lib/core/mixes';
import type { System } from '$lib/core/units';
import { plain, say } from '$lib/format/figure';
import { list } from '$lib/format/words';
import type { BlendReckoned } from './reckoning';
import type { BlendEntry } from './told';

export const asWords = (as: BlendEntry['as']): string =>
	as === 'oxide' ? 'N–P₂O₅–K₂O' : 'N–P–K, the elements';

/** "4.1–6.3–2.2" in percent of the mass. */
export const analysisWords = (analysis: BlendReckoned['analysis']): string =>
	analysis.map(({ value }) => plain(value * 100, 1)).join('–');

/** How much of each, and what will it feed? */
export function blendAnswer(
	entry: BlendEntry,
	reckoned: BlendReckoned | undefined,
	system: System | undefined
): string {
	if (!reckoned) return 'Say what goes in, and this tells what it is';
	const { blend, analysis, dresses_m2 } = reckoned;
	const is = `${say(blend.mass.value, 'kg', system)} of ${analysisWords(analysis)} ${asWords(entry.as)}`;
	return dresses_m2 === undefined
		? `${is}, with next to no nitrogen for a first season`
		: `${is}, enough for ${say(Number(dresses_m2.toPrecision(2)), 'm²', system)}`;
}

/** What a limit is called. */
function limitWords(name: string, program: Program): string {
	const stock = /^stock (.+)$/.exec(name)?.[1];
	if (stock) {
		const one = program.candidates.find(({ id }) => id === stock);
		return `how much there is of ${one?.name ?? stock}`;
	}
	const nutrient = /^(\S+) (low|high)$/.exec(name);
	if (nutrient)
		return nutrient[2] === 'low' ? `enough ${nutrient[1]}` : `no more ${nutrient[1]} than asked`;
	const words: Readonly<Record<string, string>> = {
		own: 'the least share of your own',
		salty: 'the most salty stuff',
		lime: 'the most lime'
	};
	return words[name] ?? name;
}

/** What there is, or what stands in the way. */
export function solvedWords(
	answer: BlendAnswer,
	program: Program,
	money: (amount: number) => string
): string {
	if (answer.status === 'none') {
		const [first] = answer.ways;
		if (!first) return 'There is no such blend.';
		const ways = answer.ways
			.slice(0, 3)
			.map(({ name, by }) => `${limitWords(name, program)} (by ${plain(by * 100, 0)} %)`);
		return `There is no such blend: ${list(ways)} would have to give way.`;
	}
	const binds = answer.binds.filter((name) => !/ (low|high)$/.test(name));
	const stands =
		binds.length > 0
			? ` What holds it: ${list(binds.map((name) => limitWords(name, program)))}.`
			: '';
	const more = answer.more.flatMap(({ id, saves }) => {
		const one = program.candidates.find((candidate) => candidate.id === id);
		if (!one || saves < 1e-4) return [];
		const worth =
			program.wanted.aim === 'cost' ? `save ${money(saves)}` : `spare ${plain(saves, 2)} kg`;
		return [`One more kilogram of ${one.name} would ${worth}.`];
	});
	return `It costs ${money(answer.cost)} of what is bought${guessedWords(answer, program, money)}.${stands} ${more.join(' ')}`.trim();
}

/** Of which parts no bag has a price: their cost is a guess, and the choice among them goes by weight. */
function guessedWords(
	answer: Extract<BlendAnswer, { status: 'found' }>,
	{ candidates }: Program,
	money: (amount: number) => string
): string {
	const bought = new Set(
		candidates.filter((_one, i) => (answer.kg[i] ?? 0) > 1e-6).map(({ id }) => id)
	);
	const names = candidates
		.filter(({ id, isGuessed }) => isGuessed && bought.has(id))
		.map(({ name }) => name.replace(/, to buy$/, ''));
	return names.length === 0
		? ''
		: `, counting ${list(names)} at ${money(1)} a kilogram, since no bag of it has a price`;
}
