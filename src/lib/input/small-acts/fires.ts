import { doings, layerSizes, pieceSizes, signs, waterings } from '../../core/tending';
import { limits } from '../limits';
import { smallAct, type SmallAct } from './declare';

const choices = <Value extends string>(values: readonly Value[]) =>
	values.map((value) => ({ value, label: value.replaceAll('-', ' ') }));

/** What is tapped beside a fire: each is an act on the burn. */
export const ofFires: readonly SmallAct[] = [
	smallAct({
		verb: 'lay-layer',
		what: 'layer',
		on: ['burn'],
		fields: [
			{ name: 'layer', key: 'layer', label: 'It is', said: 'layer', oneOf: choices(layerSizes) },
			{
				name: 'pieces',
				key: 'pieces',
				label: 'Its pieces',
				said: 'pieces',
				isOptional: true,
				oneOf: choices(pieceSizes)
			},
			{
				name: 'litres',
				key: 'litres',
				label: 'Measured, loose',
				said: 'measured',
				isOptional: true,
				reads: limits.fire.litres
			}
		],
		did: 'layer laid on',
		asks: 'Lay a layer on',
		button: 'The layer is on',
		line: {
			word: 'layer',
			about: 'a fire',
			example: 'layer F7 usual',
			does: 'a layer went on: thin, usual or thick, with litres where they were measured'
		},
		sheet: 'layers'
	}),
	smallAct({
		verb: 'see-fire',
		what: 'fire-sign',
		on: ['burn'],
		fields: [{ name: 'sign', key: 'sign', label: 'Seen', said: 'seen', oneOf: choices(signs) }],
		did: 'seen',
		asks: 'Say what is seen',
		button: 'It was seen',
		line: {
			word: 'seen',
			about: 'a fire',
			example: 'seen F7 white-edges',
			does: 'what a fire showed: white-edges, flames-high, smoke-none, gust, glow-at-floor'
		},
		sheet: 'fire-signs'
	}),
	smallAct({
		verb: 'tend-fire',
		what: 'fire-doing',
		on: ['burn'],
		fields: [{ name: 'doing', key: 'doing', label: 'Done', said: 'done', oneOf: choices(doings) }],
		did: 'tended',
		asks: 'Say what was done',
		button: 'It was done',
		line: {
			word: 'tend',
			about: 'a fire',
			example: 'tend F7 feeding-done',
			does: 'what was done with a fire: poke, feeding-done, burner-on, stir, cap, tip, shut'
		},
		sheet: 'fire-doings'
	}),
	smallAct({
		verb: 'fire-water',
		what: 'fire-water',
		on: ['burn'],
		fields: [
			{
				name: 'water',
				key: 'water',
				label: 'The water',
				said: 'water',
				oneOf: choices(waterings)
			},
			{
				name: 'litres',
				key: 'litres',
				label: 'From a can or tank',
				said: 'litres',
				isOptional: true,
				reads: limits.fire.poured
			},
			{
				name: 'rate',
				key: 'l_min',
				label: 'The hose gives a minute',
				said: 'a minute',
				isOptional: true,
				reads: limits.told.hoseRate
			}
		],
		did: 'watered',
		asks: 'Water it',
		button: 'Keep the water',
		line: {
			word: 'hose',
			about: 'a fire',
			example: 'hose F7 start',
			does: 'water of a quench: start, stop, or poured with its litres'
		},
		sheet: 'fire-waters'
	}),
	smallAct({
		verb: 'read-fire',
		what: 'temperature',
		on: ['burn'],
		fields: [
			{
				name: 'temperature',
				key: 'temperature_c',
				label: 'It is now',
				said: 'temperature',
				reads: limits.temperature.temperature
			},
			{
				name: 'by',
				key: 'by',
				label: 'Read by',
				said: 'read by',
				isOptional: true,
				oneOf: [
					{ value: 'gun', label: 'gun', means: 'it reads the surface' },
					{ value: 'probe', label: 'probe', means: 'it reads the bed' }
				]
			}
		],
		did: 'temperature read',
		asks: 'Read its temperature',
		button: 'Keep the reading'
	}),
	smallAct({
		verb: 'dip-fire',
		what: 'fire-depth',
		on: ['burn'],
		fields: [
			{
				name: 'depth',
				key: 'depth_m',
				label: 'Char and embers stand',
				said: 'depth',
				reads: limits.burn.depth
			}
		],
		did: 'dipped',
		asks: 'Dip a stick',
		button: 'So high it stands',
		line: {
			word: 'dip',
			about: 'a fire',
			example: 'dip F7 42 cm',
			does: 'how high char and embers stand in it'
		},
		sheet: 'fire-depths'
	}),
	smallAct({
		verb: 'quench-fire',
		what: 'quenched',
		on: ['burn'],
		fields: [],
		did: 'quenched',
		asks: 'It is quenched',
		button: 'It is quenched',
		line: {
			word: 'quenched',
			about: 'a fire',
			example: 'quenched F7',
			does: 'a fire was put out; only passed checks prove that it is'
		},
		sheet: 'quenches'
	})
];
