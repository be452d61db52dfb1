import { presses, tapKinds, type PressName } from '../../core/tending';
import { minutes } from '../../core/time';
import type { LightInput } from '../../input/lighting';
import { smallActOf } from '../../input/small-acts';
import { lightBurn } from '../usecases/light-burn';
import { doSmall } from '../usecases/small-act';
import type { Diary, Moment } from './diary';

/** What was tapped so many minutes after the match: a tap by its name, or what a gun read or a can held. */
type Step = readonly [
	min: number,
	tap:
		PressName | { readonly heat: number } | { readonly poured: number } | { readonly dip_m: number }
];

/** Tap one after the other at a fire. */
export function tapAlong(
	diary: Diary,
	code: string,
	lit_ms: number,
	by: Moment['by'],
	steps: readonly Step[]
): void {
	for (const [min, tap] of steps) {
		const at_ms = lit_ms + Math.round(minutes(min));
		const small = (verb: string, found: Readonly<Record<string, unknown>>) =>
			diary.enter({ at_ms, by }, doSmall, { verb, of: 'fire', name: code, found });
		if (typeof tap !== 'string') {
			if ('heat' in tap) small('read-fire', { temperature_c: tap.heat, by: 'gun' });
			else if ('dip_m' in tap) small('dip-fire', { depth_m: tap.dip_m });
			else small('fire-water', { water: 'poured', litres: tap.poured });
			continue;
		}
		const { verb, told } = presses[tap];
		const { is, ...found } = told;
		// What a tap says is what its act writes down.
		if (tapKinds[smallActOf(verb).what as keyof typeof tapKinds] === is) small(verb, found);
	}
}

/** A steady fire: layers at the cue, the first ones thin, one fed early that flared, one late. */
export const steady: readonly Step[] = [
	[0.5, 'layer'],
	[8, 'smoke-some'],
	[11, 'smoke-none'],
	[14, 'white'],
	[14.6, 'layer-thin'],
	[21, 'white'],
	[21.5, 'layer'],
	[30, { heat: 560 }],
	[30.4, 'white'],
	[31, 'layer'],
	[34, 'layer'],
	[34.6, 'flames'],
	[44, 'white'],
	[44.4, 'layer-thick-pieces'],
	[56, 'white'],
	[56.6, 'layer'],
	[58, { heat: 640 }],
	[64, 'gust'],
	[66, 'white']
];

/** The same to its end: the last layers fine, then water. */
export const toTheEnd: readonly Step[] = [
	...steady,
	[66.5, 'layer'],
	[70, { dip_m: 0.36 }],
	[75, 'white'],
	[81, 'layer'],
	[82, 'smoke-thick'],
	[85, 'smoke-none'],
	[90, 'white'],
	[90.5, 'layer'],
	[99, 'white'],
	[99.6, 'layer-fine-pieces'],
	[107, { heat: 655 }],
	[108, 'white'],
	[108.4, 'layer-fine-pieces'],
	[117, 'fed'],
	[128, { poured: 90 }],
	[131, { poured: 90 }],
	[134, { poured: 90 }],
	[136, 'quenched']
];

/** A fire that is lit straight away, by its code. */
export const lit = (diary: Diary, moment: Moment, input: LightInput): string =>
	diary.enter(
		moment,
		(...given: Parameters<typeof lightBurn>) => {
			const outcome = lightBurn(...given);
			// It leads to where it is tended: its code stands before that.
			return outcome.status === 'done'
				? { ...outcome, path: outcome.path.replace(/\/now$/, '') }
				: outcome;
		},
		input
	);

/** A pit that burns as one looks: somebody stands beside it. */
export function burnNow(diary: Diary): void {
	const lit_ms = diary.now_ms - minutes(71);
	const code = lit(
		diary,
		{ at_ms: lit_ms, by: 'Bram' },
		{ vessel: 'Ditch', wood: { class: 'light-hardwood', diameter_m: 0.025, water: 0.16 } }
	);
	tapAlong(diary, code, lit_ms, 'Bram', [...steady, [66.4, 'layer']]);
}
