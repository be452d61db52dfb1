import { tapWords } from './tap-words';
import {
	feedingLimits,
	type Advice,
	type AdviceCode,
	type CourseSums,
	type Ending,
	type FireNow,
	type Pace,
	type PressName,
	type Stage,
	type Tap
} from '../core/tending';
import { hours, inMinutes } from '../core/time';
import type { System } from '../core/units';
import { capital, count, list } from './counted';
import { sayTime, type Almanac } from './dates';
import { say, saySpan } from './figure';

/** Where a fire is, for a heading. */
export const stageWords: Readonly<Record<Stage, string>> = {
	unlit: 'not lit yet',
	feeding: 'being fed',
	skimming: 'a pail that is added to',
	'burning-down': 'burning down',
	burner: 'lit, no burner yet',
	front: 'the front goes down',
	through: 'through: stir and cap it',
	stirred: 'stirred: cap it',
	capped: 'capped, cooling',
	warming: 'warming up',
	steaming: 'steaming',
	gassing: 'its gas burns',
	fading: 'its gas fades',
	shut: 'shut, cooling',
	quenching: 'being quenched',
	quenched: 'quenched, not proven out',
	out: 'went out',
	'given-up': 'given up'
};

const whole = (minutes: number): string => `${Math.round(minutes)} min`;
/** Whole percent: nobody sees a fill finer. */
const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** "5:20", or "1:05:20" from an hour on. */
export function sayClock(ms: number): string {
	const seconds = Math.max(0, Math.floor(ms / 1000));
	const two = (n: number) => String(n).padStart(2, '0');
	const [h, m, s] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60];
	return h > 0 ? `${h}:${two(m)}:${two(s)}` : `${m}:${two(s)}`;
}

/** When the next layer is wanted, from now on. */
export function paceWords(pace: Pace, now_ms: number): string {
	if (pace.isSeen) return 'now: white edges are seen';
	const [low, high] = [inMinutes(pace.low_ms - now_ms), inMinutes(pace.high_ms - now_ms)];
	if (high <= 0) return `${whole(Math.max(1, -high))} past its time`;
	if (low <= 0.5) return high < 1 ? 'within a minute' : `within ${whole(Math.max(1, high))}`;
	return `in ${Math.max(1, Math.round(low))} to ${whole(Math.max(1, high))}`;
}

/** What a pace rests on. */
export function paceFrom({ layers, fires }: Pace): string {
	const own =
		layers > 0
			? `${layers} ${layers === 1 ? 'layer' : 'layers'} of this fire`
			: 'no layer of it yet';
	const before =
		fires > 0
			? `${fires} ${fires === 1 ? 'fire' : 'fires'} in this vessel`
			: 'the program’s fire model, which was not fitted to real fires';
	return `From ${own}, and ${before}. Four times in five it falls between.`;
}

type Say = (facts: Advice['facts'], system: System | undefined) => string;
const of = (facts: Advice['facts'], key: string): number => facts[key] ?? 0;
const litresOf = (facts: Advice['facts'], key: string, system: System | undefined) =>
	say(of(facts, key), 'L', system);

/** What a fire says to whoever stands beside it. None of it says that one may go. */
const advice: Readonly<Record<AdviceCode, Say>> = {
	'given-up': () => 'Given up. What still glows is quenched all the same.',
	smoulders: (facts, system) =>
		`It smoulders: ${litresOf(facts, 'used_l', system)} went on, and its heat and char want ${litresOf(facts, 'least_l', system)} at least. More water, rake it thin, wet every pale patch.`,
	'water-on': (facts, system) =>
		of(facts, 'used_l') >= of(facts, 'least_l')
			? `${litresOf(facts, 'used_l', system)} are on: more than the least it wants. Go on until nothing steams where you rake. Stand upwind; the steam burns.`
			: `${litresOf(facts, 'used_l', system)} of at least ${litresOf(facts, 'least_l', system)} are on. From the edge inwards, upwind: the steam burns.`,
	'white-now': (facts) =>
		of(facts, 'min') < 1
			? 'The next layer now: what is white is carbon that burns.'
			: `White for ${whole(of(facts, 'min'))}: lay on now, it turns to ash.`,
	late: (facts) =>
		`${whole(Math.max(1, of(facts, 'min')))} later than such layers usually want: are the edges white?`,
	'fed-early': () =>
		'The last layer came early, into the flames of the one before. Let it burn until edges turn white.',
	'fed-late': () => 'The last layer came late: some of the char under it became ash.',
	heavy: () => 'That layer smokes: it was too much or too wet. Half of it next time.',
	'flames-high': () => 'High flames are gas that burns. Nothing on until they shorten; stand back.',
	gusty: () => 'Gusts blow: smaller layers, and eyes on where sparks fly.',
	full: (facts) =>
		`About ${percent(of(facts, 'full'))} full: stop feeding, let the last layer glow.`,
	'stock-out': () => 'About all that was set down for it is on: the last layer is of fine stuff.',
	'fine-last': (facts) =>
		`About ${percent(of(facts, 'full'))} full: only fine stuff from now on, so that it chars through.`,
	'thick-now': () =>
		`Thick pieces go in now, if any: up to ${percent(feedingLimits.thickUntil)} full, with finer stuff over them.`,
	'thick-no-more': (facts) =>
		`No more thick pieces: at ${percent(of(facts, 'full'))} full they come out unburnt.`,
	'thick-too-soon': () =>
		'Thick pieces so early hold the fire up: feed thin stuff until the bed is broad.',
	'too-cool': (facts, system) =>
		`${say(of(facts, 'c'), '°C', system)} is cool for a fire: below ${say(feedingLimits.cool_C, '°C', system)} tar stays in the char. Smaller, drier layers.`,
	'cap-late': (facts) =>
		of(facts, 'high') > 0
			? `Through for ${whole(of(facts, 'min'))}: some ${percent(of(facts, 'low'))} to ${percent(of(facts, 'high'))} of its char is burnt by now. Cap it.`
			: 'Through: stir it and cap it within five minutes, then it loses none. The burner is fierce: gloves, and from the side.',
	'look-at-floor': (facts) =>
		`Lit ${whole(of(facts, 'min'))} ago; such fronts take ${whole(of(facts, 'low'))} to ${whole(of(facts, 'high'))}. Look at the floor holes every ten minutes: the sign counts, not the clock.`,
	'gas-still': () =>
		'Gas or steam still comes: it must not be shut now. A vessel sealed while it gasses can burst.',
	'embers-gas': () =>
		'Embers give off carbon monoxide, which nobody smells: the pail stands outdoors, also when it looks dead.',
	'never-lit': (facts) =>
		`Lit ${whole(of(facts, 'min'))} ago and no burner yet. Has it caught? A hand’s breadth of dry kindling over the whole top, or say that it went out.`,
	smokes: (facts) =>
		`Thick smoke for ${whole(Math.max(1, of(facts, 'min')))}: nothing on before it burns clear.`
};

export const adviceWords = ({ code, facts }: Advice, system: System | undefined): string =>
	advice[code](facts, system);

const signWords: Readonly<Record<string, PressName>> = {
	'white-edges': 'white',
	'flames-high': 'flames',
	'smoke-none': 'smoke-none',
	'smoke-some': 'smoke-some',
	'smoke-thick': 'smoke-thick',
	gust: 'gust',
	'glow-at-floor': 'glow',
	'ash-drops': 'ash-drops',
	'short-blue-flame': 'blue-flame',
	'rod-through': 'rod',
	steam: 'steam',
	'gas-lit': 'gas-lit',
	'gas-fading': 'gas-fading',
	'went-out': 'went-out',
	poke: 'poke',
	'feeding-done': 'fed',
	'burner-on': 'burner',
	stir: 'stir',
	cap: 'cap',
	tip: 'tip',
	shut: 'shut',
	'lit-again': 'lit-again',
	'given-up': 'give-up'
};
const named = (name: string): string => tapWords[signWords[name] ?? 'poke'].label.toLowerCase();

/** One tap in words: "layer 9", "white edges", "612 °C by gun". */
export function tapLine(
	tap: Tap,
	layers: FireNow['course']['layers'],
	system: System | undefined
): string {
	switch (tap.is) {
		case 'layer': {
			const n = layers.find(({ id }) => id === tap.id)?.n ?? 0;
			const size = tap.layer === 'usual' ? '' : `${tap.layer} `;
			const pieces =
				tap.pieces === 'thick-pieces'
					? ' of thick pieces'
					: tap.pieces === 'fine-stuff'
						? ' of fine stuff'
						: '';
			const litres = tap.litres === undefined ? '' : `, ${say(tap.litres, 'L', system)}`;
			return `${size}layer ${n}${pieces}${litres}`;
		}
		case 'sign':
			return named(tap.sign);
		case 'doing':
			return named(tap.doing);
		case 'water':
			if (tap.water === 'poured') return `${say(tap.litres ?? 0, 'L', system)} poured on`;
			return tap.water === 'start' ? 'water on' : 'water off';
		case 'heat':
			return `${say(tap.temperature_c, '°C', system)}${tap.by ? ` by ${tap.by}` : ''}`;
		case 'depth':
			return `stands ${say(tap.depth_m * 100, 'cm', system)} high`;
		case 'quenched':
			return 'quenched';
	}
}

/** "58 % full, 110 to 190 L of char so far" */
export function bedWords({ bed }: Pick<FireNow, 'bed'>, system: System | undefined): string {
	if (bed.char.value <= 0) return 'No layer on it yet.';
	if (bed.strata.length === 0)
		return `Filled once: ${saySpan(bed.char.low, bed.char.high, 'L', system)} of char at its end, by what went in`;
	const dipped = bed.isDipped ? ', dipped' : ', by the layers';
	return `About ${percent(bed.full.value)} full, ${saySpan(bed.char.low, bed.char.high, 'L', system)} of char so far${dipped}`;
}

/** Nobody plans a feeding by the clock so far ahead. */
const farOff_h = 4;

/** "Fed on until its wood is gone: five to nine layers, until about 16:10 to 16:50, and 90 to 140 L of char" */
export function endWords(
	{ by, char, layers, low_ms, high_ms }: Ending,
	now: Almanac,
	system: System | undefined
): string {
	const litres = `${saySpan(char.low, char.high, 'L', system)} of char at the end.`;
	const soonest = Math.floor((low_ms - now.now_ms) / hours(1));
	if (soonest >= farOff_h)
		return `${by === 'wood' ? 'Its wood would last' : 'It would be full'} only in ${soonest} to ${Math.ceil((high_ms - now.now_ms) / hours(1))} hours at this pace; then ${litres}`;
	const [few, most] = [Math.max(1, Math.round(layers.low)), Math.ceil(layers.high)];
	const more = few === most ? count(most, 'layer', 'layers') : `${few} to ${most} layers`;
	const times = [low_ms, high_ms].map((ms) => sayTime(ms, now));
	return `Fed on until ${by === 'wood' ? 'its wood is gone' : 'it is full'}: ${more} more, burnt down between ${times[0]} and ${times[1]}, and ${litres}`;
}

/** "Nine layers, six minutes between them; 14 min of smoke" */
export function courseWords(sums: CourseSums, system: System | undefined): string {
	const told = [
		`${count(sums.layers, 'layer', 'layers')}${sums.between_min === undefined ? '' : `, ${whole(sums.between_min)} between them`}`,
		...(sums.toWhite_min === undefined ? [] : [`${whole(sums.toWhite_min)} to white edges`]),
		...(sums.early > 0 ? [`${sums.early} early`] : []),
		...(sums.late > 0 ? [`${sums.late} late`] : []),
		...(sums.heavy > 0 ? [`${sums.heavy} that smoked`] : []),
		`${whole(sums.smoke_min)} of smoke`,
		...(sums.hottest_c === undefined
			? []
			: [`${say(sums.hottest_c, '°C', system)} at the hottest`]),
		...(sums.water_l > 0 ? [`${say(sums.water_l, 'L', system)} of water`] : []),
		...(sums.people.length > 1 ? [`tapped by ${list(sums.people)}`] : [])
	];
	return `${capital(told.join(', '))}.`;
}

/** Beside one's best fire of that way; several differ in more than one thing, so none of it is a proof. */
export function besideBest(
	best: { readonly code: string; readonly massYield: number; readonly sums: CourseSums },
	system: System | undefined
): string {
	return `Your best of this way that was tapped, ${best.code} with ${percent(best.massYield)} of its wood: ${courseWords(best.sums, system)}`;
}
